from dataclasses import dataclass, field
from typing import Protocol


class Posten(Protocol):
    def preis(self) -> float: ...


@dataclass
class Artikel:
    name: str
    betrag: float

    def preis(self) -> float:
        return self.betrag


@dataclass
class Paket:
    name: str
    inhalt: list[Posten] = field(default_factory=list)
    rabatt: float = 0.0

    def lege_dazu(self, posten: Posten) -> "Paket":
        self.inhalt.append(posten)
        return self

    def nimm_heraus(self, posten: Posten) -> None:
        self.inhalt.remove(posten)

    def preis(self) -> float:
        return sum(p.preis() for p in self.inhalt) * (1 - self.rabatt)


korb = Paket("Korb", rabatt=0.1).lege_dazu(Artikel("Tau", 12)).lege_dazu(Paket("Set").lege_dazu(Artikel("Anker", 80)))
print(korb.preis())
