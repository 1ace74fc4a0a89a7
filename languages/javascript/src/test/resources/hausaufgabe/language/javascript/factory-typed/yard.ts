export enum Kind {
  Dinghy = "dinghy",
  Cutter = "cutter",
}

export interface Boat {
  crew(): number;
}

class Dinghy implements Boat {
  crew(): number {
    return 1;
  }
}

class Cutter implements Boat {
  crew(): number {
    return 4;
  }
}

export function build(kind: Kind): Boat {
  switch (kind) {
    case Kind.Dinghy:
      return new Dinghy();
    case Kind.Cutter:
      return new Cutter();
    default:
      throw new Error(`nobody builds ${kind}`);
  }
}

for (const kind of Object.values(Kind)) {
  console.log(kind, build(kind).crew());
}
