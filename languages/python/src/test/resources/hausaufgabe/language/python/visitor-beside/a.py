class Entry:
    def __init__(self, day):
        self.day = day


class Arrival(Entry):
    def __init__(self, day, ship):
        super().__init__(day)
        self.ship = ship


class Payment(Entry):
    def __init__(self, day, euros):
        super().__init__(day)
        self.euros = euros


class Storm(Entry):
    pass


class Logbook:
    """Keeps the entries, and hands each to what a reader has for its kind."""

    def __init__(self):
        self._entries = []

    def write(self, entry):
        self._entries.append(entry)

    def show(self, reader):
        return [self._hand(e, reader) for e in self._entries]

    def _hand(self, entry, reader):
        operation = getattr(reader, f"on_{type(entry).__name__.lower()}", None)
        if operation is None:
            raise LookupError(f"{reader} knows no {type(entry).__name__}")
        return operation(entry)


class Lines:
    def on_arrival(self, a):
        return f"{a.day}: {a.ship}"

    def on_payment(self, p):
        return f"{p.day}: {p.euros} euros"

    def on_storm(self, s):
        return f"{s.day}: storm"


class Sum:
    def __init__(self):
        self.euros = 0

    def on_arrival(self, a):
        return self.euros

    def on_payment(self, p):
        self.euros += p.euros
        return self.euros

    def on_storm(self, s):
        return self.euros


if __name__ == "__main__":
    book = Logbook()
    book.write(Arrival(1, "Ole"))
    book.write(Payment(1, 12))
    book.write(Storm(2))
    print(book.show(Lines()), book.show(Sum()))
