from __future__ import annotations
from dataclasses import dataclass


@dataclass(frozen=True)
class Zahl:
    wert: float


@dataclass(frozen=True)
class Plus:
    links: Ausdruck
    rechts: Ausdruck


@dataclass(frozen=True)
class Mal:
    links: Ausdruck
    rechts: Ausdruck


Ausdruck = Zahl | Plus | Mal


class Besucher:
    def besuche(self, a: Ausdruck):
        match a:
            case Zahl():
                return self.zahl(a)
            case Plus():
                return self.plus(a)
            case Mal():
                return self.mal(a)
            case _:
                raise TypeError(a)

    def zahl(self, z: Zahl):
        raise NotImplementedError

    def plus(self, p: Plus):
        raise NotImplementedError

    def mal(self, m: Mal):
        raise NotImplementedError


class Rechner(Besucher):
    def zahl(self, z):
        return z.wert

    def plus(self, p):
        return self.besuche(p.links) + self.besuche(p.rechts)

    def mal(self, m):
        return self.besuche(m.links) * self.besuche(m.rechts)


class Schreiber(Besucher):
    def zahl(self, z):
        return f"{z.wert:g}"

    def plus(self, p):
        return f"({self.besuche(p.links)} + {self.besuche(p.rechts)})"

    def mal(self, m):
        return f"{self.besuche(m.links)} * {self.besuche(m.rechts)}"


if __name__ == "__main__":
    a = Plus(Zahl(1), Mal(Zahl(2), Zahl(3)))
    print(Schreiber().besuche(a), Rechner().besuche(a))
