class Pilot:
    def __init__(self, name, rate):
        self.name = name
        self._rate = rate
        self.tours = 0

    def guide(self, ship):
        self.tours += 1
        return f"{self.name} guides {ship}"

    def cost(self, hours):
        return self._rate * hours


class NoPilot:
    """A ship that may go alone."""

    name = "nobody"

    def guide(self, ship):
        return ""

    def cost(self, hours):
        return 0

    def __bool__(self):
        return False


NO_PILOT = NoPilot()


class Passage:
    def __init__(self, ship, pilot=NO_PILOT):
        self.ship = ship
        self.pilot = pilot

    def run(self, hours):
        words = self.pilot.guide(self.ship)
        return words, 100 + self.pilot.cost(hours)


class Office:
    def __init__(self):
        self._pilots = {}

    def enrol(self, pilot):
        self._pilots[pilot.name] = pilot

    def pilot(self, name):
        return self._pilots.get(name, NO_PILOT)


if __name__ == "__main__":
    office = Office()
    office.enrol(Pilot("Nis", 80))
    print(Passage("Ole", office.pilot("Nis")).run(2))
    print(Passage("Inken", office.pilot("Kai")).run(2))
