from abc import ABC, abstractmethod


class LockState(ABC):
    @abstractmethod
    def enter(self, lock, ship): ...

    @abstractmethod
    def fill(self, lock): ...

    @abstractmethod
    def drain(self, lock): ...


class Refuses:
    def __init__(self, what):
        self.what = what


class Low(LockState):
    def enter(self, lock, ship):
        lock.ships.append(ship)

    def fill(self, lock):
        lock.level = 5
        lock.state = High()

    def drain(self, lock):
        raise RuntimeError("is drained")


class High(LockState):
    def enter(self, lock, ship):
        raise RuntimeError("closed below")

    def fill(self, lock):
        raise RuntimeError("is full")

    def drain(self, lock):
        lock.level = 0
        lock.ships.clear()
        lock.state = Low()


class Lock:
    def __init__(self):
        self.state = Low()
        self.level = 0
        self.ships = []

    def enter(self, ship):
        self.state.enter(self, ship)

    def fill(self):
        self.state.fill(self)

    def drain(self):
        self.state.drain(self)


if __name__ == "__main__":
    lock = Lock()
    lock.enter("Ole")
    lock.fill()
    try:
        lock.enter("Inken")
    except RuntimeError as e:
        print(e)
    lock.drain()
    print(lock.level, lock.ships)
