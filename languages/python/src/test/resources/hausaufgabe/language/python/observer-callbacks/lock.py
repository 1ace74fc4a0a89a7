class Lock:
    """A lock whose listeners are functions."""

    def __init__(self):
        self._open = False
        self._listeners = []

    def subscribe(self, listener):
        self._listeners.append(listener)

        def unsubscribe():
            self._listeners.remove(listener)

        return unsubscribe

    def unsubscribe(self, listener):
        self._listeners.remove(listener)

    def operate(self, is_open):
        if is_open != self._open:
            self._open = is_open
            for listener in self._listeners:
                listener(is_open)


class Lamp:
    def __init__(self):
        self.colour = "red"

    def show(self, is_open):
        self.colour = "green" if is_open else "red"


log = []


def note(is_open):
    log.append(is_open)


if __name__ == "__main__":
    lock, lamp = Lock(), Lamp()
    lock.subscribe(lamp.show)
    lock.subscribe(note)
    lock.subscribe(lambda is_open: print("now", is_open))
    lock.operate(True)
    lock.unsubscribe(note)
    lock.operate(False)
    print(lamp.colour, log)
