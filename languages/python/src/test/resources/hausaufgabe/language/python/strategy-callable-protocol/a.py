from dataclasses import dataclass, field
from typing import Callable, Protocol


class Fee(Protocol):
    def __call__(self, length: float, nights: int) -> float: ...


def by_length(length: float, nights: int) -> float:
    return 1.8 * length * nights


@dataclass
class Flat:
    amount: float

    def __call__(self, length: float, nights: int) -> float:
        return self.amount * nights


class Weekly:
    def __init__(self, inner: Fee) -> None:
        self.inner = inner

    def __call__(self, length: float, nights: int) -> float:
        weeks, rest = divmod(nights, 7)
        return weeks * 5 * self.inner(length, 1) + self.inner(length, rest)


@dataclass
class Berth:
    name: str
    fee: Fee = by_length
    bookings: list = field(default_factory=list)

    def book(self, boat: str, length: float, nights: int) -> float:
        if nights < 1:
            raise ValueError("at least one night")
        price = round(self.fee(length, nights), 2)
        self.bookings.append((boat, price))
        return price


if __name__ == "__main__":
    b = Berth("B-07")
    print(b.book("Ole", 10.5, 2))
    b.fee = Flat(25)
    print(b.book("Inken", 8, 3))
    b.fee = Weekly(by_length)
    print(b.book("Nis", 8, 9))
    print(b.bookings)
