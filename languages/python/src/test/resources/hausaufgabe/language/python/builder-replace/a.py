from dataclasses import dataclass, field, replace


@dataclass(frozen=True)
class Ticket:
    route: str
    passengers: int
    cabin: bool
    extras: tuple


@dataclass(frozen=True)
class TicketBuilder:
    """Every step gives another builder; none is changed."""

    _route: str = ""
    _passengers: int = 1
    _cabin: bool = False
    _extras: tuple = field(default=())

    def route(self, name):
        return replace(self, _route=name)

    def passengers(self, number):
        if number < 1:
            raise ValueError("nobody travels")
        return replace(self, _passengers=number)

    def with_cabin(self):
        return replace(self, _cabin=True)

    def extra(self, what):
        return replace(self, _extras=self._extras + (what,))

    def build(self):
        if not self._route:
            raise ValueError("no route")
        return Ticket(self._route, self._passengers, self._cabin, self._extras)


if __name__ == "__main__":
    base = TicketBuilder().route("Island line")
    print(base.passengers(2).with_cabin().build())
    print(base.extra("bicycle").extra("dog").build())
