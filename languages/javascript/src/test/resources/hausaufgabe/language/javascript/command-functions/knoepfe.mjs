// Ein Befehl ist ein Objekt mit zwei Funktionen.
export class Lampe {
  constructor() {
    this.an = false;
    this.stufe = 1;
  }
}

export const schalte = (lampe) => ({
  tue: () => {
    lampe.an = !lampe.an;
  },
  zurueck: () => {
    lampe.an = !lampe.an;
  },
});

export const dimme = (lampe, stufe) => {
  let vorher = lampe.stufe;
  return {
    tue: () => {
      vorher = lampe.stufe;
      lampe.stufe = stufe;
    },
    zurueck: () => {
      lampe.stufe = vorher;
    },
  };
};

export class Pult {
  #verlauf = [];

  druecke(befehl) {
    befehl.tue();
    this.#verlauf.push(befehl);
  }

  zurueck() {
    this.#verlauf.pop()?.zurueck();
  }
}

const lampe = new Lampe();
const pult = new Pult();
pult.druecke(schalte(lampe));
pult.druecke(dimme(lampe, 3));
console.log(lampe.an, lampe.stufe);
pult.zurueck();
console.log(lampe.an, lampe.stufe);
