from dataclasses import dataclass, field


@dataclass(frozen=True)
class Manifest:
    ship: str
    harbour: str
    goods: tuple = ()
    notes: list[str] = field(default_factory=list)


class ManifestBuilder:
    def __init__(self):
        self._ship = ""
        self._harbour = "Nordhafen"
        self._goods = []

    def for_ship(self, name):
        self._ship = name
        return self

    def bound_for(self, harbour):
        self._harbour = harbour
        return self

    def loading(self, *goods):
        self._goods.extend(goods)
        return self

    def build(self):
        if not self._ship:
            raise ValueError("which ship?")
        return Manifest(self._ship, self._harbour, tuple(self._goods))


class Clerk:
    def __init__(self, builder):
        self._builder = builder

    def standard(self, ship):
        return self._builder.for_ship(ship).loading("mail").build()


if __name__ == "__main__":
    print(Clerk(ManifestBuilder()).standard("Anna"))
