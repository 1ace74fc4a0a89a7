interface Vessel {
  readonly name: string;
  fee(nights: number): number;
}

class Yacht implements Vessel {
  constructor(readonly name: string) {}
  fee(nights: number): number { return 18 * nights; }
}

class Trawler implements Vessel {
  constructor(readonly name: string) {}
  fee(nights: number): number { return nights <= 2 ? 25 : 25 + 9 * (nights - 2); }
}

class Ferry implements Vessel {
  constructor(readonly name: string) {}
  fee(): number { return 140; }
}

export type VesselKind = 'yacht' | 'trawler' | 'ferry';

const makers: Record<VesselKind, new (name: string) => Vessel> = { yacht: Yacht, trawler: Trawler, ferry: Ferry };

export function makeVessel(kind: VesselKind, name: string): Vessel {
  const Maker = makers[kind];
  if (!Maker) throw new RangeError(`unknown kind: ${kind}`);
  return new Maker(name);
}

class HarbourOffice {
  private total = 0;
  register(kind: VesselKind, name: string, nights: number): string {
    const vessel = makeVessel(kind, name);
    const fee = vessel.fee(nights);
    this.total += fee;
    return `${vessel.name}: ${fee}`;
  }
  get takings(): number { return this.total; }
}

const office = new HarbourOffice();
console.log(office.register('yacht', 'Lütte Deern', 3));
console.log(office.register('trawler', 'Inken', 4));
console.log(office.register('ferry', 'Nordlicht', 1), office.takings);
