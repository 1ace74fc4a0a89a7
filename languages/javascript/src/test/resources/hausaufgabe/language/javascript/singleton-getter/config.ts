export class Hafenbuch {
  private static einziges?: Hafenbuch;
  private readonly eintraege = new Map<string, string>();

  private constructor() {
    this.eintraege.set('gegruendet', '1871');
  }

  static get instanz(): Hafenbuch {
    return (Hafenbuch.einziges ??= new Hafenbuch());
  }

  trage(schiff: string, platz: string): void {
    if (this.eintraege.has(schiff)) throw new Error(`${schiff} steht schon da`);
    this.eintraege.set(schiff, platz);
  }

  platz(schiff: string): string | undefined { return this.eintraege.get(schiff); }
}

class Lotsenwache {
  einweisen(schiff: string, platz: string): string {
    Hafenbuch.instanz.trage(schiff, platz);
    return `${schiff} nach ${platz}`;
  }
}

console.log(new Lotsenwache().einweisen('Okke', 'B-3'), Hafenbuch.instanz.platz('Okke'), Hafenbuch.instanz === Hafenbuch.instanz);
