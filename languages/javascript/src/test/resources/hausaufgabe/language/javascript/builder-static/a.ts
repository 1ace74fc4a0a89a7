export class Voyage {
  private constructor(readonly from: string, readonly to: string, readonly stops: readonly string[]) {}
  static builder(): VoyageBuilder {
    return new VoyageBuilder((f, t, s) => new Voyage(f, t, s));
  }
  describe(): string { return [this.from, ...this.stops, this.to].join(" > "); }
}
export class VoyageBuilder {
  private start = "Nordhafen";
  private end?: string;
  private readonly via: string[] = [];
  constructor(private readonly make: (f: string, t: string, s: readonly string[]) => Voyage) {}
  from(town: string): this { this.start = town; return this; }
  to(town: string): this { this.end = town; return this; }
  over(town: string): this { this.via.push(town); return this; }
  build(): Voyage {
    if (this.end === undefined) throw new Error("where to?");
    return this.make(this.start, this.end, [...this.via]);
  }
}
console.log(Voyage.builder().from("Lock").over("Cape").to("Werft").build().describe());
