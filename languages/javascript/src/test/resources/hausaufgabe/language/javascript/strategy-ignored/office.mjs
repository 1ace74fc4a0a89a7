// the fee is worked out, and thrown away
export class ByMetre {
  of(boat) {
    return boat.metres * 2;
  }
}

export class Flat {
  of() {
    return 20;
  }
}

export class Office {
  #fee;

  constructor(fee) {
    this.#fee = fee;
  }

  setFee(fee) {
    this.#fee = fee;
  }

  bill(boat) {
    this.#fee.of(boat);
    return `${boat.name}: 20`;
  }
}

const office = new Office(new ByMetre());
console.log(office.bill({ name: "Anke", metres: 12 }));
office.setFee(new Flat());
console.log(office.bill({ name: "Anke", metres: 12 }));
