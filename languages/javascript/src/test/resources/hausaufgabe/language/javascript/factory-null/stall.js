class Fish { price() { return 3; } }
class Crab { price() { return 9; } }
class Stall {
  make(kind) {
    if (kind === 'fish') return new Fish();
    if (kind === 'crab') return new Crab();
    return null;
  }
}
const stall = new Stall();
console.log(stall.make('fish').price(), stall.make('crab').price());
module.exports = Stall;
