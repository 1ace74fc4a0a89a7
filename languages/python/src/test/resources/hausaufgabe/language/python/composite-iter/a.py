from __future__ import annotations
from abc import ABC, abstractmethod
from dataclasses import dataclass, field

class Posten(ABC):
    @abstractmethod
    def preis(self) -> float: ...
    def __iter__(self):
        yield self

@dataclass
class Ware(Posten):
    name: str
    cent: int
    def preis(self) -> float:
        return self.cent / 100

@dataclass
class Paket(Posten):
    teile: list[Posten] = field(default_factory=list)
    rabatt: float = 0.0
    def dazu(self, teil: Posten) -> Paket:
        self.teile.append(teil)
        return self
    def weg(self, teil: Posten):
        self.teile.remove(teil)
    def preis(self) -> float:
        return sum(t.preis() for t in self.teile) * (1 - self.rabatt)
    def __iter__(self):
        yield self
        for t in self.teile:
            yield from t

p = Paket().dazu(Ware("Tau", 1250)).dazu(Paket(rabatt=0.1).dazu(Ware("Anker", 9900)))
print(round(p.preis(), 2), sum(1 for _ in p))
