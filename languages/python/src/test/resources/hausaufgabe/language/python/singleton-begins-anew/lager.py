class Lager:
    _lager = None

    def __new__(cls):
        if cls._lager is None:
            cls._lager = super().__new__(cls)
        return cls._lager

    def __init__(self):
        self.kisten = {}

    def lege(self, ort, was):
        self.kisten[ort] = was

    def anzahl(self):
        return len(self.kisten)


lager = Lager()
lager.lege("A1", "Tau")
print(lager.anzahl())
print(Lager() is lager)
