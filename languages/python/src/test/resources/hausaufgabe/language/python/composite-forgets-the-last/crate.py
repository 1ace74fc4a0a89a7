from abc import ABC, abstractmethod


class Item(ABC):
    @abstractmethod
    def weight(self): ...


class Barrel(Item):
    def __init__(self, kilos):
        self.kilos = kilos

    def weight(self):
        return self.kilos


class Pallet(Item):
    def __init__(self):
        self.items = []

    def add(self, item):
        self.items.append(item)

    def remove(self, item):
        self.items.remove(item)

    def weight(self):
        return 25


p = Pallet()
p.add(Barrel(80))
print(p.weight())
