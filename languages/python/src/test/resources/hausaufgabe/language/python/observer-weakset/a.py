import weakref

class Thermometer:
    def __init__(self):
        self._watchers = weakref.WeakSet()
        self._value = None

    def attach(self, w):
        self._watchers.add(w)

    def detach(self, w):
        self._watchers.discard(w)

    def set(self, value):
        if value != self._value:
            self._value = value
            for w in set(self._watchers):
                w.update(self)

    @property
    def value(self):
        return self._value

class Fan:
    def __init__(self):
        self.on = False
    def update(self, source):
        self.on = source.value > 25

class Log:
    def __init__(self):
        self.rows = []
    def update(self, source):
        self.rows.append(source.value)

t = Thermometer()
f, l = Fan(), Log()
t.attach(f); t.attach(l)
t.set(20); t.set(30)
print(f.on, l.rows)
