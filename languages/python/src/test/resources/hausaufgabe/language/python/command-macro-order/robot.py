class Robot:
    HEADINGS = ["N", "E", "S", "W"]

    def __init__(self, width=8, height=8):
        self.x = self.y = 0
        self.heading = 0
        self.width, self.height = width, height
        self.pen = False
        self.trail = set()

    def forward(self, steps):
        dx, dy = [(0, 1), (1, 0), (0, -1), (-1, 0)][self.heading]
        nx, ny = self.x + dx * steps, self.y + dy * steps
        if not (0 <= nx < self.width and 0 <= ny < self.height):
            raise ValueError("would leave the quay")
        self.x, self.y = nx, ny
        if self.pen:
            self.trail.add((nx, ny))

    def turn(self, quarter):
        self.heading = (self.heading + quarter) % 4


class Command:
    def execute(self):
        raise NotImplementedError

    def undo(self):
        raise NotImplementedError


class Forward(Command):
    def __init__(self, robot, steps):
        self.robot, self.steps = robot, steps

    def execute(self):
        self.robot.forward(self.steps)

    def undo(self):
        self.robot.forward(-self.steps)


class Turn(Command):
    def __init__(self, robot, quarter):
        self.robot, self.quarter = robot, quarter

    def execute(self):
        self.robot.turn(self.quarter)

    def undo(self):
        self.robot.turn(-self.quarter)


class Macro(Command):
    def __init__(self, *commands):
        self.commands = list(commands)

    def execute(self):
        done = []
        try:
            for c in self.commands:
                c.execute()
                done.append(c)
        except ValueError:
            for c in reversed(done):
                c.undo()
            raise

    def undo(self):
        for c in self.commands:
            c.undo()


class Remote:
    def __init__(self):
        self._undo, self._redo = [], []

    def press(self, command):
        command.execute()
        self._undo.append(command)
        self._redo.clear()

    def undo(self):
        if not self._undo:
            raise IndexError("nothing to undo")
        c = self._undo.pop()
        c.undo()
        self._redo.append(c)

    def redo(self):
        if not self._redo:
            raise IndexError("nothing to redo")
        c = self._redo.pop()
        c.execute()
        self._undo.append(c)


if __name__ == "__main__":
    r, remote = Robot(), Remote()
    remote.press(Forward(r, 3))
    remote.press(Macro(Turn(r, 1), Forward(r, 2)))
    remote.undo()
    print(r.x, r.y, r.heading)
    remote.redo()
    print(r.x, r.y, r.heading)
