export class Bestellung {
  private constructor(
    readonly kunde: string,
    readonly posten: ReadonlyArray<{ ware: string; menge: number }>,
    readonly lieferung: 'abholen' | 'bringen',
    readonly notiz?: string,
  ) {}

  static readonly Bauer = class Bauer {
    private posten: { ware: string; menge: number }[] = [];
    private lieferung: 'abholen' | 'bringen' = 'abholen';
    private notiz?: string;
    constructor(private readonly kunde: string) {
      if (!kunde.trim()) throw new Error('fuer wen?');
    }
    mit(ware: string, menge = 1): this {
      if (menge < 1) throw new RangeError('Menge');
      this.posten.push({ ware, menge });
      return this;
    }
    bringen(): this { this.lieferung = 'bringen'; return this; }
    notiere(text: string): this { this.notiz = text; return this; }
    baue(): Bestellung {
      return new Bestellung(this.kunde, this.posten.map((p) => ({ ...p })), this.lieferung, this.notiz);
    }
  };

  toString(): string {
    return `${this.kunde}: ${this.posten.map((p) => `${p.menge} ${p.ware}`).join(', ')} (${this.lieferung})${this.notiz ? ' ' + this.notiz : ''}`;
  }
}

console.log(String(new Bestellung.Bauer('Okke').mit('Tau', 2).mit('Farbe').bringen().notiere('vor acht').baue()));
