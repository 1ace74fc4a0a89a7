from abc import ABC, abstractmethod


class Document(ABC):
    _kinds = {}

    def __init_subclass__(cls, kind=None, **kw):
        super().__init_subclass__(**kw)
        if kind:
            Document._kinds[kind] = cls

    def __init__(self, title):
        self.title = title

    @classmethod
    def create(cls, kind, title):
        try:
            made = cls._kinds[kind]
        except KeyError:
            raise ValueError(f"unknown kind {kind!r}; there are {sorted(cls._kinds)}") from None
        return made(title)

    @abstractmethod
    def render(self): ...


class Bill(Document, kind="bill"):
    def render(self):
        return f"BILL {self.title}"


class Receipt(Document, kind="receipt"):
    def render(self):
        return f"received: {self.title}"


class Notice(Document, kind="notice"):
    def render(self):
        return f"*** {self.title} ***"


class Office:
    def __init__(self):
        self.out = []

    def issue(self, kind, title):
        d = Document.create(kind, title)
        self.out.append(d.render())
        return d


if __name__ == "__main__":
    office = Office()
    for k in ("bill", "receipt", "notice"):
        office.issue(k, "Pier 4")
    print(office.out)
    try:
        office.issue("poem", "x")
    except ValueError as e:
        print(e)
