class _Protokoll:
    def __init__(self):
        self.zeilen = []

    def schreibe(self, zeile):
        self.zeilen.append(zeile)


protokoll = _Protokoll()
