export class Pegel {
  #stand = 0;
  #beobachter = new Set();

  anmelden(b) {
    this.#beobachter.add(b);
  }

  abmelden(b) {
    this.#beobachter.delete(b);
  }

  get stand() {
    return this.#stand;
  }

  messen(zentimeter) {
    if (zentimeter < 0) throw new RangeError("Pegel unter null");
    if (zentimeter === this.#stand) return;
    this.#stand = zentimeter;
    this.#benachrichtigen();
  }

  #benachrichtigen() {
    for (const b of this.#beobachter) {
      b.neuerStand(this.#stand);
    }
  }
}

export class Anzeige {
  constructor() {
    this.zeilen = [];
  }

  neuerStand(cm) {
    this.zeilen.push(`Stand ${cm}`);
  }
}

export class Sirene {
  constructor(grenze) {
    this.grenze = grenze;
    this.heult = false;
  }

  neuerStand(cm) {
    this.heult = cm > this.grenze;
  }
}

const pegel = new Pegel();
const anzeige = new Anzeige();
const sirene = new Sirene(300);
pegel.anmelden(anzeige);
pegel.anmelden(sirene);
pegel.messen(120);
pegel.messen(340);
console.log(anzeige.zeilen, sirene.heult);
pegel.abmelden(sirene);
pegel.messen(100);
console.log(sirene.heult);
