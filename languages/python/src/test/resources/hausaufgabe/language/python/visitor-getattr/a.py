class Knoten:
    def nimm(self, besucher):
        raise NotImplementedError


class Zahl(Knoten):
    def __init__(self, wert):
        self.wert = wert

    def nimm(self, besucher):
        return besucher.besuche_zahl(self)


class Summe(Knoten):
    def __init__(self, links, rechts):
        self.links = links
        self.rechts = rechts

    def nimm(self, besucher):
        return besucher.besuche_summe(self)


class Rechner:
    def besuche_zahl(self, z):
        return z.wert

    def besuche_summe(self, s):
        return s.links.nimm(self) + s.rechts.nimm(self)


class Drucker:
    def besuche_zahl(self, z):
        return str(z.wert)

    def besuche_summe(self, s):
        return f"({s.links.nimm(self)} + {s.rechts.nimm(self)})"


baum = Summe(Zahl(1), Summe(Zahl(2), Zahl(3)))
print(baum.nimm(Rechner()), baum.nimm(Drucker()))
