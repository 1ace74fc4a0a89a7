class Entry {
  accept(visitor) {
    const name = `visit${this.constructor.name}`;
    if (typeof visitor[name] !== 'function') throw new TypeError(`no ${name}`);
    return visitor[name](this);
  }
}

class Arrival extends Entry {
  constructor(ship, berth) {
    super();
    this.ship = ship;
    this.berth = berth;
  }
}

class Departure extends Entry {
  constructor(ship) {
    super();
    this.ship = ship;
  }
}

class Payment extends Entry {
  constructor(ship, euros) {
    super();
    this.ship = ship;
    this.euros = euros;
  }
}

class Lines {
  visitArrival(a) {
    return `${a.ship} at ${a.berth}`;
  }
  visitDeparture(d) {
    return `${d.ship} leaves`;
  }
  visitPayment(p) {
    return `${p.ship} pays ${p.euros}`;
  }
}

class Balance {
  #total = 0;
  visitArrival() {
    this.#total -= 10;
    return this.#total;
  }
  visitDeparture() {
    return this.#total;
  }
  visitPayment(p) {
    this.#total += p.euros;
    return this.#total;
  }
}

const book = [new Arrival('Ole', 'B-3'), new Payment('Ole', 25), new Departure('Ole')];
const balance = new Balance();
for (const entry of book) {
  console.log(entry.accept(new Lines()), entry.accept(balance));
}
