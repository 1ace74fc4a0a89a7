export class Voyage {
  constructor(from, to, stops, cargo) {
    this.from = from;
    this.to = to;
    this.stops = stops;
    this.cargo = cargo;
  }

  describe() {
    return `${[this.from, ...this.stops, this.to].join(" > ")} with ${this.cargo}`;
  }
}

export class VoyageBuilder {
  #from = "Nordhafen";
  #to = "Nordhafen";
  #stops = [];
  #cargo = "nothing";

  from(town) {
    this.#from = town;
    return this;
  }

  to(town) {
    this.#to = town;
    return this;
  }

  via(town) {
    this.#stops.push(town);
    return this;
  }

  loading(cargo) {
    this.#cargo = cargo;
    return this;
  }

  build() {
    return new Voyage(this.#from, this.#to, [...this.#stops], this.#cargo);
  }
}

console.log(new VoyageBuilder().from("Nordhafen").via("Cape").to("Lock").loading("salt").build().describe());
console.log(new VoyageBuilder().to("Werft").build().describe());
