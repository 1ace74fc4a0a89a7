class Fracht:
    def __init__(self, art):
        self.art = art

    def preis(self, kilo):
        if self.art == "express":
            return kilo * 9 + 20
        elif self.art == "normal":
            return kilo * 4
        elif self.art == "spar":
            return kilo * 2
        raise ValueError(self.art)


print(Fracht("express").preis(3), Fracht("spar").preis(3))
