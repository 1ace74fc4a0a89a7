class Kuestenweg:
    """Immer an der Küste entlang."""

    def strecke(self, von, nach):
        return abs(von - nach) * 1.4


class Direkt:
    def strecke(self, von, nach):
        return abs(von - nach)


class UmDieInsel:
    def __init__(self, umweg):
        if umweg <= 0:
            raise ValueError("Umweg fehlt")
        self.umweg = umweg

    def strecke(self, von, nach):
        return abs(von - nach) + self.umweg


class Lotse:
    def __init__(self, weg):
        self._weg = weg
        self._fahrten = 0

    def wechsle(self, weg):
        self._weg = weg

    def plane(self, von, nach):
        self._fahrten += 1
        return round(self._weg.strecke(von, nach), 1)

    @property
    def fahrten(self):
        return self._fahrten


lotse = Lotse(Direkt())
print(lotse.plane(3, 11))
lotse.wechsle(Kuestenweg())
print(lotse.plane(3, 11))
lotse.wechsle(UmDieInsel(4))
print(lotse.plane(3, 11), lotse.fahrten)
