export class Trip {
  constructor(
    readonly from: string,
    readonly to: string,
    readonly departs: Date,
    readonly stops: readonly string[],
    readonly bicycle: boolean,
  ) {}
  toString(): string {
    return `${[this.from, ...this.stops, this.to].join(' - ')}${this.bicycle ? ' +bike' : ''}`;
  }
}

interface NeedsFrom { from(town: string): NeedsTo }
interface NeedsTo { to(town: string): NeedsTime }
interface NeedsTime { at(time: Date): Optional }
interface Optional {
  via(town: string): Optional;
  withBicycle(): Optional;
  build(): Trip;
}

class TripBuilder implements NeedsFrom, NeedsTo, NeedsTime, Optional {
  #from = '';
  #to = '';
  #time = new Date(0);
  #stops: string[] = [];
  #bicycle = false;

  static start(): NeedsFrom { return new TripBuilder(); }

  from(town: string): NeedsTo { this.#from = town; return this; }
  to(town: string): NeedsTime {
    if (town === this.#from) throw new Error('a trip goes somewhere');
    this.#to = town;
    return this;
  }
  at(time: Date): Optional { this.#time = time; return this; }
  via(town: string): Optional { this.#stops.push(town); return this; }
  withBicycle(): Optional { this.#bicycle = true; return this; }
  build(): Trip { return new Trip(this.#from, this.#to, this.#time, [...this.#stops], this.#bicycle); }
}

const t = TripBuilder.start().from('Nordhafen').to('Inseln').at(new Date('2026-05-01T08:00:00Z')).via('Sandbank').withBicycle().build();
console.log(String(t));
