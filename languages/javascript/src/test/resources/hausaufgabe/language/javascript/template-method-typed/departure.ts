export abstract class Departure {
  private readonly done: string[] = [];

  leave(): string {
    this.done.length = 0;
    this.step(this.check());
    this.step(this.load());
    if (this.needsPilot()) {
      this.step("pilot on board");
    }
    this.step("cast off");
    return this.done.join(", ");
  }

  private step(what: string): void {
    this.done.push(what);
  }

  protected abstract check(): string;

  protected abstract load(): string;

  protected needsPilot(): boolean {
    return false;
  }
}

export class Ferry extends Departure {
  protected check(): string {
    return "life vests counted";
  }

  protected load(): string {
    return "cars first";
  }
}

export class Freighter extends Departure {
  constructor(private readonly tons: number) {
    super();
  }

  protected check(): string {
    return "hatches closed";
  }

  protected load(): string {
    return `${this.tons} tons`;
  }

  protected override needsPilot(): boolean {
    return this.tons > 100;
  }
}

for (const d of [new Ferry(), new Freighter(400)]) {
  console.log(d.leave());
}
