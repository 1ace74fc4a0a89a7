abstract class Ausfuhr<T> {
  schreibe(posten: readonly T[]): string {
    const gueltig = posten.filter((p) => this.gueltig(p));
    if (gueltig.length === 0) return this.leer();
    const zeilen = gueltig.map((p, i) => this.zeile(p, i + 1));
    return [this.kopf(gueltig.length), ...zeilen, this.fuss()].filter((z) => z !== '').join('\n');
  }
  protected gueltig(_posten: T): boolean { return true; }
  protected leer(): string { return '(nichts)'; }
  protected kopf(anzahl: number): string { return `${anzahl} Posten`; }
  protected abstract zeile(posten: T, nummer: number): string;
  protected fuss(): string { return ''; }
}

interface Fang { art: string; kilo: number }

class Fangliste extends Ausfuhr<Fang> {
  protected override gueltig(f: Fang): boolean { return f.kilo > 0; }
  protected zeile(f: Fang, n: number): string { return `${n}. ${f.art} ${f.kilo} kg`; }
}

class Quittung extends Ausfuhr<number> {
  private summe = 0;
  protected override kopf(): string { return 'Quittung'; }
  protected zeile(cent: number): string { this.summe += cent; return (cent / 100).toFixed(2); }
  protected override fuss(): string { return `= ${(this.summe / 100).toFixed(2)}`; }
}

console.log(new Fangliste().schreibe([{ art: 'Dorsch', kilo: 12 }, { art: 'Aal', kilo: 0 }]));
console.log(new Quittung().schreibe([250, 1999]));
console.log(new Fangliste().schreibe([]));
