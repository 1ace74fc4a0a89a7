export interface Inspector<R> {
  lighthouse(l: Lighthouse): R;
  warehouse(w: Warehouse): R;
}

export interface Building {
  accept<R>(inspector: Inspector<R>): R;
}

export class Lighthouse implements Building {
  constructor(readonly height: number) {}

  accept<R>(inspector: Inspector<R>): R {
    return inspector.lighthouse(this);
  }
}

export class Warehouse implements Building {
  constructor(readonly floors: string[]) {}

  accept<R>(inspector: Inspector<R>): R {
    return inspector.warehouse(this);
  }
}

export class Tax implements Inspector<number> {
  lighthouse(l: Lighthouse): number {
    return l.height * 2;
  }

  warehouse(w: Warehouse): number {
    return w.floors.length * 100;
  }
}

export class Guide implements Inspector<string> {
  lighthouse(l: Lighthouse): string {
    return `a light ${l.height} metres high`;
  }

  warehouse(w: Warehouse): string {
    return `stores for ${w.floors.join(" and ")}`;
  }
}

const town: Building[] = [new Lighthouse(30), new Warehouse(["salt", "rope"])];
console.log(town.map((b) => b.accept(new Tax())), town.map((b) => b.accept(new Guide())));
