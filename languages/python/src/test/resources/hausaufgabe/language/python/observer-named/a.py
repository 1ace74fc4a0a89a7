class Sluice:
    def __init__(self):
        self.listeners = {}
        self.open = False

    def join(self, who):
        if who.name in self.listeners:
            raise ValueError(f"{who.name} is here already")
        self.listeners[who.name] = who

    def leave(self, who):
        del self.listeners[who.name]

    def turn(self):
        self.open = not self.open
        for who in list(self.listeners.values()):
            who.turned(self.open)


class Lamp:
    def __init__(self, name):
        self.name = name
        self.colour = "red"

    def turned(self, is_open):
        self.colour = "green" if is_open else "red"


class Bell:
    def __init__(self, name, times):
        self.name = name
        self.times = times
        self.rung = 0

    def turned(self, is_open):
        if is_open:
            self.rung += self.times


if __name__ == "__main__":
    s = Sluice()
    lamp, bell = Lamp("north"), Bell("tower", 3)
    s.join(lamp)
    s.join(bell)
    s.turn()
    s.leave(bell)
    s.turn()
    s.turn()
    print(lamp.colour, bell.rung)
