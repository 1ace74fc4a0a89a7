interface Befehl {
  readonly art: string;
  ausfuehren(): void;
  rueckgaengig(): void;
}

class Konto {
  private stand = 0;
  constructor(readonly nummer: string) {}
  buche(cent: number): void {
    if (this.stand + cent < 0) throw new RangeError(`${this.nummer} waere ueberzogen`);
    this.stand += cent;
  }
  get cent(): number { return this.stand; }
}

abstract class Buchung implements Befehl {
  abstract readonly art: string;
  private erledigt = false;
  ausfuehren(): void {
    if (this.erledigt) throw new Error('schon gebucht');
    this.vor();
    this.erledigt = true;
  }
  rueckgaengig(): void {
    if (!this.erledigt) throw new Error('noch nicht gebucht');
    this.zurueck();
    this.erledigt = false;
  }
  protected abstract vor(): void;
  protected abstract zurueck(): void;
}

class Einzahlung extends Buchung {
  readonly art = 'ein';
  constructor(private readonly konto: Konto, private readonly cent: number) { super(); }
  protected vor(): void { this.konto.buche(this.cent); }
  protected zurueck(): void { this.konto.buche(-this.cent); }
}

class Ueberweisung extends Buchung {
  readonly art = 'um';
  constructor(private readonly von: Konto, private readonly an: Konto, private readonly cent: number) { super(); }
  protected vor(): void { this.von.buche(-this.cent); this.an.buche(this.cent); }
  protected zurueck(): void { this.an.buche(-this.cent); this.von.buche(this.cent); }
}

class Schalter {
  private readonly verlauf: Befehl[] = [];
  private zeiger = 0;
  tue(b: Befehl): void {
    b.ausfuehren();
    this.verlauf.splice(this.zeiger, Infinity, b);
    this.zeiger++;
  }
  zurueck(): boolean {
    if (this.zeiger === 0) return false;
    this.verlauf[--this.zeiger].rueckgaengig();
    return true;
  }
  vor(): boolean {
    if (this.zeiger >= this.verlauf.length) return false;
    this.verlauf[this.zeiger++].ausfuehren();
    return true;
  }
}

const a = new Konto('A'), b = new Konto('B'), s = new Schalter();
s.tue(new Einzahlung(a, 500));
s.tue(new Ueberweisung(a, b, 200));
s.zurueck();
console.log(a.cent, b.cent, s.vor(), a.cent, b.cent);
