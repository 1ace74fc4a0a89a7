export interface Kasse {
  zahle(cent: number, wer: string): string;
  storno(beleg: string): boolean;
}

export class Barkasse implements Kasse {
  private n = 0;
  zahle(cent: number, wer: string): string { return `B${++this.n}-${wer}-${cent}`; }
  storno(beleg: string): boolean { return beleg.startsWith('B'); }
}

/** Comes from somebody else and is left as it is. */
export class CardTerminal {
  private open = new Map<number, number>();
  private next = 1000;
  authorise(euros: number, holder: { name: string }): number {
    if (holder.name === '') throw new Error('no holder');
    this.open.set(++this.next, euros);
    return this.next;
  }
  cancel(id: number): void {
    if (!this.open.delete(id)) throw new Error(`no payment ${id}`);
  }
}

export class Kartenkasse implements Kasse {
  constructor(private readonly terminal: CardTerminal) {}
  zahle(cent: number, wer: string): string {
    return `K${this.terminal.authorise(cent / 100, { name: wer })}`;
  }
  storno(beleg: string): boolean {
    try {
      this.terminal.cancel(Number(beleg.slice(1)));
      return true;
    } catch {
      return false;
    }
  }
}

export class Schalter {
  constructor(private kasse: Kasse) {}
  verkaufe(wer: string, karten: number): string { return this.kasse.zahle(karten * 450, wer); }
}

console.log(new Schalter(new Barkasse()).verkaufe('Okke', 2));
const karte = new Kartenkasse(new CardTerminal());
const beleg = new Schalter(karte).verkaufe('Nis', 1);
console.log(beleg, karte.storno(beleg), karte.storno(beleg));
