"""Werft mit Register: Klassen melden sich selbst an."""
REGISTER = {}

def boot(name):
    def anmelden(klasse):
        REGISTER[name] = klasse
        return klasse
    return anmelden

class Boot:
    def antrieb(self):
        raise NotImplementedError

@boot("ruder")
class Ruderboot(Boot):
    def antrieb(self):
        return "Riemen"

@boot("segel")
class Segelboot(Boot):
    def antrieb(self):
        return "Wind"

def baue(name):
    try:
        return REGISTER[name]()
    except KeyError:
        raise ValueError(f"kein Boot namens {name}") from None

for n in ("ruder", "segel"):
    print(baue(n).antrieb())
