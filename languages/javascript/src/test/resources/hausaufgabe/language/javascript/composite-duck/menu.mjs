// an entry and a menu can both be priced; nobody wrote that down
export class Entry {
  constructor(name, cents) {
    this.name = name;
    this.cents = cents;
  }

  price() {
    return this.cents;
  }
}

export class Menu {
  constructor(name) {
    this.name = name;
    this.parts = [];
  }

  add(part) {
    this.parts.push(part);
  }

  remove(part) {
    this.parts = this.parts.filter((p) => p !== part);
  }

  price() {
    let sum = 0;
    for (const part of this.parts) {
      sum += part.price();
    }
    return sum;
  }
}

const soup = new Entry("soup", 450);
const lunch = new Menu("lunch");
const sweets = new Menu("sweets");
sweets.add(new Entry("cake", 300));
sweets.add(new Entry("ice", 200));
lunch.add(soup);
lunch.add(sweets);
console.log(lunch.price());
