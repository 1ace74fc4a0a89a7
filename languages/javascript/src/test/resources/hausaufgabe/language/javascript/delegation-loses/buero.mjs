export class Drucker {
  constructor() {
    this.seiten = 0;
  }

  drucke(text) {
    this.seiten += 1;
    return `[${text}]`;
  }

  zaehle() {
    return this.seiten;
  }
}

export class Buero {
  constructor(drucker) {
    this.drucker = drucker;
  }

  drucke(text) {
    return this.drucker.drucke("Hafenamt");
  }

  zaehle() {
    return this.drucker.zaehle();
  }
}

const buero = new Buero(new Drucker());
console.log(buero.drucke("Rechnung"), buero.zaehle());
