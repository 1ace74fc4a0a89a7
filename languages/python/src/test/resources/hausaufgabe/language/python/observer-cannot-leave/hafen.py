from __future__ import annotations
from abc import ABC, abstractmethod
from enum import Enum, auto
from typing import Dict, List


class Ereignis(Enum):
    ANKUNFT = auto()
    ABFAHRT = auto()
    STURM = auto()


class Beobachter(ABC):
    @abstractmethod
    def benachrichtige(self, ereignis: Ereignis, schiff: str) -> None:
        """Wird bei jedem Ereignis gerufen, fuer das man angemeldet ist."""


class Hafen:
    def __init__(self) -> None:
        self._beobachter: Dict[Ereignis, List[Beobachter]] = {e: [] for e in Ereignis}
        self._schiffe: List[str] = []

    def anmelden(self, beobachter: Beobachter, *ereignisse: Ereignis) -> None:
        for e in ereignisse or Ereignis:
            if beobachter not in self._beobachter[e]:
                self._beobachter[e].append(beobachter)

    def abmelden(self, beobachter: Beobachter) -> None:
        for liste in self._beobachter.values():
            if beobachter in liste:
                list(liste).remove(beobachter)

    def _melde(self, ereignis: Ereignis, schiff: str = "") -> None:
        for b in tuple(self._beobachter[ereignis]):
            b.benachrichtige(ereignis, schiff)

    def ankunft(self, schiff: str) -> None:
        if schiff in self._schiffe:
            raise ValueError(f"{schiff} liegt schon hier")
        self._schiffe.append(schiff)
        self._melde(Ereignis.ANKUNFT, schiff)

    def abfahrt(self, schiff: str) -> None:
        self._schiffe.remove(schiff)
        self._melde(Ereignis.ABFAHRT, schiff)

    def sturmwarnung(self) -> None:
        self._melde(Ereignis.STURM)


class Zoll(Beobachter):
    def __init__(self) -> None:
        self.kontrollen = 0

    def benachrichtige(self, ereignis: Ereignis, schiff: str) -> None:
        self.kontrollen += 1


class Anzeige(Beobachter):
    def __init__(self) -> None:
        self.text = ""

    def benachrichtige(self, ereignis: Ereignis, schiff: str) -> None:
        self.text = f"{ereignis.name.lower()}: {schiff}" if schiff else ereignis.name.lower()


class Lotse(Beobachter):
    def __init__(self, name: str) -> None:
        self.name = name
        self.auftraege: List[str] = []

    def benachrichtige(self, ereignis: Ereignis, schiff: str) -> None:
        if ereignis is Ereignis.STURM:
            self.auftraege.clear()
        else:
            self.auftraege.append(schiff)


def main() -> None:
    hafen = Hafen()
    zoll, anzeige, lotse = Zoll(), Anzeige(), Lotse("Nis")
    hafen.anmelden(zoll, Ereignis.ANKUNFT)
    hafen.anmelden(anzeige)
    hafen.anmelden(lotse, Ereignis.ANKUNFT, Ereignis.STURM)
    hafen.ankunft("Seeschwalbe")
    hafen.ankunft("Okke")
    print(zoll.kontrollen, anzeige.text, lotse.auftraege)
    hafen.abmelden(zoll)
    hafen.abfahrt("Okke")
    hafen.sturmwarnung()
    print(zoll.kontrollen, anzeige.text, lotse.auftraege)


if __name__ == "__main__":
    main()
