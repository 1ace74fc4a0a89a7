interface Command {
  execute(): void;
  undo(): void;
}

class Lamp {
  private level = 0;

  set(level: number): void {
    this.level = level;
  }

  get(): number {
    return this.level;
  }
}

class Dim implements Command {
  private before = 0;

  constructor(private readonly lamp: Lamp, private readonly to: number) {}

  execute(): void {
    this.before = this.lamp.get();
    this.lamp.set(this.to);
  }

  undo(): void {
    this.lamp.set(this.before);
  }
}

class Off implements Command {
  private before = 0;

  constructor(private readonly lamp: Lamp) {}

  execute(): void {
    this.before = this.lamp.get();
    this.lamp.set(0);
  }

  undo(): void {
    this.lamp.set(this.before);
  }
}

class Desk {
  private readonly done: Command[] = [];

  press(command: Command): void {
    command.execute();
    this.done.push(command);
  }

  back(): void {
    this.done.pop()?.undo();
  }
}

const lamp = new Lamp();
const desk = new Desk();
desk.press(new Dim(lamp, 3));
desk.press(new Off(lamp));
desk.back();
console.log(lamp.get());
