class Einmal(type):
    _instanzen = {}

    def __call__(cls, *args, **kwargs):
        if cls not in cls._instanzen:
            cls._instanzen[cls] = super().__call__(*args, **kwargs)
        return cls._instanzen[cls]


class Leuchtturm(metaclass=Einmal):
    def __init__(self):
        self.blinkt = 0

    def blinke(self):
        self.blinkt += 1


Leuchtturm().blinke()
print(Leuchtturm().blinkt)
