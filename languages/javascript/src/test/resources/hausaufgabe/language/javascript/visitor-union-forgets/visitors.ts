import { Beacon, Buoy, MarkVisitor, Wreck } from "./marks";

export class ShallowestDepth implements MarkVisitor {
  shallowest = Infinity;

  onBuoy(buoy: Buoy): void {
    this.shallowest = Math.min(this.shallowest, buoy.depth);
  }

  onWreck(wreck: Wreck): void {
    this.shallowest = Math.min(this.shallowest, wreck.depth);
  }

  onBeacon(): void {}
}

export class NamesInOrder implements MarkVisitor {
  readonly names: string[] = [];

  onBuoy(buoy: Buoy): void {
    this.names.push(buoy.lit ? "lit buoy" : "buoy");
  }

  onWreck(wreck: Wreck): void {
    this.names.push(`wreck of the ${wreck.name}`);
  }

  onBeacon(beacon: Beacon): void {
    this.names.push(`beacon, ${beacon.height} m`);
  }
}
