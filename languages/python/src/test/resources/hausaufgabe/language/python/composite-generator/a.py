from __future__ import annotations
from abc import ABC, abstractmethod
from typing import Iterator


class Cargo(ABC):
    def __init__(self, label: str) -> None:
        self.label = label

    @abstractmethod
    def weight(self) -> float: ...

    @abstractmethod
    def lines(self, depth: int = 0) -> Iterator[str]: ...


class Crate(Cargo):
    def __init__(self, label: str, kilos: float) -> None:
        super().__init__(label)
        self._kilos = kilos

    def weight(self) -> float:
        return self._kilos

    def lines(self, depth: int = 0) -> Iterator[str]:
        yield "  " * depth + f"{self.label} ({self._kilos} kg)"


class Container(Cargo):
    TARE = 2200.0

    def __init__(self, label: str) -> None:
        super().__init__(label)
        self._inside: dict[str, Cargo] = {}

    def load(self, cargo: Cargo) -> Container:
        if cargo is self:
            raise ValueError("a container cannot hold itself")
        if cargo.label in self._inside:
            raise KeyError(cargo.label)
        self._inside[cargo.label] = cargo
        return self

    def unload(self, label: str) -> Cargo:
        return self._inside.pop(label)

    def weight(self) -> float:
        return self.TARE + sum(c.weight() for c in self._inside.values())

    def lines(self, depth: int = 0) -> Iterator[str]:
        yield "  " * depth + self.label
        for c in self._inside.values():
            yield from c.lines(depth + 1)


if __name__ == "__main__":
    ship = Container("hold").load(Container("C-12").load(Crate("tea", 40)).load(Crate("nails", 120))).load(Crate("rope", 15))
    print("\n".join(ship.lines()))
    print(ship.weight())
