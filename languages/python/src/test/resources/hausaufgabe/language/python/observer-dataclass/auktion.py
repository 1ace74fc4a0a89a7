from dataclasses import dataclass, field
from typing import Protocol


@dataclass(frozen=True)
class Gebot:
    bieter: str
    betrag: int


class Horcher(Protocol):
    def gebot_abgegeben(self, gebot: Gebot) -> None: ...

    def zugeschlagen(self, gebot: Gebot | None) -> None: ...


@dataclass
class Los:
    titel: str
    mindest: int = 1
    _gebote: list[Gebot] = field(default_factory=list, init=False)
    _horcher: list[Horcher] = field(default_factory=list, init=False, repr=False)
    _zu: bool = field(default=False, init=False)

    def horche(self, horcher: Horcher) -> None:
        self._horcher.append(horcher)

    def horche_nicht_mehr(self, horcher: Horcher) -> None:
        self._horcher.remove(horcher)

    def biete(self, bieter: str, betrag: int) -> Gebot:
        if self._zu:
            raise RuntimeError("zugeschlagen")
        hoechstes = self._gebote[-1].betrag if self._gebote else self.mindest - 1
        if betrag <= hoechstes:
            raise ValueError(f"mehr als {hoechstes}, bitte")
        gebot = Gebot(bieter, betrag)
        self._gebote.append(gebot)
        for h in self._horcher[:]:
            h.gebot_abgegeben(gebot)
        return gebot

    def schlage_zu(self) -> None:
        self._zu = True
        letztes = self._gebote[-1] if self._gebote else None
        for h in self._horcher[:]:
            h.zugeschlagen(letztes)


class Saal:
    def __init__(self):
        self.zeilen = []

    def gebot_abgegeben(self, gebot):
        self.zeilen.append(f"{gebot.betrag} von {gebot.bieter}")

    def zugeschlagen(self, gebot):
        self.zeilen.append("zum dritten" if gebot else "bleibt liegen")


class Kasse:
    def __init__(self):
        self.offen = {}

    def gebot_abgegeben(self, gebot):
        pass

    def zugeschlagen(self, gebot):
        if gebot is not None:
            self.offen[gebot.bieter] = self.offen.get(gebot.bieter, 0) + gebot.betrag


if __name__ == "__main__":
    los = Los("Anker", mindest=10)
    saal, kasse = Saal(), Kasse()
    los.horche(saal)
    los.horche(kasse)
    los.biete("Okke", 10)
    los.biete("Nis", 15)
    los.schlage_zu()
    print(saal.zeilen, kasse.offen)
