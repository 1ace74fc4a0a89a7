import abc


class SortStrategy(metaclass=abc.ABCMeta):
    @abc.abstractmethod
    def sort(self, data):
        raise NotImplementedError


class ByName(SortStrategy):
    def sort(self, data):
        return sorted(data, key=lambda b: b.name)


class ByLength(SortStrategy):
    def __init__(self, reverse=False):
        self.reverse = reverse

    def sort(self, data):
        return sorted(data, key=lambda b: b.length, reverse=self.reverse)


class Boat:
    def __init__(self, name, length):
        self.name, self.length = name, length

    def __repr__(self):
        return self.name


class Fleet:
    def __init__(self, strategy=None):
        self._strategy = strategy or ByName()
        self._boats = []

    @property
    def strategy(self):
        return self._strategy

    @strategy.setter
    def strategy(self, strategy):
        self._strategy = strategy

    def add(self, boat):
        self._boats.append(boat)
        return self

    def listing(self):
        return self._strategy.sort(self._boats)


f = Fleet().add(Boat("Bo", 7)).add(Boat("Anna", 9))
print(f.listing())
f.strategy = ByLength(reverse=True)
print(f.listing())
