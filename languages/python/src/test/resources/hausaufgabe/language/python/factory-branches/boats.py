class Boot:
    def besatzung(self):
        raise NotImplementedError()


class Jolle(Boot):
    def besatzung(self):
        return 2


class Kutter(Boot):
    def besatzung(self):
        return 6


def baue(art):
    if art == "jolle":
        return Jolle()
    elif art == "kutter":
        return Kutter()
    raise ValueError("unbekannt: " + art)


def flotte(arten):
    return [baue(a) for a in arten]


if __name__ == "__main__":
    print(sum(b.besatzung() for b in flotte(["jolle", "kutter"])))
