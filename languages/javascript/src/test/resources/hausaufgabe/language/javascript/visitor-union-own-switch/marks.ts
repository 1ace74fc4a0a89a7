export type Buoy = { readonly kind: "buoy"; depth: number; lit: boolean };
export type Wreck = { readonly kind: "wreck"; depth: number; name: string };
export type Beacon = { readonly kind: "beacon"; height: number };
export type Mark = Buoy | Wreck | Beacon;

export interface MarkVisitor {
  visit(mark: Mark): void;
}

export class Chart {
  private readonly marks: Mark[] = [];

  add(mark: Mark): this {
    this.marks.push(mark);
    return this;
  }

  walk(visitor: MarkVisitor): void {
    this.marks.forEach((mark) => visitor.visit(mark));
  }
}
