from dataclasses import dataclass, field
from typing import Callable


@dataclass
class Wetterwarte:
    name: str
    _wind: float = 0.0
    _hoerer: list[Callable[[float], None]] = field(default_factory=list)

    def abonniere(self, hoerer):
        self._hoerer.append(hoerer)

    def beende(self, hoerer):
        self._hoerer.remove(hoerer)

    @property
    def wind(self) -> float:
        return self._wind

    @wind.setter
    def wind(self, knoten: float):
        if knoten < 0:
            raise ValueError("Wind hat keine negative Stärke")
        self._wind = knoten
        for hoerer in list(self._hoerer):
            hoerer(knoten)


class Tafel:
    def __init__(self):
        self.zeilen = []

    def zeige(self, knoten):
        self.zeilen.append(f"{knoten} kn")


def warnung(knoten):
    if knoten > 40:
        print("Sturm!")


warte = Wetterwarte("Nordhafen")
tafel = Tafel()
warte.abonniere(tafel.zeige)
warte.abonniere(warnung)
warte.wind = 12.0
warte.wind = 45.0
print(tafel.zeilen)
