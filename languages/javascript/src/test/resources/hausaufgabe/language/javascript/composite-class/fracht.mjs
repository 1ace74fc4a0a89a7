export class Fracht {
  gewicht() {
    throw new Error("nicht implementiert");
  }

  drucke(tiefe = 0) {
    return " ".repeat(tiefe) + this.constructor.name;
  }
}

export class Kiste extends Fracht {
  #kilo;

  constructor(kilo) {
    super();
    if (kilo <= 0) throw new RangeError("eine Kiste wiegt etwas");
    this.#kilo = kilo;
  }

  gewicht() {
    return this.#kilo;
  }
}

export class Container extends Fracht {
  #inhalt = [];

  lade(...stuecke) {
    this.#inhalt.push(...stuecke);
    return this;
  }

  entlade(stueck) {
    const i = this.#inhalt.indexOf(stueck);
    if (i !== -1) this.#inhalt.splice(i, 1);
  }

  gewicht() {
    return this.#inhalt.reduce((summe, f) => summe + f.gewicht(), 200);
  }

  drucke(tiefe = 0) {
    return [super.drucke(tiefe), ...this.#inhalt.map((f) => f.drucke(tiefe + 1))].join("\n");
  }
}

const schiff = new Container().lade(new Kiste(20), new Container().lade(new Kiste(5), new Kiste(7)));
console.log(schiff.gewicht());
console.log(schiff.drucke());
