'use strict';

class Aufgabe {
  constructor(titel) {
    if (new.target === Aufgabe) throw new TypeError('Aufgabe ist abstrakt');
    this.titel = titel;
  }
  stunden() { throw new Error('fehlt'); }
  fertig() { throw new Error('fehlt'); }
  zeige(tiefe = 0) { return `${'  '.repeat(tiefe)}${this.fertig() ? 'x' : '-'} ${this.titel} (${this.stunden()} h)`; }
}

class Handgriff extends Aufgabe {
  #erledigt = false;
  constructor(titel, stunden) {
    super(titel);
    this.dauer = stunden;
  }
  stunden() { return this.dauer; }
  fertig() { return this.#erledigt; }
  erledige() { this.#erledigt = true; return this; }
}

class Vorhaben extends Aufgabe {
  #teile = new Set();
  nimm(...aufgaben) {
    for (const a of aufgaben) {
      if (!(a instanceof Aufgabe)) throw new TypeError('keine Aufgabe');
      if (a === this) throw new Error('im Kreis');
      this.#teile.add(a);
    }
    return this;
  }
  streiche(aufgabe) { return this.#teile.delete(aufgabe); }
  stunden() {
    let summe = 0;
    for (const t of this.#teile) summe += t.stunden();
    return summe;
  }
  fertig() { return [...this.#teile].every((t) => t.fertig()); }
  zeige(tiefe = 0) {
    return [super.zeige(tiefe), ...Array.from(this.#teile, (t) => t.zeige(tiefe + 1))].join('\n');
  }
}

const streichen = new Handgriff('Rumpf streichen', 12).erledige();
const dock = new Vorhaben('Docken').nimm(streichen, new Vorhaben('Motor').nimm(new Handgriff('Oel', 1), new Handgriff('Filter', 2)));
console.log(dock.zeige());
console.log(dock.stunden(), dock.fertig(), dock.streiche(streichen), dock.stunden());
