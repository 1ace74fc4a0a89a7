class Pegel:
    def __init__(self):
        self._stand = 0
        self._melder = []

    def anmelden(self, melder):
        self._melder.append(melder)

    def abmelden(self, melder):
        self._melder.remove(melder)

    def messen(self, stand):
        self._stand = stand


class Anzeige:
    def __init__(self):
        self.text = ""

    def neuer_stand(self, stand):
        self.text = str(stand)


class Sirene:
    def __init__(self):
        self.an = False

    def neuer_stand(self, stand):
        self.an = stand > 300


def main():
    pegel = Pegel()
    anzeige = Anzeige()
    pegel.anmelden(anzeige)
    pegel.anmelden(Sirene())
    pegel.messen(310)
    anzeige.neuer_stand(310)


if __name__ == "__main__":
    main()
