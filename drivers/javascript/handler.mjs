// Does one request after another on the program's objects.
import fs from "node:fs";
import path from "node:path";
import util from "node:util";
import { Ended, LoadedProgram, Program, Raised } from "./loading.mjs";
import { CallTracer, OutputCapture } from "./tracing.mjs";
import { drawn, ObjectTable, stateOf, ValueCodec } from "./values.mjs";

const FILES = 20;
const LONGEST_FILE = 64 << 10;
const EMPTY = { modules: {}, operations: [], functions: [], classes: {} };
const own = (o, k) => Object.prototype.hasOwnProperty.call(o, k);

export class RequestHandler {
  #printing;
  #program = new Program(EMPTY, {});
  #loaded = null;
  #objects;
  #values;
  #tracer;

  constructor(output) {
    this.#printing = new OutputCapture(output ?? 1 << 20);
    this.#start();
    process.on("uncaughtException", () => {});
    process.on("unhandledRejection", () => {});
  }

  async answer(request) {
    const told = {};
    try {
      told.value = await this.#perform(request);
    } catch (e) {
      told.thrown = e instanceof Raised ? this.#thrown(e.error, false) : this.#thrown(e, true);
    }
    told.events = this.#tracer.take();
    told.flooded = this.#printing.flooded;
    return told;
  }

