export class Lighthouse {
  constructor(height) {
    this.height = height;
  }

  accept(visitor) {
    return visitor.visitLighthouse(this);
  }
}

export class Warehouse {
  constructor(floors) {
    this.floors = floors;
  }

  accept(visitor) {
    return visitor.visitWarehouse(this);
  }
}

export class TaxInspector {
  visitLighthouse(l) {
    return l.height * 2;
  }

  visitWarehouse(w) {
    return w.floors.length * 100;
  }
}

export class FireInspector {
  #found = [];

  visitLighthouse(l) {
    this.#found.push(`lighthouse of ${l.height}`);
  }

  visitWarehouse(w) {
    this.#found.push(`warehouse with ${w.floors.join(", ")}`);
  }

  report() {
    return this.#found.join("; ");
  }
}

const town = [new Lighthouse(30), new Warehouse(["salt", "rope"])];
const tax = new TaxInspector();
console.log(town.map((b) => b.accept(tax)).reduce((a, b) => a + b, 0));
const fire = new FireInspector();
town.forEach((b) => b.accept(fire));
console.log(fire.report());
