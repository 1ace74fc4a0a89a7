'use strict';

class Sluice {
  constructor() {
    this.gates = new Map([['north', false], ['south', false]]);
  }
  async set(gate, open) {
    if (!this.gates.has(gate)) throw new Error(`no gate ${gate}`);
    this.gates.set(gate, open);
  }
  isOpen(gate) {
    return this.gates.get(gate);
  }
}

class OpenGate {
  constructor(sluice, gate) {
    this.sluice = sluice;
    this.gate = gate;
  }
  async execute() {
    await this.sluice.set(this.gate, true);
  }
  async undo() {
    await this.sluice.set(this.gate, false);
  }
}

class CloseGate {
  constructor(sluice, gate) {
    this.sluice = sluice;
    this.gate = gate;
  }
  async execute() {
    await this.sluice.set(this.gate, false);
  }
  async undo() {
    await this.sluice.set(this.gate, true);
  }
}

class Panel {
  #done = [];
  async press(command) {
    await command.execute();
    this.#done.push(command);
  }
  async back() {
    const last = this.#done.pop();
    if (last) await last.undo();
    return last !== undefined;
  }
}

async function main() {
  const s = new Sluice();
  const p = new Panel();
  await p.press(new OpenGate(s, 'north'));
  await p.press(new CloseGate(s, 'north'));
  await p.press(new OpenGate(s, 'south'));
  await p.back();
  await p.back();
  console.log(s.isOpen('north'), s.isOpen('south'));
}
main();
