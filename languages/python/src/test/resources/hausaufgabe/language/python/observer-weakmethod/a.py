import weakref


class Gauge:
    """Measures the water level and tells those who asked."""

    def __init__(self, name):
        self.name = name
        self._level = 0.0
        self._listeners = []

    def subscribe(self, method):
        self._listeners.append(weakref.WeakMethod(method))

    def unsubscribe(self, method):
        self._listeners = [r for r in self._listeners if r() is not None and r() != method]

    @property
    def level(self):
        return self._level

    @level.setter
    def level(self, value):
        if value < 0:
            raise ValueError("a level is not negative")
        self._level = value
        self._tell()

    def _tell(self):
        for ref in list(self._listeners):
            method = ref()
            if method is None:
                self._listeners.remove(ref)
            else:
                method(self.name, self._level)


class Siren:
    def __init__(self, limit):
        self.limit = limit
        self.wails = 0

    def on_level(self, name, level):
        if level > self.limit:
            self.wails += 1


class Log:
    def __init__(self):
        self.rows = []

    def note(self, name, level):
        self.rows.append(f"{name}: {level:.1f}")


if __name__ == "__main__":
    g = Gauge("outer lock")
    siren, log = Siren(4.0), Log()
    g.subscribe(siren.on_level)
    g.subscribe(log.note)
    g.level = 3.2
    g.level = 4.5
    g.unsubscribe(log.note)
    g.level = 4.8
    print(siren.wails, log.rows)
