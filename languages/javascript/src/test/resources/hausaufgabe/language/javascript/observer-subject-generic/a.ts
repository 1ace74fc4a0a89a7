type Listener<T> = (value: T) => void;

class Topic<T> {
  private readonly listeners = new Set<Listener<T>>();

  subscribe(listener: Listener<T>): () => void {
    this.listeners.add(listener);
    return () => {
      this.listeners.delete(listener);
    };
  }

  publish(value: T): void {
    for (const l of [...this.listeners]) l(value);
  }
}

interface Reading { gauge: string; level: number }

class TideStation {
  readonly readings = new Topic<Reading>();
  private last?: Reading;

  measure(gauge: string, level: number): void {
    if (Number.isNaN(level)) throw new Error('no level');
    this.last = { gauge, level };
    this.readings.publish(this.last);
  }

  get latest(): Reading | undefined { return this.last; }
}

class Board {
  readonly lines: string[] = [];
  constructor(station: TideStation) {
    station.readings.subscribe((r) => this.lines.push(`${r.gauge} ${r.level.toFixed(2)}`));
  }
}

class Alarm {
  rings = 0;
  private stop: () => void;
  constructor(station: TideStation, private readonly limit: number) {
    this.stop = station.readings.subscribe((r) => this.check(r));
  }
  private check(r: Reading): void { if (r.level > this.limit) this.rings++; }
  off(): void { this.stop(); }
}

const st = new TideStation();
const board = new Board(st);
const alarm = new Alarm(st, 5);
st.measure('pier', 4.2);
st.measure('pier', 5.3);
alarm.off();
st.measure('pier', 6);
console.log(board.lines, alarm.rings, st.latest);
