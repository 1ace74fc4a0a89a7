import { next } from './numbers.mjs';

class Registry {
  constructor() {
    this.ships = new Map();
  }

  enter(name) {
    const number = next();
    this.ships.set(name, number);
    return number;
  }

  numberOf(name) {
    return this.ships.get(name);
  }
}

export function registry() {
  return new Registry();
}
