from abc import ABC, abstractmethod
from typing import List


class Abonnent(ABC):
    @abstractmethod
    def benachrichtige(self, ausgabe: str) -> None:
        ...


class Zeitung:
    def __init__(self) -> None:
        self.__abonnenten: List[Abonnent] = []
        self.__ausgabe = ""

    def abonniere(self, a: Abonnent) -> None:
        if a in self.__abonnenten:
            return
        self.__abonnenten.append(a)

    def kuendige(self, a: Abonnent) -> None:
        if a in self.__abonnenten:
            self.__abonnenten.remove(a)

    def drucke(self, ausgabe: str) -> None:
        if not ausgabe:
            raise ValueError("leer")
        self.__ausgabe = ausgabe
        for a in self.__abonnenten:
            a.benachrichtige(self.__ausgabe)


class Kunde(Abonnent):
    def __init__(self, name: str) -> None:
        self.name = name
        self.gelesen: List[str] = []

    def benachrichtige(self, ausgabe: str) -> None:
        self.gelesen.append(ausgabe)


class Archiv(Abonnent):
    def __init__(self) -> None:
        self.alles = {}

    def benachrichtige(self, ausgabe: str) -> None:
        self.alles[len(self.alles)] = ausgabe


def main() -> None:
    z = Zeitung()
    k = Kunde("Fenja")
    z.abonniere(k)
    z.abonniere(Archiv())
    z.drucke("Flut")
    z.kuendige(k)
    z.drucke("Ebbe")
    print(k.gelesen)


if __name__ == "__main__":
    main()
