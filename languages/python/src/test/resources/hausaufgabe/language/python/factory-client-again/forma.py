import json
from abc import ABC, abstractmethod


class Exportador(ABC):
    @abstractmethod
    def exporta(self, filas): ...


class Csv(Exportador):
    def __init__(self, sep=";"):
        self.sep = sep

    def exporta(self, filas):
        return "\n".join(self.sep.join(map(str, f)) for f in filas)


class Json(Exportador):
    def exporta(self, filas):
        return json.dumps(filas)


class Tabla(Exportador):
    def exporta(self, filas):
        anchos = [max(len(str(f[i])) for f in filas) for i in range(len(filas[0]))]
        return "\n".join(" | ".join(str(c).ljust(a) for c, a in zip(f, anchos)) for f in filas)


class FabricaDeExportadores:
    @staticmethod
    def crea(formato):
        match formato.lower():
            case "csv":
                return Csv()
            case "tsv":
                return Csv("\t")
            case "json":
                return Json()
            case "tabla" | "texto":
                return Tabla()
            case _:
                raise ValueError(f"formato desconocido: {formato}")


class Listado:
    def __init__(self, filas):
        self.filas = filas

    def guarda(self, nombre):
        formato = nombre.rsplit(".", 1)[-1]
        if formato == "csv":
            return Csv().exporta(self.filas)
        if formato == "json":
            return Json().exporta(self.filas)
        return FabricaDeExportadores.crea(formato).exporta(self.filas)


if __name__ == "__main__":
    l = Listado([["Ole", 3], ["Inken", 12]])
    for n in ("a.csv", "a.json", "a.tabla"):
        print(l.guarda(n))
