from abc import ABC, abstractmethod


class Befehl(ABC):
    @abstractmethod
    def ausfuehren(self): pass

    @abstractmethod
    def rueckgaengig(self): pass


class Licht:
    def __init__(self):
        self.an = False


class LichtAn(Befehl):
    def __init__(self, licht):
        self._licht = licht

    def ausfuehren(self):
        self._licht.an = True

    def rueckgaengig(self):
        self._licht.an = False


class Makro(Befehl):
    def __init__(self, *befehle):
        self._befehle = befehle

    def ausfuehren(self):
        for b in self._befehle:
            b.ausfuehren()

    def rueckgaengig(self):
        for b in reversed(self._befehle):
            b.rueckgaengig()


class Pult:
    def __init__(self):
        self._tasten = {}
        self._verlauf = []

    def belege(self, taste, befehl):
        self._tasten[taste] = befehl

    def druecke(self, taste):
        befehl = self._tasten[taste]
        befehl.ausfuehren()
        self._verlauf.append(befehl)

    def zurueck(self):
        if self._verlauf:
            befehl = self._verlauf.pop()
            befehl.rueckgaengig()


if __name__ == "__main__":
    l = Licht()
    p = Pult()
    p.belege("a", LichtAn(l))
    p.belege("b", Makro(LichtAn(l), LichtAn(Licht())))
    p.druecke("a")
    p.druecke("b")
    p.zurueck()
    print(l.an)
