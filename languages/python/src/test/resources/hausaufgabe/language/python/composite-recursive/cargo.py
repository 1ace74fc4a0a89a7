from __future__ import annotations
from typing import Iterable


class Ladung:
    def gewicht(self) -> int:
        raise NotImplementedError

    def liste(self, tiefe: int = 0) -> str:
        raise NotImplementedError


class Kiste(Ladung):
    def __init__(self, name: str, kilo: int) -> None:
        if kilo <= 0:
            raise ValueError("Gewicht fehlt")
        self.name = name
        self.kilo = kilo

    def gewicht(self) -> int:
        return self.kilo

    def liste(self, tiefe: int = 0) -> str:
        return "  " * tiefe + self.name


class Container(Ladung):
    def __init__(self, nummer: str, inhalt: Iterable[Ladung] = ()) -> None:
        self.nummer = nummer
        self._inhalt: list[Ladung] = list(inhalt)

    def verlade(self, stueck: Ladung) -> Container:
        self._inhalt.append(stueck)
        return self

    def entlade(self, stueck: Ladung) -> None:
        self._inhalt.remove(stueck)

    def gewicht(self) -> int:
        summe = 2200
        for stueck in self._inhalt:
            summe += stueck.gewicht()
        return summe

    def liste(self, tiefe: int = 0) -> str:
        return "\n".join(["  " * tiefe + self.nummer] + [s.liste(tiefe + 1) for s in self._inhalt])


if __name__ == "__main__":
    innen = Container("K-2").verlade(Kiste("Tee", 40))
    aussen = Container("K-1", [innen, Kiste("Seil", 15)])
    print(aussen.gewicht())
    print(aussen.liste())
