export class HarbourLog {
  private static instance: HarbourLog | undefined;
  private readonly lines: string[] = [];

  private constructor() {}

  static get(): HarbourLog {
    return (HarbourLog.instance ??= new HarbourLog());
  }

  write(line: string): void {
    this.lines.push(line);
  }

  get size(): number {
    return this.lines.length;
  }
}

HarbourLog.get().write("lock opened");
console.log(HarbourLog.get().size);
