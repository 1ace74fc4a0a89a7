import abc


class Behaelter(abc.ABC):
    def __init__(self, nummer):
        self.nummer = nummer

    @property
    @abc.abstractmethod
    def volumen(self): ...

    def etikett(self):
        return f"{type(self).__name__} {self.nummer}: {self.volumen} m3"


class Fass(Behaelter):
    volumen = 0.2


class Kiste(Behaelter):
    def __init__(self, nummer, seiten=(1, 1, 1)):
        super().__init__(nummer)
        self.seiten = seiten

    @property
    def volumen(self):
        a, b, c = self.seiten
        return a * b * c


class Container(Behaelter):
    @property
    def volumen(self):
        return 33


_BAUPLAENE = {
    "fass": Fass,
    "kiste": Kiste,
    "container": Container,
}


def neuer_behaelter(art, nummer, **mehr):
    bauplan = _BAUPLAENE.get(art)
    if bauplan is None:
        raise LookupError(f"{art!r} kennt das Lager nicht")
    return bauplan(nummer, **mehr)


class Lager:
    def __init__(self, platz):
        self.platz = platz
        self.inhalt = []

    def nimm_an(self, art, **mehr):
        b = neuer_behaelter(art, len(self.inhalt) + 1, **mehr)
        if sum(x.volumen for x in self.inhalt) + b.volumen > self.platz:
            raise OverflowError("voll")
        self.inhalt.append(b)
        return b.etikett()


if __name__ == "__main__":
    l = Lager(40)
    print(l.nimm_an("fass"), l.nimm_an("kiste", seiten=(1, 2, 1)), l.nimm_an("container"))
