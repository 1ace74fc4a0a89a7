// tells everybody once, and then nobody any more
export class Radio {
  #hoerer = [];
  #kanal = 1;

  einschalten(hoerer) {
    this.#hoerer.push(hoerer);
  }

  ausschalten(hoerer) {
    this.#hoerer = this.#hoerer.filter((h) => h !== hoerer);
  }

  senden(kanal) {
    this.#kanal = kanal;
    while (this.#hoerer.length > 0) {
      this.#hoerer.pop().empfange(this.#kanal);
    }
  }
}

export class Boot {
  constructor(name) {
    this.name = name;
    this.gehoert = [];
  }

  empfange(kanal) {
    this.gehoert.push(kanal);
  }
}

export class Turm {
  empfange(kanal) {
    this.letzter = kanal;
  }
}

const radio = new Radio();
const boot = new Boot("Anke");
radio.einschalten(boot);
radio.einschalten(new Turm());
radio.senden(16);
console.log(boot.gehoert);
