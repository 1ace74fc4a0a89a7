import { Mark, MarkVisitor } from "./marks";

export class ShallowestDepth implements MarkVisitor {
  shallowest = Infinity;

  visit(mark: Mark): void {
    switch (mark.kind) {
      case "buoy":
      case "wreck":
        this.shallowest = Math.min(this.shallowest, mark.depth);
        break;
      case "beacon":
        break;
    }
  }
}

export class NamesInOrder implements MarkVisitor {
  readonly names: string[] = [];

  visit(mark: Mark): void {
    switch (mark.kind) {
      case "buoy":
        this.names.push(mark.lit ? "lit buoy" : "buoy");
        break;
      case "wreck":
        this.names.push("wreck of the " + mark.name);
        break;
      case "beacon":
        this.names.push("beacon");
        break;
    }
  }
}
