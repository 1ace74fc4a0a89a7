class Board:
    def __init__(self):
        self.lines = {}

    def level_changed(self, place, level):
        self.lines[place] = level


class Siren:
    LIMIT = 350

    def __init__(self):
        self.howls = False

    def level_changed(self, place, level):
        self.howls = level > self.LIMIT


class Logbook:
    def __init__(self):
        self._entries = []

    def level_changed(self, place, level):
        self._entries.append(f"{place}: {level}")

    def pages(self):
        return len(self._entries) // 40 + 1
