class Rundgang:
    def laufe(self):
        self._oeffne()
        gesehen = [self.pruefe(ort) for ort in self.orte()]
        self._schliesse()
        return gesehen

    def orte(self):
        raise NotImplementedError

    def pruefe(self, ort):
        raise NotImplementedError

    def _oeffne(self):
        self.offen = True

    def _schliesse(self):
        self.offen = False


class Nachtwache(Rundgang):
    def orte(self):
        return ["Mole", "Kran"]

    def pruefe(self, ort):
        return ort + ": dunkel"


class Feuerwache(Rundgang):
    def __init__(self, melder):
        self.melder = melder

    def orte(self):
        return list(self.melder)

    def pruefe(self, ort):
        return f"{ort}: {self.melder[ort]} Grad"


if __name__ == "__main__":
    print(Nachtwache().laufe(), Feuerwache({"Lager": 21}).laufe())
