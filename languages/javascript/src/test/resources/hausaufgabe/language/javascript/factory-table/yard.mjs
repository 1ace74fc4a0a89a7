class Boat {
  crew() {
    throw new Error("abstract");
  }
}

class Dinghy extends Boat {
  crew() {
    return 1;
  }
}

class Cutter extends Boat {
  crew() {
    return 4;
  }
}

class Barge extends Boat {
  crew() {
    return 2;
  }
}

const KINDS = { dinghy: Dinghy, cutter: Cutter, barge: Barge };

class Yard {
  build(kind) {
    const Type = KINDS[kind];
    if (!Type) {
      throw new Error(`nobody builds a ${kind} here`);
    }
    return new Type();
  }
}

const yard = new Yard();
for (const kind of ["dinghy", "cutter", "barge"]) {
  console.log(kind, yard.build(kind).crew());
}
export { Yard };
