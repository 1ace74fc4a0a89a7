class Winch:
    def __init__(self):
        self.rope = 0

    def haul(self, metres):
        self.rope += metres
        return self.rope

    def slack(self, metres):
        self.rope = max(0, self.rope - metres)
        return self.rope


class Skipper:
    def __init__(self, name):
        self.name = name
        self._winch = Winch()

    def haul(self, metres):
        return self._winch.haul(metres)

    def slack(self, metres):
        return self._winch.slack(metres)


if __name__ == "__main__":
    s = Skipper("Tede")
    print(s.haul(5), s.slack(2))
