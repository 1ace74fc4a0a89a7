class HarbourClock:
    _clock = None

    def __init__(self):
        self.minutes = 0

    @classmethod
    def instance(cls):
        return cls()

    def tick(self):
        self.minutes += 1


def main():
    HarbourClock.instance().tick()
    print(HarbourClock.instance().minutes)


main()
