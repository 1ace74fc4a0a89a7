export interface Watcher {
  levelChanged(level: number): void;
}

export class Gauge {
  private readonly watchers: Watcher[] = [];
  private level = 0;

  attach(watcher: Watcher): void {
    if (!this.watchers.includes(watcher)) {
      this.watchers.push(watcher);
    }
  }

  detach(watcher: Watcher): void {
    const at = this.watchers.indexOf(watcher);
    if (at >= 0) this.watchers.splice(at, 1);
  }

  measure(level: number): void {
    this.level = level;
    this.tell();
  }

  private tell(): void {
    this.watchers.slice().forEach((w) => w.levelChanged(this.level));
  }
}

export class Board implements Watcher {
  shown = "";

  levelChanged(level: number): void {
    this.shown = `${level} cm`;
  }
}

export class Siren implements Watcher {
  howling = false;

  constructor(private readonly limit: number) {}

  levelChanged(level: number): void {
    this.howling = level > this.limit;
  }
}

const gauge = new Gauge();
const board = new Board();
const siren = new Siren(300);
gauge.attach(board);
gauge.attach(siren);
gauge.measure(120);
gauge.measure(350);
console.log(board.shown, siren.howling);
gauge.detach(siren);
gauge.measure(10);
console.log(siren.howling);
