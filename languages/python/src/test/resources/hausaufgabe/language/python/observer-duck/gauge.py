"""A tide gauge tells whoever watches it when the water has risen or fallen."""


class TideGauge:
    def __init__(self, place):
        self.place = place
        self._level = 0
        self._watchers = []

    def attach(self, watcher):
        if watcher not in self._watchers:
            self._watchers.append(watcher)

    def detach(self, watcher):
        self._watchers.remove(watcher)

    @property
    def level(self):
        return self._level

    def measure(self, level):
        if level < -500:
            raise ValueError("no tide falls that far")
        if level != self._level:
            self._level = level
            self._tell()

    def _tell(self):
        for watcher in list(self._watchers):
            watcher.level_changed(self.place, self._level)
