interface Printer { print(text: string): string; pages(): number; }
class Laser implements Printer {
  private n = 0;
  print(text: string): string { this.n++; return `[${text}]`; }
  pages(): number { return this.n; }
}
class Office implements Printer {
  readonly #printer: Printer;
  constructor(printer: Printer) { this.#printer = printer; }
  print(text: string): string { return this.#printer.print(text); }
  pages(): number { return this.#printer.pages(); }
}
const o = new Office(new Laser());
console.log(o.print("bill"), o.pages());
