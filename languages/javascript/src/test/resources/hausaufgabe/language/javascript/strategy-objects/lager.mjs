const nachGewicht = {
  name: "Gewicht",
  gebuehr(kiste) {
    return kiste.kilo * 0.4;
  },
};

const nachRaum = {
  name: "Raum",
  gebuehr(kiste) {
    return kiste.breite * kiste.hoehe * 2;
  },
};

const pauschal = {
  name: "pauschal",
  gebuehr() {
    return 12;
  },
};

class Lager {
  constructor(regel = nachGewicht) {
    this.regel = regel;
    this.kisten = [];
  }

  setRegel(regel) {
    this.regel = regel;
  }

  nimmAn(kiste) {
    if (kiste.kilo > 500) throw new Error("zu schwer");
    this.kisten.push(kiste);
  }

  rechnung() {
    let summe = 0;
    for (const kiste of this.kisten) {
      summe += this.regel.gebuehr(kiste);
    }
    return summe;
  }
}

const lager = new Lager();
lager.nimmAn({ kilo: 20, breite: 1, hoehe: 2 });
lager.nimmAn({ kilo: 75, breite: 2, hoehe: 2 });
console.log(lager.rechnung());
lager.setRegel(nachRaum);
console.log(lager.rechnung());
lager.setRegel(pauschal);
console.log(lager.rechnung());
