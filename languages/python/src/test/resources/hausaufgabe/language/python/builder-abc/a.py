from abc import ABC, abstractmethod


class Haus:
    def __init__(self):
        self.teile = []

    def zeige(self):
        return ", ".join(self.teile)


class HausBauer(ABC):
    @abstractmethod
    def baue_wand(self): ...

    @abstractmethod
    def baue_dach(self): ...

    @abstractmethod
    def haus(self): ...


class HolzBauer(HausBauer):
    def __init__(self):
        self.neu()

    def neu(self):
        self._haus = Haus()

    def baue_wand(self):
        self._haus.teile.append("Holzwand")

    def baue_dach(self):
        self._haus.teile.append("Reetdach")

    def haus(self):
        fertig = self._haus
        self.neu()
        return fertig


class SteinBauer(HausBauer):
    def __init__(self):
        self._haus = Haus()

    def baue_wand(self):
        self._haus.teile.append("Ziegelwand")

    def baue_dach(self):
        self._haus.teile.append("Schieferdach")

    def haus(self):
        fertig, self._haus = self._haus, Haus()
        return fertig


class Polier:
    def __init__(self, bauer):
        self.bauer = bauer

    def kate(self):
        self.bauer.baue_wand()
        self.bauer.baue_dach()
        return self.bauer.haus()


print(Polier(HolzBauer()).kate().zeige(), Polier(SteinBauer()).kate().zeige())
