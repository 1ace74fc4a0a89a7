class Fischkutter {
  constructor(name, tonnen) { this.name = name; this.tonnen = tonnen; }
  empfange(besucher) { return besucher.kutter(this); }
}
class Yacht {
  constructor(name, laenge) { this.name = name; this.laenge = laenge; }
  empfange(besucher) { return besucher.yacht(this); }
}
class Faehre {
  constructor(name, plaetze) { this.name = name; this.plaetze = plaetze; }
  empfange(besucher) { return besucher.faehre(this); }
}

const gebuehr = {
  kutter: (k) => 5 * k.tonnen,
  yacht: (y) => 12 * y.laenge,
  faehre: (f) => Math.max(200, 2 * f.plaetze),
};

const schild = {
  kutter(k) { return `${k.name} (${k.tonnen} t)`; },
  yacht(y) { return `${y.name}, ${y.laenge} m`; },
  faehre(f) { return `Faehre ${f.name}`; },
};

const hafen = [new Fischkutter('Okke', 20), new Yacht('Luette', 9), new Faehre('Nordlicht', 240)];
for (const s of hafen) console.log(s.empfange(schild), s.empfange(gebuehr));
