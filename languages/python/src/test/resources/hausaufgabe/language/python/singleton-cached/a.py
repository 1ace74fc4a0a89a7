from functools import lru_cache


class Seekarte:
    def __init__(self):
        self.tiefen = {}

    def lote(self, ort, tiefe):
        self.tiefen[ort] = tiefe


@lru_cache(maxsize=None)
def seekarte():
    return Seekarte()


seekarte().lote("Mole", 4)
print(seekarte().tiefen)
