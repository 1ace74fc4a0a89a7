type Kind = 'buoy' | 'beacon' | 'wreck';

interface Mark {
  symbol(): string;
  describe(): string;
}

class Buoy implements Mark {
  constructor(private readonly colour: string) {}
  symbol(): string { return 'o'; }
  describe(): string { return `${this.colour} buoy`; }
}
class Beacon implements Mark {
  constructor(private readonly seconds: number) {}
  symbol(): string { return '*'; }
  describe(): string { return `light every ${this.seconds} s`; }
}
class Wreck implements Mark {
  symbol(): string { return '+'; }
  describe(): string { return 'wreck'; }
}

export class Chart {
  private readonly marks: Mark[] = [];
  place(kind: Kind, ...rest: (string | number)[]): this {
    this.marks.push(createMark(kind, ...rest));
    return this;
  }
  legend(): string[] { return this.marks.map((m) => `${m.symbol()} ${m.describe()}`); }
}

function assertNever(x: never): never { throw new Error(`unexpected ${String(x)}`); }

export function createMark(kind: Kind, ...rest: (string | number)[]): Mark {
  switch (kind) {
    case 'buoy': return new Buoy(String(rest[0] ?? 'red'));
    case 'beacon': return new Beacon(Number(rest[0] ?? 5));
    case 'wreck': return new Wreck();
    default: return assertNever(kind);
  }
}

console.log(new Chart().place('buoy', 'green').place('beacon', 10).place('wreck').legend());
