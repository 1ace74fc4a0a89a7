interface GateState {
  readonly label: string;
  press(gate: Gate): void;
  obstacle(gate: Gate): void;
}

class Closed implements GateState {
  readonly label = 'closed';
  press(gate: Gate): void { gate.become(new Opening()); }
  obstacle(): void {}
}

class Opening implements GateState {
  readonly label = 'opening';
  press(gate: Gate): void { gate.become(new Open()); }
  obstacle(gate: Gate): void { gate.become(new Closed()); }
}

class Open implements GateState {
  readonly label = 'open';
  press(gate: Gate): void { gate.cycles++; gate.become(new Closed()); }
  obstacle(): void {}
}

export class Gate {
  cycles = 0;
  #state: GateState = new Closed();
  become(next: GateState): void { this.#state = next; }
  press(): void { this.#state.press(this); }
  obstacle(): void { this.#state.obstacle(this); }
  get label(): string { return this.#state.label; }
}

const g = new Gate();
g.press(); g.press(); g.press();
console.log(g.label, g.cycles);
