export interface Route {
  readonly name: string;
  plan(from: string, to: string): string[];
}

export class Shortest implements Route {
  readonly name = "shortest";

  plan(from: string, to: string): string[] {
    return [from, to];
  }
}

export class ByTheCoast implements Route {
  readonly name = "by the coast";

  constructor(private readonly capes: readonly string[]) {}

  plan(from: string, to: string): string[] {
    return [from, ...this.capes, to];
  }
}
