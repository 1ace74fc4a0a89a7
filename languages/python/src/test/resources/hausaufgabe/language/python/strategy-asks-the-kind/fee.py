from abc import ABC, abstractmethod


class Fee(ABC):
    @abstractmethod
    def of(self, metres): ...


class ByMetre(Fee):
    def of(self, metres):
        return 2 * metres


class Flat(Fee):
    def of(self, metres):
        return 15


class Office:
    def __init__(self, fee):
        self.fee = fee

    def bill(self, metres):
        if isinstance(self.fee, ByMetre):
            return 2 * metres
        elif isinstance(self.fee, Flat):
            return 15
        return 0


print(Office(ByMetre()).bill(4), Office(Flat()).bill(4))
