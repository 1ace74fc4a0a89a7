class Crane:
    def __init__(self, reach):
        self.reach = reach
        self.position = 0

    def move(self, to):
        if not 0 <= to <= self.reach:
            raise ValueError(f"cannot reach {to}")
        self.position = to
        return self.position

    def lift(self, kilos):
        return f"lifts {kilos} at {self.position}"


class LoggedCrane:
    """Hands everything on to the crane that it was given, and keeps a log of it."""

    def __init__(self, crane):
        self._crane = crane
        self.log = []

    def __getattr__(self, name):
        attribute = getattr(self._crane, name)
        if not callable(attribute):
            return attribute

        def logged(*args):
            self.log.append(name)
            return attribute(*args)

        return logged


class Yard:
    def __init__(self, crane):
        self.crane = crane

    def work(self):
        self.crane.move(12)
        return self.crane.lift(300)


if __name__ == "__main__":
    c = LoggedCrane(Crane(20))
    print(Yard(c).work(), c.log, c.reach)
