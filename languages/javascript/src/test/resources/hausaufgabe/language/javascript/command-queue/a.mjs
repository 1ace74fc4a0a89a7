export class Undoable {
  execute() { throw new Error("abstract"); }
  undo() { throw new Error("abstract"); }
}
export class Insert extends Undoable {
  #list; #item;
  constructor(list, item) { super(); this.#list = list; this.#item = item; }
  execute() { this.#list.push(this.#item); }
  undo() { this.#list.pop(); }
}
export class Clear extends Undoable {
  #list; #saved = [];
  constructor(list) { super(); this.#list = list; }
  execute() { this.#saved = this.#list.splice(0); }
  undo() { this.#list.push(...this.#saved); }
}
export class Editor {
  #undo = []; #redo = [];
  run(command) { command.execute(); this.#undo.push(command); this.#redo.length = 0; }
  undo() { const c = this.#undo.pop(); if (!c) return false; c.undo(); this.#redo.push(c); return true; }
  redo() { const c = this.#redo.pop(); if (!c) return false; c.execute(); this.#undo.push(c); return true; }
}
const cargo = [];
const e = new Editor();
e.run(new Insert(cargo, "salt")); e.run(new Insert(cargo, "rope")); e.run(new Clear(cargo));
e.undo(); console.log(cargo); e.redo(); console.log(cargo); e.undo(); e.undo(); console.log(cargo);
