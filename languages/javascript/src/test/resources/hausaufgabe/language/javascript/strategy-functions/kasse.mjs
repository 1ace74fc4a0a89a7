export class Kasse {
  #tarif;
  #einnahmen = 0;

  constructor(tarif) {
    this.wechsle(tarif);
  }

  wechsle(tarif) {
    if (typeof tarif !== "function") {
      throw new TypeError("Ein Tarif ist eine Funktion.");
    }
    this.#tarif = tarif;
  }

  verkaufe(fahrt) {
    const preis = this.#tarif(fahrt);
    this.#einnahmen += preis;
    return `${fahrt.ziel}: ${preis.toFixed(2)}`;
  }

  get einnahmen() {
    return this.#einnahmen;
  }
}
