from abc import ABC, abstractmethod


class Boat(ABC):
    @abstractmethod
    def crew(self) -> int: ...


class Dinghy(Boat):
    def crew(self):
        return 2


class Cutter(Boat):
    def crew(self):
        return 6


class Barge(Boat):
    def crew(self):
        return 4


class Yard:
    KINDS = {"dinghy": Dinghy, "cutter": Cutter, "barge": Barge}

    def build(self, kind: str) -> Boat:
        try:
            return self.KINDS[kind]()
        except KeyError:
            raise ValueError(f"no such boat: {kind}") from None


if __name__ == "__main__":
    yard = Yard()
    print(sum(yard.build(k).crew() for k in ("dinghy", "cutter", "barge")))
