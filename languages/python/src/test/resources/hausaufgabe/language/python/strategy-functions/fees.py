"""Berths are charged by rules that are plain functions."""
from typing import Callable


def by_metre(length: float, nights: int) -> float:
    return 2.5 * length * nights


def flat(length: float, nights: int) -> float:
    return 18.0 * nights


def with_discount(rate: float) -> Callable[[float, int], float]:
    def discounted(length: float, nights: int) -> float:
        return by_metre(length, nights) * (1 - rate)

    return discounted


class HarbourOffice:
    def __init__(self, rule: Callable[[float, int], float] = by_metre):
        self._rule = rule
        self.takings = 0.0

    def use(self, rule: Callable[[float, int], float]) -> None:
        self._rule = rule

    def charge(self, length: float, nights: int) -> float:
        if nights < 1:
            raise ValueError("at least one night")
        fee = self._rule(length, nights)
        self.takings += fee
        return fee


if __name__ == "__main__":
    office = HarbourOffice()
    print(office.charge(9, 2))
    office.use(flat)
    print(office.charge(9, 2))
    office.use(with_discount(0.2))
    print(office.charge(9, 2), office.takings)
