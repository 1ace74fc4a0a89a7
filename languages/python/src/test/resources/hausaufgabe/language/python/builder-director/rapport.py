from html import escape


class Rapport:
    def __init__(self, titre, sections, pied):
        self.titre, self.sections, self.pied = titre, tuple(sections), pied

    def html(self):
        corps = "".join(f"<h2>{escape(t)}</h2><p>{escape(x)}</p>" for t, x in self.sections)
        return f"<h1>{escape(self.titre)}</h1>{corps}<hr>{escape(self.pied or '')}"


class RapportBuilder:
    def __init__(self):
        self.reset()

    def reset(self):
        self._titre = None
        self._sections = []
        self._pied = None
        return self

    def titre(self, texte):
        self._titre = texte
        return self

    def section(self, titre, texte=""):
        if not titre:
            raise ValueError("section sans titre")
        self._sections.append((titre, texte))
        return self

    def pied(self, texte):
        self._pied = texte
        return self

    def build(self):
        if self._titre is None:
            raise RuntimeError("il manque le titre")
        rapport = Rapport(self._titre, self._sections, self._pied)
        self.reset()
        return rapport


class RapportMensuel:
    """Directeur : l'ordre des parties d'un rapport du port."""

    def __init__(self, builder):
        self._builder = builder

    def rediger(self, mois, arrivees):
        b = self._builder.titre(f"Rapport {mois}")
        for quai, nombre in arrivees.items():
            b.section(f"Quai {quai}", f"{nombre} navires")
        return b.pied("capitainerie").build()


if __name__ == "__main__":
    d = RapportMensuel(RapportBuilder())
    print(d.rediger("mars", {"A": 3, "B": 11}).html())
    print(RapportBuilder().titre("Vide").build().html())
