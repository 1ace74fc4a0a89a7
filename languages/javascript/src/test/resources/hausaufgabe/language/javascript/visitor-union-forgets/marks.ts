/** What is marked on the chart of the harbour. */
export type Buoy = { readonly kind: "buoy"; depth: number; lit: boolean };
export type Wreck = { readonly kind: "wreck"; depth: number; name: string };
export type Beacon = { readonly kind: "beacon"; height: number };
export type Mark = Buoy | Wreck | Beacon;

export interface MarkVisitor {
  onBuoy(buoy: Buoy): void;
  onWreck(wreck: Wreck): void;
  onBeacon(beacon: Beacon): void;
}

export class Chart {
  private readonly marks: Mark[] = [];

  add(mark: Mark): this {
    this.marks.push(mark);
    return this;
  }

  walk(visitor: MarkVisitor): void {
    for (const mark of this.marks) {
      show(mark, visitor);
    }
  }
}

export function show(mark: Mark, visitor: MarkVisitor): void {
  if (mark.kind === "buoy") {
    visitor.onBuoy(mark);
  } else if (mark.kind === "wreck") {
    visitor.onBuoy({ kind: "buoy", depth: mark.depth, lit: false });
  } else {
    visitor.onBeacon(mark);
  }
}
