def einzig(klasse):
    def hole(*args):
        instanz = klasse(*args)
        return instanz
    return hole


@einzig
class Leuchtturm:
    def __init__(self):
        self.blinkt = 0


print(Leuchtturm() is Leuchtturm())
