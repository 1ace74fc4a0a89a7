export class Crane {
  #height = 0;

  lift(metres) {
    this.#height += metres;
  }

  lower(metres) {
    this.#height -= metres;
  }

  get height() {
    return this.#height;
  }
}

export class Lift {
  constructor(crane, metres) {
    this.crane = crane;
    this.metres = metres;
  }

  execute() {
    this.crane.lift(this.metres);
  }

  undo() {
    this.crane.lower(this.metres);
  }
}

export class Lower {
  constructor(crane, metres) {
    this.crane = crane;
    this.metres = metres;
  }

  execute() {
    this.crane.lower(this.metres);
  }

  undo() {
    this.crane.lift(this.metres);
  }
}

export class Foreman {
  #done = [];

  order(command) {
    command.execute();
    this.#done.push(command);
  }

  takeBack() {
    const last = this.#done.pop();
    if (last) last.undo();
  }
}

const crane = new Crane();
const foreman = new Foreman();
foreman.order(new Lift(crane, 5));
foreman.order(new Lower(crane, 2));
console.log(crane.height);
foreman.takeBack();
console.log(crane.height);
