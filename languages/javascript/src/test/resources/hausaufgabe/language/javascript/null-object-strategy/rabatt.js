const keinRabatt = Object.freeze({
  name: '',
  anwenden: (betrag) => betrag,
  hinweis: () => '',
});

class Prozent {
  constructor(satz) {
    if (satz <= 0 || satz >= 100) throw new RangeError('zwischen 0 und 100');
    this.satz = satz;
    this.name = `${satz} %`;
  }
  anwenden(betrag) { return Math.round(betrag * (100 - this.satz)) / 100; }
  hinweis() { return ` (${this.name} Nachlass)`; }
}

class Stammgast {
  constructor(besuche) { this.besuche = besuche; this.name = 'Stammgast'; }
  anwenden(betrag) { return Math.max(0, betrag - Math.min(10, this.besuche)); }
  hinweis() { return ' (Stammgast)'; }
}

class Rechnung {
  constructor(rabatt = keinRabatt) { this.rabatt = rabatt; this.posten = []; }
  dazu(was, euro) { this.posten.push({ was, euro }); return this; }
  summe() { return this.rabatt.anwenden(this.posten.reduce((s, p) => s + p.euro, 0)); }
  text() { return `${this.summe().toFixed(2)} Euro${this.rabatt.hinweis()}`; }
}

console.log(new Rechnung().dazu('Suppe', 6).text());
console.log(new Rechnung(new Prozent(20)).dazu('Scholle', 15).text());
console.log(new Rechnung(new Stammgast(4)).dazu('Scholle', 15).text());
