class Kran:
    def __init__(self):
        self.hoehe = 0

    def hebe(self, meter):
        self.hoehe += meter

    def senke(self, meter):
        self.hoehe -= meter


class Hebe:
    def __init__(self, kran, meter):
        self._kran, self._meter = kran, meter

    def __call__(self):
        self._kran.hebe(self._meter)

    def zurueck(self):
        self._kran.senke(self._meter)


class Senke:
    def __init__(self, kran, meter):
        self._kran, self._meter = kran, meter

    def __call__(self):
        self._kran.senke(self._meter)

    def zurueck(self):
        self._kran.hebe(self._meter)


class Polier:
    def __init__(self):
        self._verlauf = []

    def ordne_an(self, befehl):
        befehl()
        self._verlauf.append(befehl)

    def nimm_zurueck(self):
        if self._verlauf:
            self._verlauf.pop().zurueck()


kran = Kran()
polier = Polier()
polier.ordne_an(Hebe(kran, 5))
polier.ordne_an(Senke(kran, 2))
polier.nimm_zurueck()
print(kran.hoehe)