  async #perform(r) {
    switch (r.do) {
      case "load":
        return this.#load(r);
      case "forget":
        return this.#start();
      case "add":
        await this.#loaded.addDouble(r.type, JSON.parse(Buffer.from(r.content, "base64").toString("utf8")));
        return null;
      case "construct":
        return this.#construct(r);
      case "call": {
        const call = await this.#ready(r);
        return this.#values.out(await tried(async () => drawn(call())));
      }
      case "parallel":
        return this.#parallel(r);
      case "read":
        return this.#read(r);
      case "write":
        return this.#write(r);
      case "answers": {
        const given = Object.fromEntries(
          Object.entries(r.answers).map(([k, all]) => [k, all.map((v) => this.#values.taken(v))]),
        );
        this.#tracer.answer(this.#objects.get(r.on), given);
        return null;
      }
      case "watch": {
        const calls = [];
        for (const c of r.calls) calls.push(await this.#ready(c));
        this.#tracer.watch(this.#objects.get(r.on), calls);
        return null;
      }
      case "equal":
        return this.#values.out(await tried(async () => this.#equal(r)));
      case "state": {
        const unread = (r.without ?? []).map((w) => this.#objects.get(w));
        const privates = (v) => this.#loaded.privates(v);
        return { state: stateOf(this.#objects.get(r.on), unread, this.#loaded, privates) };
      }
      case "main":
        return this.#main(r);
      default:
        throw new Error("unknown request");
    }
  }

  #load(r) {
    const files = {};
    let plan = EMPTY;
    for (const [name, content] of Object.entries(r.program)) {
      const text = Buffer.from(content, "base64").toString("utf8");
      if (name === ".plan") plan = JSON.parse(text);
      else files[name] = text;
    }
    this.#program = new Program(plan, files);
    return this.#start();
  }

  /** Forgets all objects: the program gets a world of its own anew. */
  #start() {
    this.#tracer?.end();
    this.#loaded?.forget();
    this.#objects = new ObjectTable();
    this.#loaded = new LoadedProgram(this.#program, this.#printing);
    this.#values = new ValueCodec(this.#objects, this.#loaded);
    this.#tracer = new CallTracer(
      this.#objects,
      this.#values,
      this.#printing,
      this.#program.operations,
      this.#loaded,
    );
    this.#loaded.tracer = this.#tracer;
    return null;
  }

  async #construct(r) {
    const make = await this.#loaded.standingAs(r.type);
    const given = r.arguments.map((a) => this.#values.taken(a));
    if (typeof make === "object" && typeof make.make === "function") return this.#values.out(make.make());
    return this.#values.out(await tried(async () => made(make, given)));
  }

  /** A call that is ready to be made. */
  async #ready(r) {
    const given = r.arguments.map((a) => this.#values.taken(a) ?? undefined);
    if (r.on !== null) {
      const on = this.#objects.get(r.on);
      return () => ask(on, r.operation, r.parameters.length, given);
    }
    const owner = await this.#loaded.standingAs(r.type);
    const loaded = this.#loaded;
    return () => askStatic(owner, r.operation, r.parameters.length, given, loaded);
  }

  /** There is one thread: they are begun one after another before any is waited for. */
  async #parallel(r) {
    const call = await this.#ready(r.call);
    const begun = [];
    for (let i = 0; i < r.threads; i++) {
      begun.push(
        (async () => {
          await null;
          return drawn(call());
        })(),
      );
    }
    const items = [];
    for (const b of begun) {
      try {
        items.push(this.#values.out(await b));
      } catch (e) {
        items.push({ thrown: this.#thrown(e, false) });
      }
    }
    return { items };
  }

  async #read(r) {
    const holder = r.on === null ? await this.#loaded.standingAs(r.type) : this.#objects.get(r.on);
    if (r.field.startsWith("#")) {
      const found = this.#loaded.privates(holder).find(([n]) => n === r.field);
      if (found !== undefined) return this.#values.out(found[1]);
    }
    if (holder !== null && holder !== undefined && r.field in Object(holder)) {
      return this.#values.out(await tried(async () => holder[r.field]));
    }
    const elsewhere = this.#loaded.anywhere(r.field);
    if (elsewhere !== undefined) return this.#values.out(elsewhere);
    const kept = this.#loaded.privates(holder).find(([n]) => n === r.field);
    if (kept !== undefined) return this.#values.out(kept[1]);
    throw new Error(`there is no ${r.field}`);
  }

  async #write(r) {
    const holder = r.on === null ? await this.#loaded.standingAs(r.type) : this.#objects.get(r.on);
    const value = this.#values.taken(r.value);
    if (r.field.startsWith("#")) throw new Error(`${r.field} cannot be written from outside`);
    await tried(async () => {
      holder[r.field] = value;
    });
    return null;
  }

  #equal(r) {
    const first = this.#objects.get(r.first);
    const second = this.#objects.get(r.second);
    if (first === second) return true;
    if (typeof first?.equals === "function") return Boolean(first.equals(second));
    return this.#loaded.isData(first) && this.#loaded.isData(second) && util.isDeepStrictEqual(first, second);
  }

  async #main(r) {
    if (r.rehearsal) {
      this.#values.opened = true;
      this.#tracer.tellMore();
    }
    await tried(() => this.#loaded.runAsMain(r.type, r.arguments, r.input ?? ""));
    return { files: files(), ended: Boolean(r.rehearsal) && this.#loaded.isBusy() };
  }

  // what was thrown

  #thrown(error, ours) {
    let message = "";
    let type = "Error";
    let stack = "";
    try {
      type = String(error?.constructor?.name || error?.name || typeof error);
      message = util.types.isNativeError(error) || typeof error?.message === "string" ? String(error.message) : String(error);
      stack = typeof error?.stack === "string" ? error.stack : "";
    } catch {
      message = "(its message could not be read)";
    }
    return { type, message: message.slice(0, 500), at: this.#place(stack), cause: cause(error, type, message, ours) };
  }

  #place(stack) {
    for (const line of stack.split("\n")) {
      const m = /(?:\(|at |^)(?:async )?(?:file:\/\/\/)?([^\s()]+?):(\d+)(?::\d+)?\)?$/.exec(line.trim());
      if (m && m[1] in this.#program.files) return `${m[1]}:${m[2]}`;
    }
    return "";
  }
}

/** Who brought it about: the driver, the program itself, or the program by using up what its runtime has. */
function cause(error, type, message, ours) {
  if (type === "RangeError" && message.includes("call stack")) return "recursion";
  if (ours) return "driver";
  const nothing = type === "TypeError" && /^Cannot (read|set) properties of (null|undefined)/.test(message);
  const early = type === "ReferenceError";
  return nothing || early ? "accident" : "program";
}

async function tried(call) {
  try {
    return await call();
  } catch (e) {
    if (e instanceof Ended || e instanceof Raised) throw e;
    throw new Raised(e);
  }
}

function made(make, given) {
  const text = Function.prototype.toString.call(make);
  const at = text.search(/\bconstructor\s*\(/);
  const taken = given.map((v) => v ?? undefined);
  return Reflect.construct(make, at < 0 ? taken : spreadBy(text.slice(at), taken));
}

/** A getter or setter of that name in an object's line; undefined for none. */
function accessor(on, name) {
  for (let p = on; p !== null && p !== undefined; p = Object.getPrototypeOf(p)) {
    if (own(p, name)) return Object.getOwnPropertyDescriptor(p, name);
  }
  return undefined;
}

/** What is given as one list for a parameter that takes all the rest is given one by one. */
function spread(f, given) {
  return spreadBy(Function.prototype.toString.call(f), given);
}

function spreadBy(text, given) {
  const end = text.search(/\)\s*(=>)?\s*\{/);
  const head = end < 0 ? "" : text.slice(0, end);
  const at = head.lastIndexOf("...");
  if (at < 0) return given;
  let index = 0;
  let depth = 0;
  for (const c of head.slice(head.indexOf("(") + 1, at)) {
    if ("([{".includes(c)) depth++;
    else if (")]}".includes(c)) depth--;
    else if (c === "," && depth === 0) index++;
  }
  const rest = given[index];
  return Array.isArray(rest) ? [...given.slice(0, index), ...rest] : given;
}

/** Calls an operation of an object; what is read like a field is read, or written where there is something to write. */
function ask(on, name, count, given) {
  if (name === "__call__") return on(...given);
  const found = accessor(Object(on), name);
  if (found !== undefined && (found.get || found.set) && !("value" in found && typeof found.value === "function")) {
    if (count === 0) return on[name];
    on[name] = given[0];
    return undefined;
  }
  const operation = on[name];
  if (typeof operation !== "function") {
    if (count === 0 && found !== undefined) return operation;
    throw new Error(`there is no ${name}`);
  }
  return operation.apply(on, spread(operation, given));
}

function askStatic(owner, name, count, given, loaded) {
  if (typeof owner === "function" && (name === "constructor" || name === "__call__")) {
    return Reflect.construct(owner, given);
  }
  if (typeof owner === "function" && !(name in owner)) {
    const elsewhere = loaded.anywhere(name);
    if (typeof elsewhere === "function") return elsewhere(...given);
    const holder = loaded.holderOf(name);
    if (holder !== undefined) return holder[name](...given);
  }
  if (typeof owner === "function") return ask(owner, name, count, given);
  const f = owner[name];
  if (typeof f === "function") return f(...spread(f, given));
  return loaded.holderOf(name)[name](...given);
}

function files() {
  const found = {};
  const walk = (folder, depth) => {
    for (const e of fs.readdirSync(folder, { withFileTypes: true })) {
      const at = path.join(folder, e.name);
      if (e.isDirectory() && depth < 4) walk(at, depth + 1);
      else if (e.isFile() && Object.keys(found).length < FILES) {
        found[at] = fs.readFileSync(at).subarray(0, LONGEST_FILE).toString("utf8");
      }
    }
  };
  try {
    walk(".", 0);
  } catch {
    // what cannot be read is not there
  }
  return found;
}
