// What doubles answer, and what is told of them and of the program's own operations.
import { ITSELF } from "./values.mjs";

const MOST = 2000;
const MOST_REHEARSED = 6000;
const MOST_ASKED = 20000;
const MOST_CHARACTERS = 4 << 20;

/** Keeps what the program prints, up to a limit on both streams together, until it is taken. */
export class OutputCapture {
  #most;
  #written = 0;
  #kept = { false: [], true: [] };

  constructor(most) {
    this.#most = most;
  }

  add(text, error) {
    const room = Math.max(0, this.#most - this.#written);
    this.#written += text.length;
    if (room > 0) this.#kept[error].push(text.slice(0, room));
  }

  get flooded() {
    return this.#written > this.#most;
  }

  take(error) {
    const all = this.#kept[error].join("");
    this.#kept[error] = [];
    return all;
  }
}

/** What stands for nothing in a type. */
const PLAIN = new Map([
  ["number", 0],
  ["string", ""],
  ["boolean", false],
]);

export class CallTracer {
  #objects;
  #values;
  #printing;
  #operations;
  #tokens;
  #answers = new Map();
  #watched = new Map();
  #turns = new Map();
  #events = [];
  #born = new Set();
  #entered = 0;
  #asked = 0;
  #most = MOST;
  #over = false;

  /** operations: what is told of an operation of the program, by the place where it is written. */
  constructor(objects, values, printing, operations, tokens) {
    this.#objects = objects;
    this.#values = values;
    this.#printing = printing;
    this.#operations = operations;
    this.#tokens = tokens;
    objects.seen = (value, number) => this.#appeared(value, number);
  }

  answer(double, given) {
    this.#answers.set(double, given);
  }

  watch(double, calls) {
    this.#watched.set(double, calls);
  }

  tellMore() {
    this.#most = MOST_REHEARSED;
  }

  take() {
    this.#printed();
    const told = this.#events;
    this.#events = [];
    return told;
  }

  end() {
    this.#over = true;
    this.#asked = MOST_ASKED;
  }

  #printed() {
    for (const error of [false, true]) {
      const t = this.#printing.take(error);
      if (t !== "") this.#events.push({ e: "printed", t, error });
    }
  }

  // doubles

  asked(double, key, given) {
    let event = null;
    if (this.#asked < MOST_ASKED && this.#values.characters < MOST_CHARACTERS) {
      this.#asked++;
      this.#printed();
      event = { e: "asked", k: key, o: this.#objects.number(double), a: this.#values.outAll(given) };
      this.#events.push(event);
    }
    const calls = this.#watched.get(double);
    if (event !== null && calls !== undefined) event.seen = calls.map((c) => this.#seen(c));
    return this.#answer(double, key);
  }

  #seen(call) {
    try {
      return this.#values.out(call());
    } catch {
      return { n: true };
    }
  }

  #answer(double, key) {
    const given = this.#answers.get(double) ?? {};
    const call = key.slice(0, key.indexOf(")") + 1);
    const name = call.slice(0, call.indexOf("("));
    const other = () => Object.entries(given).find(([k]) => k.slice(0, k.indexOf("(")) === name)?.[1];
    const told = given[call] ?? other();
    if (!told || told.length === 0) return PLAIN.get(key.slice(key.indexOf(")") + 1));
    const turn = `${this.#objects.number(double)}${key}`;
    const now = this.#turns.get(turn) ?? 0;
    this.#turns.set(turn, now + 1);
    const answer = told[Math.min(now, told.length - 1)];
    return answer === ITSELF ? double : (answer ?? undefined);
  }

  // the program's own operations

  entered(at, around, self, given) {
    const operation = this.#over ? undefined : (this.#operations.get(at) ?? this.#operations.get(around));
    if (operation === undefined) return null;
    if (this.#entered >= this.#most) return null;
    this.#entered++;
    if (this.#entered >= this.#most || this.#values.characters >= MOST_CHARACTERS) {
      this.#over = true;
      this.#events.push({ e: "cut" });
      return null;
    }
    this.#printed();
    const frame = { operation, self, event: null, key: "", left: null };
    const known = self !== null && self !== undefined && !operation.isStatic;
    if (known && operation.makes) this.#born.add(self);
    frame.key = this.#key(operation, self);
    const number = known ? this.#objects.number(self) : -1;
    frame.event = { e: "entered", k: frame.key, o: number, a: this.#values.outAll(given.slice(0, operation.count)) };
    this.#events.push(frame.event);
    return frame;
  }

  /** What an object's class inherits to make it is told as its own. */
  #key(operation, self) {
    let owner = operation.owner;
    if (operation.makes && self !== null && self !== undefined) {
      const own = this.#tokens.of(self);
      if (!this.#tokens.writesConstructor(own)) owner = own;
    }
    return `${owner}.${operation.call}`;
  }

  gives(frame, value) {
    if (frame !== null) frame.left = { value };
    return value;
  }

  threw(frame, error) {
    if (frame !== null) frame.left = { error };
    return error;
  }

  left(frame, self) {
    if (frame === null || this.#over) return;
    const operation = frame.operation;
    if (self !== undefined && frame.event.o < 0) {
      try {
        const made = self();
        this.#born.add(made);
        frame.event.o = this.#objects.number(made);
        frame.event.k = frame.key = this.#key(operation, made);
        frame.self = made;
      } catch {
        // it was never made
      }
    }
    this.#printed();
    const o = frame.event.o;
    const error = frame.left !== null && "error" in frame.left ? frame.left.error : undefined;
    const threw = frame.left !== null && "error" in frame.left;
    this.#events.push(
      threw
        ? { e: "threw", k: frame.key, o, v: String(error?.constructor?.name ?? "Error") }
        : { e: "left", k: frame.key, o, v: this.#values.out(frame.left?.value) },
    );
  }

  /** An object is seen for the first time: where nothing of the program made it, that is told by itself. */
  #appeared(value, number) {
    if (this.#over || this.#born.has(value)) return;
    const token = this.#tokens.of(value);
    if (!this.#tokens.isMadeWithoutConstructor(value, token)) return;
    const k = `${token}.new()`;
    this.#events.push({ e: "entered", k, o: number, a: [] }, { e: "left", k, o: number, v: { n: true } });
  }
}
