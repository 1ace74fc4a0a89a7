export class Winch {
  constructor(strength) {
    this.strength = strength;
    this.turns = 0;
  }

  haul(metres) {
    if (metres > this.strength) throw new Error("too heavy");
    this.turns += metres;
    return this.turns;
  }

  release() {
    this.turns = 0;
    return "released";
  }
}

export class Skipper {
  #winch;

  constructor(name, winch) {
    this.name = name;
    this.#winch = winch;
  }

  haul(metres) {
    return this.#winch.haul(metres);
  }

  release() {
    return this.#winch.release();
  }
}

const skipper = new Skipper("Maike", new Winch(10));
console.log(skipper.haul(3), skipper.haul(4), skipper.release());
