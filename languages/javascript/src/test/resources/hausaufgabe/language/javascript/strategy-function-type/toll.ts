type Ship = { name: string; metres: number };
export type Toll = (ship: Ship) => number;

export const byMetre: Toll = (ship) => ship.metres * 2.5;
export const flat: Toll = () => 40;

export class Lock {
  private toll: Toll;
  private taken = 0;

  constructor(toll: Toll = byMetre) {
    this.toll = toll;
  }

  setToll(toll: Toll): void {
    this.toll = toll;
  }

  pass(ship: Ship): number {
    if (ship.metres <= 0) {
      throw new RangeError("a ship has a length");
    }
    const due = this.toll(ship);
    this.taken += due;
    return due;
  }

  total(): number {
    return this.taken;
  }
}

const lock = new Lock();
console.log(lock.pass({ name: "Seeschwalbe", metres: 12 }));
lock.setToll(flat);
console.log(lock.pass({ name: "Anke", metres: 30 }), lock.total());
