class Registry {
  #ships = new Map();

  enter(name, berth) {
    if (this.#ships.has(name)) throw new Error(`${name} is here already`);
    this.#ships.set(name, berth);
  }

  berthOf(name) {
    return this.#ships.get(name) ?? null;
  }
}

export const registry = Object.freeze(new Registry());
