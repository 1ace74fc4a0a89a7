export class Barrel {
  constructor(litres) {
    this.litres = litres;
  }

  volume() {
    return this.litres;
  }
}

export class Pallet {
  constructor() {
    this.items = [];
  }

  add(item) {
    this.items.push(item);
  }

  volume() {
    let total = 0;
    for (const item of this.items) {
      total = item.volume();
    }
    return total;
  }
}

const p = new Pallet();
p.add(new Barrel(30));
const q = new Pallet();
q.add(new Barrel(10));
p.add(q);
console.log(p.volume());
