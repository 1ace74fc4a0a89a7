import time
from contextlib import contextmanager


class Import:
    """Reads a list of ships from somewhere: open, rows, each row, close."""

    def run(self, source):
        rows = []
        with self.opened(source) as handle:
            self.before(source)
            for number, raw in enumerate(self.read(handle), start=1):
                try:
                    row = self.parse(raw)
                except ValueError as e:
                    self.bad(number, e)
                    continue
                if row is not None:
                    rows.append(row)
        return self.finish(rows)

    @contextmanager
    def opened(self, source):
        yield source

    def before(self, source):
        pass

    def read(self, handle):
        raise NotImplementedError

    def parse(self, raw):
        raise NotImplementedError

    def bad(self, number, error):
        raise ValueError(f"row {number}: {error}")

    def finish(self, rows):
        return rows


class CsvImport(Import):
    def read(self, handle):
        return handle.splitlines()

    def parse(self, raw):
        if raw.startswith("#"):
            return None
        name, length = raw.split(";")
        return name.strip(), float(length)


class TolerantCsv(CsvImport):
    def __init__(self):
        self.errors = []

    def bad(self, number, error):
        self.errors.append(number)


class DictImport(Import):
    def read(self, handle):
        return handle["ships"]

    def parse(self, raw):
        return raw["name"], float(raw["length"])

    def finish(self, rows):
        return sorted(rows)


if __name__ == "__main__":
    print(CsvImport().run("Ole; 12.5\n# x\nInken; 9"))
    t = TolerantCsv()
    print(t.run("Ole; 12.5\nnix"), t.errors)
    print(DictImport().run({"ships": [{"name": "Z", "length": 3}, {"name": "A", "length": "4"}]}))
