// the seal has the gull's operation called
export class Seal {
  accept(v) {
    return v.gull(this);
  }
}

export class Gull {
  accept(v) {
    return v.gull(this);
  }
}

export class Feeder {
  seal() {
    return "herring";
  }

  gull() {
    return "bread";
  }
}

export class Counter {
  constructor() {
    this.n = 0;
  }

  seal() {
    this.n += 2;
    return this.n;
  }

  gull() {
    this.n += 1;
    return this.n;
  }
}

for (const a of [new Seal(), new Gull()]) console.log(a.accept(new Feeder()), a.accept(new Counter()));
