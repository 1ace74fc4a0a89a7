from abc import ABC, abstractmethod


class Licht(ABC):
    zeichen = "?"

    @abstractmethod
    def leuchte(self, sekunde): ...


class Fest:
    zeichen = "F"

    def leuchte(self, sekunde):
        return True


class Blink:
    zeichen = "B"

    def __init__(self, takt=4):
        self.takt = takt

    def leuchte(self, sekunde):
        return sekunde % self.takt == 0


class Blitz:
    zeichen = "Z"

    def leuchte(self, sekunde):
        return sekunde % 10 < 1


LICHTER = [Fest, Blink, Blitz]


def licht(zeichen):
    for art in LICHTER:
        if art.zeichen == zeichen:
            return art()
    raise ValueError(f"kein Licht {zeichen!r}")


class Karte:
    def __init__(self):
        self.feuer = {}

    def setze(self, ort, zeichen):
        self.feuer[ort] = licht(zeichen)

    def bild(self, sekunde):
        return {ort: l.leuchte(sekunde) for ort, l in self.feuer.items()}


if __name__ == "__main__":
    k = Karte()
    k.setze("Mole", "F")
    k.setze("Sand", "B")
    print(k.bild(3))
