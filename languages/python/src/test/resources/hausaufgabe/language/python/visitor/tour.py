from abc import ABC, abstractmethod


class Building(ABC):
    @abstractmethod
    def accept(self, visitor):
        """Lets a visitor in."""


class Lighthouse(Building):
    def __init__(self, steps):
        self.steps = steps

    def accept(self, visitor):
        return visitor.visit_lighthouse(self)


class Warehouse(Building):
    def __init__(self, area):
        self.area = area

    def accept(self, visitor):
        return visitor.visit_warehouse(self)


class Inspector(ABC):
    @abstractmethod
    def visit_lighthouse(self, house): ...

    @abstractmethod
    def visit_warehouse(self, house): ...


class TaxInspector(Inspector):
    def visit_lighthouse(self, house):
        return 100

    def visit_warehouse(self, house):
        return house.area * 3


class FireInspector(Inspector):
    def visit_lighthouse(self, house):
        return house.steps // 40

    def visit_warehouse(self, house):
        return house.area // 200 + 1


if __name__ == "__main__":
    street = [Lighthouse(160), Warehouse(900)]
    for inspector in (TaxInspector(), FireInspector()):
        print(sum(b.accept(inspector) for b in street))
