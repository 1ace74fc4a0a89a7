export interface MenuEntry {
  readonly title: string;
  price(): number;
  print(indent?: string): string;
  find(title: string): MenuEntry | undefined;
}

export class Dish implements MenuEntry {
  constructor(readonly title: string, private readonly cents: number) {
    if (cents < 0) throw new RangeError(`negative price for ${title}`);
  }
  price(): number { return this.cents; }
  print(indent = ''): string { return `${indent}${this.title} ${(this.cents / 100).toFixed(2)}`; }
  find(title: string): MenuEntry | undefined { return this.title === title ? this : undefined; }
}

export class Course implements MenuEntry, Iterable<MenuEntry> {
  private readonly entries: MenuEntry[] = [];
  constructor(readonly title: string) {}

  add(...more: MenuEntry[]): this {
    for (const e of more) {
      if (e === this) throw new Error('a course is not part of itself');
      this.entries.push(e);
    }
    return this;
  }

  remove(entry: MenuEntry): boolean {
    const i = this.entries.indexOf(entry);
    if (i < 0) return false;
    this.entries.splice(i, 1);
    return true;
  }

  price(): number { return this.entries.filter((e) => e instanceof Dish).reduce((sum, e) => sum + e.price(), 0); }

  print(indent = ''): string {
    return [`${indent}${this.title}:`, ...this.entries.map((e) => e.print(indent + '  '))].join('\n');
  }

  find(title: string): MenuEntry | undefined {
    if (this.title === title) return this;
    for (const e of this.entries) {
      const found = e.find(title);
      if (found) return found;
    }
    return undefined;
  }

  *[Symbol.iterator](): Iterator<MenuEntry> { yield* this.entries; }
}

const menu = new Course('Harbour inn').add(
  new Course('Starters').add(new Dish('Soup', 450), new Dish('Herring', 620)),
  new Dish('Plaice', 1490),
);
console.log(menu.print());
console.log(menu.price(), menu.find('Herring')?.price(), [...menu].length);
