class Voyage:
    def __init__(self, start, stops, crew, cargo):
        self.start = start
        self.stops = tuple(stops)
        self.crew = crew
        self.cargo = cargo

    def summary(self):
        return f"{self.start} via {', '.join(self.stops)}, {self.crew} on board, {self.cargo} t"


class VoyageBuilder:
    def __init__(self, start):
        self._start = start
        self._stops = []
        self._crew = 1
        self._cargo = 0

    def via(self, stop):
        self._stops.append(stop)
        return self

    def crew(self, n):
        if n < 1:
            raise ValueError("somebody must steer")
        self._crew = n
        return self

    def cargo(self, tons):
        self._cargo = tons
        return self

    def build(self):
        return Voyage(self._start, self._stops, self._crew, self._cargo)


class Planner:
    def short_trip(self, builder):
        return builder.via("Sandbank").crew(3).build()


if __name__ == "__main__":
    print(VoyageBuilder("Nordhafen").via("Mole").via("Insel").cargo(4).build().summary())
    print(Planner().short_trip(VoyageBuilder("Nordhafen")).summary())
