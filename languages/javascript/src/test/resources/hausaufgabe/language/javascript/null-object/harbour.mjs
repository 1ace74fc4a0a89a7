export class Bell {
  #rung = 0;

  ring(times) {
    this.#rung += times;
    console.log("dong ".repeat(times).trim());
  }

  rung() {
    return this.#rung;
  }
}

export class NoBell {
  ring() {}

  rung() {
    return 0;
  }
}

export class Tower {
  #bell;

  constructor(bell = new NoBell()) {
    this.#bell = bell;
  }

  hour(h) {
    this.#bell.ring(h);
    return this.#bell.rung();
  }
}

console.log(new Tower(new Bell()).hour(3));
console.log(new Tower().hour(3));
