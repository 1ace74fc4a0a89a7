abstract class Cargo {
  constructor(readonly label: string) {}

  abstract weight(): number;
}

class Crate extends Cargo {
  constructor(label: string, private readonly kilos: number) {
    super(label);
  }

  override weight(): number {
    return this.kilos;
  }
}

class Hold extends Cargo {
  private parts: Cargo[] = [];

  add(...parts: Cargo[]): this {
    this.parts = [...this.parts, ...parts];
    return this;
  }

  remove(part: Cargo): void {
    this.parts = this.parts.filter((p) => p !== part);
  }

  override weight(): number {
    return this.parts.map((p) => p.weight()).reduce((a, b) => a + b, 0);
  }
}

const inner = new Hold("fore").add(new Crate("rope", 20));
const hold = new Hold("main").add(inner, new Crate("salt", 50));
console.log(hold.label, hold.weight());
