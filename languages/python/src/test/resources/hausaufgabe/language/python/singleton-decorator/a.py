def einzig(klasse):
    instanzen = {}

    def hole(*args, **kwargs):
        if klasse not in instanzen:
            instanzen[klasse] = klasse(*args, **kwargs)
        return instanzen[klasse]

    return hole


@einzig
class Leuchtturm:
    def __init__(self):
        self.blinkt = 0

    def blinke(self):
        self.blinkt += 1


Leuchtturm().blinke()
print(Leuchtturm().blinkt)
