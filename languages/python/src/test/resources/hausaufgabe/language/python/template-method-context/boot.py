import abc


class Fahrt(abc.ABC):
    def __init__(self, boot):
        self.boot = boot
        self.protokoll = []

    def fahre(self, ziel):
        self.protokoll.clear()
        self.protokoll.append(self._ablegen())
        for punkt in self._weg(ziel):
            self.protokoll.append(punkt)
        self._anlegen(ziel)
        return " - ".join(self.protokoll)

    def _ablegen(self):
        return f"{self.boot} legt ab"

    @abc.abstractmethod
    def _weg(self, ziel):
        ...

    def _anlegen(self, ziel):
        self.protokoll.append(f"fest in {ziel}")


class Lotsenfahrt(Fahrt):
    def _weg(self, ziel):
        return ["Tonne 3", "Tonne 7"]


class Rundfahrt(Fahrt):
    def __init__(self, boot, runden):
        super().__init__(boot)
        self.runden = runden

    def _weg(self, ziel):
        return [f"Runde {n + 1}" for n in range(self.runden)]

    def _anlegen(self, ziel):
        super()._anlegen(ziel)
        self.protokoll.append("Gäste von Bord")


if __name__ == "__main__":
    for fahrt in (Lotsenfahrt("Möwe"), Rundfahrt("Anke", 2)):
        print(fahrt.fahre("Nordhafen"))
