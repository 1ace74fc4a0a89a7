class Hafenbuch:
    _buch = None

    def __init__(self):
        if Hafenbuch._buch is not None:
            raise RuntimeError("es gibt nur eines: Hafenbuch.das_buch()")
        self._schiffe = []

    @classmethod
    def das_buch(cls):
        if cls._buch is None:
            cls._buch = cls()
        return cls._buch

    def trage_ein(self, schiff):
        self._schiffe.append(schiff)

    def anzahl(self):
        return len(self._schiffe)


if __name__ == "__main__":
    Hafenbuch.das_buch().trage_ein("Anna")
    print(Hafenbuch.das_buch().anzahl(), Hafenbuch.das_buch() is Hafenbuch.das_buch())
