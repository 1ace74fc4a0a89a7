from typing import Callable, Dict

Regel = Callable[[int, int], int]

REGELN: Dict[str, Regel] = {}


def regel(name):
    def merke(f):
        REGELN[name] = f
        return f

    return merke


@regel("kurz")
def kuerzeste(strecke, wind):
    return strecke


@regel("schnell")
def schnellste(strecke, wind):
    return strecke - wind * 2 if wind > 0 else strecke + 5


@regel("sicher")
def sicherste(strecke, wind):
    return strecke + abs(wind) * 3


class Navigator:
    def __init__(self, regel="kurz"):
        self.waehle(regel)

    def waehle(self, name):
        if callable(name):
            self._regel = name
            return
        try:
            self._regel = REGELN[name]
        except KeyError:
            raise ValueError(f"keine Regel {name}; es gibt {', '.join(REGELN)}") from None

    def dauer(self, strecke, wind=0):
        if strecke <= 0:
            raise ValueError("keine Strecke")
        return max(1, self._regel(strecke, wind))


if __name__ == "__main__":
    n = Navigator()
    print(n.dauer(30, 4))
    n.waehle("schnell")
    print(n.dauer(30, 4))
    n.waehle(lambda s, w: s // 2)
    print(n.dauer(30, 4))
