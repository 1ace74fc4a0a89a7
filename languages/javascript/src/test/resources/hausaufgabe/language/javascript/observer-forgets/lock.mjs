// the second gate is never told
export class Lock {
  constructor() {
    this.watchers = [];
    this.open = false;
  }

  attach(watcher) {
    this.watchers.push(watcher);
  }

  detach(watcher) {
    this.watchers = this.watchers.filter((w) => w !== watcher);
  }

  turn() {
    this.open = !this.open;
    if (this.watchers.length > 0) {
      this.watchers[0].turned(this.open);
    }
  }
}

export class Lamp {
  constructor() {
    this.green = false;
  }

  turned(open) {
    this.green = open;
  }
}

const lock = new Lock();
const a = new Lamp();
const b = new Lamp();
lock.attach(a);
lock.attach(b);
lock.turn();
console.log(a.green, b.green);
