from abc import ABC, abstractmethod


class Departure(ABC):
    """Every ship leaves in the same order."""

    def leave(self) -> list[str]:
        done = ["log opened"]
        done.append(self.load())
        if self.needs_pilot():
            done.append("pilot on board")
        done.append(self.cast_off())
        return done

    @abstractmethod
    def load(self) -> str:
        pass

    @abstractmethod
    def cast_off(self) -> str:
        pass

    def needs_pilot(self) -> bool:
        return False


class Ferry(Departure):
    def load(self):
        return "cars parked"

    def cast_off(self):
        return "ramp up"


class Freighter(Departure):
    def __init__(self, tons):
        self.tons = tons

    def load(self):
        return f"{self.tons} t stowed"

    def cast_off(self):
        return "lines in"

    def needs_pilot(self):
        return self.tons > 5000


if __name__ == "__main__":
    for ship in (Ferry(), Freighter(9000)):
        print(", ".join(ship.leave()))
