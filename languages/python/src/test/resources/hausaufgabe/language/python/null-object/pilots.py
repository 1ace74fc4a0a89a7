class Pilot:
    def __init__(self, name):
        self.name = name

    def guide(self, ship):
        return f"{self.name} guides {ship}"

    def fee(self):
        return 120


class NoPilot:
    def guide(self, ship):
        return ""

    def fee(self):
        return 0


class Port:
    def __init__(self):
        self._pilots = {}

    def register(self, district, pilot):
        self._pilots[district] = pilot

    def pilot_of(self, district):
        return self._pilots.get(district, NoPilot())

    def bill(self, district, ship):
        pilot = self.pilot_of(district)
        pilot.guide(ship)
        return 300 + pilot.fee()


if __name__ == "__main__":
    port = Port()
    port.register("north", Pilot("Ole"))
    print(port.bill("north", "Anna"), port.bill("south", "Anna"))
