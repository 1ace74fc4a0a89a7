from abc import ABC, abstractmethod


class Drucker(ABC):
    @abstractmethod
    def drucke(self, text): ...

    @abstractmethod
    def seiten(self): ...


class Laser(Drucker):
    def __init__(self):
        self._n = 0

    def drucke(self, text):
        self._n += 1
        return "L:" + text

    def seiten(self):
        return self._n


class Tinte(Drucker):
    def drucke(self, text):
        return "T:" + text

    def seiten(self):
        return 0


class Sekretariat(Drucker):
    def __init__(self, drucker: Drucker):
        self._drucker = drucker

    def drucke(self, text):
        return self._drucker.drucke(text)

    def seiten(self):
        return self._drucker.seiten()


s = Sekretariat(Laser())
print(s.drucke("x"), s.seiten(), Sekretariat(Tinte()).drucke("y"))
