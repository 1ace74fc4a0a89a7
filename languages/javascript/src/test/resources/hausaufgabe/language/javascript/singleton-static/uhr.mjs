export class Hafenuhr {
  static #einzige = null;
  #minuten = 0;

  constructor() {
    if (Hafenuhr.#einzige) {
      throw new Error("Es gibt nur eine Hafenuhr. Nimm Hafenuhr.hole().");
    }
    Hafenuhr.#einzige = this;
  }

  static hole() {
    if (Hafenuhr.#einzige === null) {
      new Hafenuhr();
    }
    return Hafenuhr.#einzige;
  }

  stelle(minuten) {
    this.#minuten = minuten;
  }

  zeigt() {
    return this.#minuten;
  }
}

Hafenuhr.hole().stelle(90);
console.log(Hafenuhr.hole().zeigt());
