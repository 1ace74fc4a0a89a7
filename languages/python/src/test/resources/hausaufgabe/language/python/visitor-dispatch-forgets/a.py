from dataclasses import dataclass
from functools import singledispatch
from typing import Union


@dataclass(frozen=True)
class Buoy:
    number: int


@dataclass(frozen=True)
class Lighthouse:
    name: str
    height: int


@dataclass(frozen=True)
class Fairway:
    marks: tuple


Mark = Union[Buoy, Lighthouse, Fairway]


@singledispatch
def describe(mark):
    raise NotImplementedError(f"no description of {mark!r}")


@describe.register
def _(mark: Buoy):
    return f"buoy {mark.number}"


@describe.register
def _(mark: Lighthouse):
    return f"{mark.name}, {mark.height} m"


@describe.register
def _(mark: Fairway):
    return "; ".join(describe(m) for m in mark.marks)


@singledispatch
def upkeep(mark) -> int:
    return 0


@upkeep.register(Buoy)
def upkeep_buoy(mark):
    return 40


@upkeep.register(Lighthouse)
def upkeep_lighthouse(mark):
    return 900 + 10 * mark.height




if __name__ == "__main__":
    way = Fairway((Buoy(3), Buoy(4), Lighthouse("Old Tom", 31)))
    print(describe(way))
    print(upkeep(way))
