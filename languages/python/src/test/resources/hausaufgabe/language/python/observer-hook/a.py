"""Property setter tells; listeners are kept by kind in a dict of lists."""
from collections import defaultdict


class Kessel:
    def __init__(self):
        self._druck = 0
        self._hoerer = defaultdict(list)

    def bei(self, ereignis, hoerer):
        self._hoerer[ereignis].append(hoerer)

    def nicht_mehr(self, ereignis, hoerer):
        self._hoerer[ereignis].remove(hoerer)

    @property
    def druck(self):
        return self._druck

    @druck.setter
    def druck(self, wert):
        if wert < 0:
            raise ValueError("Druck")
        self._druck = wert
        self._melde("druck", wert)

    def _melde(self, ereignis, *werte):
        for h in self._hoerer[ereignis]:
            h(*werte)


class Ventil:
    def __init__(self):
        self.offen = False

    def pruefe(self, druck):
        self.offen = druck > 8


class Protokoll:
    def __init__(self):
        self.werte = []

    def notiere(self, druck):
        self.werte.append(druck)


kessel = Kessel()
ventil, protokoll = Ventil(), Protokoll()
kessel.bei("druck", ventil.pruefe)
kessel.bei("druck", protokoll.notiere)
kessel.druck = 9
print(ventil.offen, protokoll.werte)
