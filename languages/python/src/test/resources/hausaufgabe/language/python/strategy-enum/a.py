from enum import Enum
from functools import partial

def prozent(satz, summe):
    return summe * satz / 100

def staffel(summe):
    return 5 if summe > 100 else 0

class Kasse:
    def __init__(self, rabatt=staffel):
        self._rabatt = rabatt
        self._posten = []
    @property
    def rabatt(self):
        return self._rabatt
    @rabatt.setter
    def rabatt(self, neu):
        if not callable(neu):
            raise TypeError("Rabatt muss aufrufbar sein")
        self._rabatt = neu
    def buche(self, preis):
        self._posten.append(preis)
    def summe(self):
        brutto = sum(self._posten)
        return brutto - self._rabatt(brutto)

k = Kasse()
k.buche(80); k.buche(40)
print(k.summe())
k.rabatt = partial(prozent, 10)
print(k.summe())
k.rabatt = lambda s: 0
print(k.summe())
