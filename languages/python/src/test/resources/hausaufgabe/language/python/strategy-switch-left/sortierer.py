"""Sortierung der Warteschlange am Fischmarkt: die Regel ist austauschbar."""
import heapq
from dataclasses import dataclass
from operator import attrgetter


@dataclass
class Kiste:
    fisch: str
    kilo: float
    stunden: int


class Regel:
    def schluessel(self, kiste):
        raise NotImplementedError()

    def __str__(self):
        return type(self).__name__


class Frischeste(Regel):
    def schluessel(self, kiste):
        return kiste.stunden


class Schwerste(Regel):
    def schluessel(self, kiste):
        return -kiste.kilo


class Alphabetisch(Regel):
    def schluessel(self, kiste):
        return kiste.fisch.casefold()


class Stand:
    def __init__(self, regel=None):
        self._kisten = []
        self._regel = regel or Frischeste()

    @property
    def regel(self):
        return self._regel

    @regel.setter
    def regel(self, neu):
        if not isinstance(neu, Regel):
            raise TypeError("das ist keine Regel")
        self._regel = neu

    def lege(self, kiste):
        if kiste.kilo <= 0:
            raise ValueError("leere Kiste")
        self._kisten.append(kiste)

    def auslage(self):
        if isinstance(self._regel, Frischeste):
            return sorted(self._kisten, key=lambda k: k.stunden)
        if isinstance(self._regel, Schwerste):
            return sorted(self._kisten, key=lambda k: -k.kilo)
        return sorted(self._kisten, key=lambda k: k.fisch.casefold())

    def naechste(self):
        if not self._kisten:
            return None
        k = min(self._kisten, key=self._regel.schluessel)
        self._kisten.remove(k)
        return k


if __name__ == "__main__":
    s = Stand()
    for f, k, h in [("Dorsch", 12, 5), ("Aal", 3.5, 2), ("Scholle", 20, 9)]:
        s.lege(Kiste(f, k, h))
    print([k.fisch for k in s.auslage()])
    s.regel = Schwerste()
    print([k.fisch for k in s.auslage()], s.regel)
    print(s.naechste())
