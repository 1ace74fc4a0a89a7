class Regel:
    def erlaubt(self, schiff):
        raise NotImplementedError

    def __and__(self, andere):
        return Alle(self, andere)

    def __or__(self, andere):
        return Eine(self, andere)

    def __invert__(self):
        return Nicht(self)


class Hoechstens(Regel):
    def __init__(self, merkmal, grenze):
        self.merkmal, self.grenze = merkmal, grenze

    def erlaubt(self, schiff):
        return schiff.get(self.merkmal, 0) <= self.grenze


class Flagge(Regel):
    def __init__(self, *laender):
        self.laender = set(laender)

    def erlaubt(self, schiff):
        return schiff.get("flagge") in self.laender


class Gruppe(Regel):
    def __init__(self, *regeln):
        self._regeln = list(regeln)

    def dazu(self, regel):
        self._regeln.append(regel)
        return self


class Alle(Gruppe):
    def erlaubt(self, schiff):
        return all(r.erlaubt(schiff) for r in self._regeln)


class Eine(Gruppe):
    def erlaubt(self, schiff):
        return any(r.erlaubt(schiff) for r in self._regeln)


class Nicht(Regel):
    def __init__(self, regel):
        self._regel = regel

    def erlaubt(self, schiff):
        return not self._regel.erlaubt(schiff)


if __name__ == "__main__":
    r = Hoechstens("tiefgang", 4) & (Flagge("Nordland") | Hoechstens("laenge", 12)) & ~Flagge("Piraten")
    print(r.erlaubt({"tiefgang": 3, "laenge": 10, "flagge": "Suedland"}), r.erlaubt({"tiefgang": 3, "laenge": 30, "flagge": "Piraten"}))
