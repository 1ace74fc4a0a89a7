from abc import ABC, abstractmethod
from contextlib import contextmanager


class Formatierer(ABC):
    @abstractmethod
    def zeile(self, name: str, wert: float) -> str: ...

    def kopf(self, titel: str) -> str:
        return titel


class Schlicht(Formatierer):
    def zeile(self, name, wert):
        return f"{name}: {wert:.1f}"


class Markdown(Formatierer):
    def kopf(self, titel):
        return f"# {titel}"

    def zeile(self, name, wert):
        return f"- **{name}** {wert:.1f}"


class Csv(Formatierer):
    def __init__(self, trenner=";"):
        self._trenner = trenner

    def kopf(self, titel):
        return self._trenner.join(["name", "wert"])

    def zeile(self, name, wert):
        return self._trenner.join([name, str(wert)])


class Pegelbericht:
    def __init__(self, formatierer: Formatierer):
        self._formatierer = formatierer
        self._werte = {}

    def miss(self, pegel, wert):
        if wert < 0:
            raise ValueError("negativ")
        self._werte.setdefault(pegel, []).append(wert)

    @contextmanager
    def als(self, formatierer):
        vorher, self._formatierer = self._formatierer, formatierer
        try:
            yield self
        finally:
            self._formatierer = vorher

    def text(self, titel="Pegel"):
        f = self._formatierer
        zeilen = [f.kopf(titel)]
        for pegel in sorted(self._werte):
            zeilen.append(f.zeile(pegel, sum(self._werte[pegel]) / len(self._werte[pegel])))
        return "\n".join(zeilen)


if __name__ == "__main__":
    b = Pegelbericht(Schlicht())
    b.miss("Mole", 3.2)
    b.miss("Mole", 3.6)
    b.miss("Schleuse", 1.1)
    print(b.text())
    with b.als(Markdown()):
        print(b.text())
    with b.als(Csv()):
        print(b.text())
