class Seekarte:
    """Die eine Karte des Hafens; Seekarte() liefert immer dieselbe."""

    _karte = None

    def __new__(cls):
        if cls._karte is None:
            cls._karte = super().__new__(cls)
            cls._karte.tiefen = {}
        return cls._karte

    def lote(self, ort, tiefe):
        if tiefe < 0:
            raise ValueError("Land")
        self.tiefen[ort] = tiefe

    def tiefe(self, ort):
        return self.tiefen.get(ort, 0)


if __name__ == "__main__":
    Seekarte().lote("Mole", 4)
    print(Seekarte().tiefe("Mole"), Seekarte() is Seekarte())
