from abc import ABC, abstractmethod


class Export(ABC):
    @abstractmethod
    def kopf(self): ...

    @abstractmethod
    def zeile(self, x): ...


class Csv(Export):
    def kopf(self):
        return "a;b"

    def zeile(self, x):
        return ";".join(x)

    def schreibe(self, daten):
        return [self.kopf()] + [self.zeile(d) for d in daten]


class Html(Export):
    def kopf(self):
        return "<table>"

    def zeile(self, x):
        return "<tr>" + "".join(x)

    def schreibe(self, daten):
        return [self.kopf()] + [self.zeile(d) for d in daten]


print(Csv().schreibe([["1"]]), Html().schreibe([["2"]]))
