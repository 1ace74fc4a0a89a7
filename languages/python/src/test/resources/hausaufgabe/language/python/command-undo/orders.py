class Crane:
    def __init__(self):
        self.height = 0

    def move(self, metres):
        if self.height + metres < 0:
            raise ValueError("below ground")
        self.height += metres


class Lift:
    def __init__(self, crane, metres):
        self.crane = crane
        self.metres = metres

    def execute(self):
        self.crane.move(self.metres)

    def undo(self):
        self.crane.move(-self.metres)


class Lower:
    def __init__(self, crane, metres):
        self.crane = crane
        self.metres = metres

    def execute(self):
        self.crane.move(-self.metres)

    def undo(self):
        self.crane.move(self.metres)


class Foreman:
    def __init__(self):
        self._done = []

    def order(self, command):
        command.execute()
        self._done.append(command)

    def take_back(self):
        if self._done:
            self._done.pop().undo()


if __name__ == "__main__":
    crane = Crane()
    foreman = Foreman()
    foreman.order(Lift(crane, 12))
    foreman.order(Lower(crane, 5))
    print(crane.height)
    foreman.take_back()
    print(crane.height)
