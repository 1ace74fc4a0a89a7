export class Office {
  constructor(kind) {
    this.kind = kind;
  }

  fee(metres) {
    switch (this.kind) {
      case "day":
        return metres * 2;
      case "week":
        return metres * 9;
      case "year":
        return metres * 120;
      default:
        return metres * 3;
    }
  }
}

console.log(new Office("day").fee(12));
console.log(new Office("year").fee(12));
