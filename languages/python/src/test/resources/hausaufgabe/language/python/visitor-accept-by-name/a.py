import re


class Part:
    def accept(self, visitor):
        name = "visit_" + re.sub(r"(?<!^)(?=[A-Z])", "_", type(self).__name__).lower()
        return getattr(visitor, name)(self)


class Plank(Part):
    def __init__(self, length):
        self.length = length


class SteelBeam(Part):
    def __init__(self, length, profile):
        self.length = length
        self.profile = profile


class Frame(Part):
    def __init__(self):
        self.parts = []

    def add(self, part):
        self.parts.append(part)
        return self


class Weight:
    def visit_plank(self, plank):
        return 3 * plank.length

    def visit_steel_beam(self, beam):
        return {"I": 12, "H": 20}[beam.profile] * beam.length

    def visit_frame(self, frame):
        return sum(p.accept(self) for p in frame.parts)


class PartsList:
    def __init__(self):
        self.lines = []

    def visit_plank(self, plank):
        self.lines.append(f"plank {plank.length} m")

    def visit_steel_beam(self, beam):
        self.lines.append(f"beam {beam.profile} {beam.length} m")

    def visit_frame(self, frame):
        self.lines.append(f"frame of {len(frame.parts)}")
        for p in frame.parts:
            p.accept(self)


if __name__ == "__main__":
    pier = Frame().add(Plank(4)).add(SteelBeam(6, "H")).add(Frame().add(Plank(2)))
    print(pier.accept(Weight()))
    wanted = PartsList()
    pier.accept(wanted)
    print(wanted.lines)
