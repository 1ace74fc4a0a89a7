class Thermometer:
    """What the board reads."""

    def celsius(self):
        raise NotImplementedError


class DeckSensor(Thermometer):
    def __init__(self, value):
        self._value = value

    def celsius(self):
        return self._value


class OldProbe:
    """From another maker: tenths of Fahrenheit."""

    def __init__(self, raw):
        self._raw = raw

    def read_raw(self):
        return self._raw


class ProbeAdapter(Thermometer):
    def __init__(self, probe):
        self._probe = probe

    def celsius(self):
        return round((self._probe.read_raw() / 10 - 32) * 5 / 9, 1)


class Board:
    def __init__(self):
        self._all = []

    def add(self, name, thermometer):
        self._all.append((name, thermometer))

    def show(self):
        return [f"{n}: {t.celsius():.1f}" for n, t in self._all]


if __name__ == "__main__":
    b = Board()
    b.add("deck", DeckSensor(12.5))
    b.add("engine", ProbeAdapter(OldProbe(1850)))
    print(b.show())
