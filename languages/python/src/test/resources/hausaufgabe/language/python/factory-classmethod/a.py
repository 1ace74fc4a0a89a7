from __future__ import annotations
from abc import ABC, abstractmethod


class Tier(ABC):
    @staticmethod
    def erzeuge(art: str) -> Tier:
        arten = {"hund": Hund, "katze": Katze}
        if art not in arten:
            raise ValueError(art)
        return arten[art]()

    @abstractmethod
    def laut(self) -> str: ...


class Hund(Tier):
    def laut(self):
        return "wau"


class Katze(Tier):
    def laut(self):
        return "miau"


print(Tier.erzeuge("hund").laut(), Tier.erzeuge("katze").laut())
