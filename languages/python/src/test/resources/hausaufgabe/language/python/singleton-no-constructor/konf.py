class Konfiguration:
    __instanz = None

    @classmethod
    def instanz(cls):
        if cls.__instanz is None:
            cls.__instanz = cls.__new__(cls)
            cls.__instanz.__werte = {"hafen": "Nordhafen", "plaetze": 40}
        return cls.__instanz

    def __init__(self):
        raise RuntimeError("Konfiguration.instanz() benutzen")

    def __getitem__(self, name):
        return self.__werte[name]

    def setze(self, name, wert):
        if name not in self.__werte:
            raise KeyError(name)
        self.__werte[name] = wert


class Liegeplatz:
    def __init__(self, nummer):
        if nummer > Konfiguration.instanz()["plaetze"]:
            raise ValueError("so viele gibt es nicht")
        self.nummer = nummer

    def schild(self):
        return f"{Konfiguration.instanz()['hafen']} {self.nummer}"


if __name__ == "__main__":
    print(Liegeplatz(7).schild())
    Konfiguration.instanz().setze("hafen", "Suedhafen")
    print(Liegeplatz(8).schild())
    try:
        Konfiguration()
    except RuntimeError as e:
        print(e)
