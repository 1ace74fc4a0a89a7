// The program's modules, taken in from texts into a world of their own; and what its types and functions are called outside.

import { createRequire } from "node:module";
import path from "node:path";
import util from "node:util";
import vm from "node:vm";
import { ALLOWED } from "./refusals.mjs";
import { isObject, OTHER } from "./values.mjs";

const require = createRequire(import.meta.url);
const { types } = util;
const prototypeOf = Object.getPrototypeOf;
const IMPORTING = 1500;
const HELPER = "ǂ";

/** What was handed in. */
export class Program {
  constructor(plan, files) {
    this.paths = plan.modules;
    this.files = files;
    this.modules = new Map(Object.entries(plan.modules).map(([name, file]) => [file, name]));
    this.operations = new Map();
    this.constructors = new Set();
    for (const [file, , , owner, call, isStatic, , from] of plan.operations) {
      const makes = call.startsWith("new(");
      const inside = call.slice(call.indexOf("(") + 1, call.indexOf(")"));
      const count = inside === "" ? 0 : inside.split(",").length;
      this.operations.set(`${file}:${from}`, { owner, call, isStatic: isStatic === 1, makes, count });
      if (makes) this.constructors.add(owner);
    }
    this.functions = new Map(plan.functions.map(([token, file, , , , from]) => [`${file}:${from}`, token]));
    this.classes = new Map(Object.entries(plan.classes));
  }

  /** Whether a file is written in the newer kind of modules. */
  isModule(file) {
    if (/\.(mjs|mts)$/.test(file)) return true;
    if (/\.(cjs|cts)$/.test(file)) return false;
    return /(^|[;)}])\s*(import\s*["'{*\w]|export\s*[{*\w])/m.test(this.files[file]);
  }

  /** The file that is meant by a name in an import; undefined for none of the program's. */
  resolved(from, name) {
    if (!name.startsWith(".")) return undefined;
    const at = path.posix.normalize(path.posix.join(path.posix.dirname(from), name));
    const plain = at.replace(/\.[cm]?[jt]s$/, "");
    const tried = [at];
    for (const base of [at, plain, `${at}/index`]) {
      for (const end of [".js", ".mjs", ".cjs", ".ts", ".mts", ".cts"]) tried.push(base + end);
    }
    return tried.find((t) => t in this.files);
  }
}

/** A program while its objects live. */
export class LoadedProgram {
  #program;
  #printing;
  #modules = new Map();
  #commons = new Map();
  #reach = new Map();
  #failed = new Map();
  #doubles = new Map();
  #fields = 0;
  #prototypes = new Map();
  #classes = new Map();
  #objects = new WeakMap();
  #functions = new WeakMap();
  #privates = new Map();
  #accessors = new WeakMap();
  #main = null;
  #timers = new Set();
  tracer = null;

  constructor(program, printing) {
    this.#program = program;
    this.#printing = printing;
    this.context = vm.createContext({}, { microtaskMode: undefined });
    this.#furnish();
  }

  globals() {
    return this.#own;
  }

  #own;

  #furnish() {
    this.#own = vm.runInContext("({ Array, Object, Map, Set, Date, Error })", this.context);
    const print = (error) => (...all) => this.#printing.add(`${util.format(...all)}\n`, error);
    const console = Object.fromEntries(["log", "info", "debug", "table", "dir"].map((n) => [n, print(false)]));
    for (const n of ["error", "warn", "trace"]) console[n] = print(true);
    for (const n of ["time", "timeEnd", "timeLog", "group", "groupEnd", "count", "assert", "clear"]) console[n] = () => {};
    console.group = console.groupCollapsed = (...all) => all.length > 0 && print(false)(...all);
    const timer = (start) => (f, ms, ...rest) => {
      const t = start(() => f(...rest), Math.min(ms ?? 0, 2 ** 30));
      this.#timers.add(t);
      return t;
    };
    Object.assign(this.context, {
      console,
      setTimeout: timer(setTimeout),
      setInterval: timer(setInterval),
      setImmediate: timer(setImmediate),
      clearTimeout,
      clearInterval,
      clearImmediate,
      queueMicrotask,
      structuredClone,
      TextEncoder,
      TextDecoder,
      URL,
      URLSearchParams,
      AbortController,
      AbortSignal,
      Event,
      EventTarget,
      Buffer,
      performance,
      crypto: globalThis.crypto,
      process: this.#process(),
    });
    this.context.global = this.context;
    this.context[HELPER] = this.#helper();
  }

  /** Whatever else a program may want of its process. */
  #process() {
    const stream = (error) => ({
      write: (text) => {
        this.#printing.add(String(text), error);
        return true;
      },
      isTTY: false,
      on: () => {},
      end: () => {},
    });
    return {
      argv: ["node", "program"],
      env: {},
      platform: "linux",
      version: process.version,
      versions: { node: process.versions.node },
      pid: 1,
      exitCode: undefined,
      stdout: stream(false),
      stderr: stream(true),
      stdin: this.stdin(""),
      cwd: () => process.cwd(),
      exit: (code) => {
        throw new Ended(code);
      },
      on: () => {},
      once: () => {},
      off: () => {},
      emitWarning: () => {},
      nextTick: (f, ...all) => queueMicrotask(() => f(...all)),
      hrtime: Object.assign((t) => process.hrtime(t), { bigint: () => process.hrtime.bigint() }),
      memoryUsage: () => process.memoryUsage(),
      uptime: () => process.uptime(),
    };
  }

  stdin(text) {
    const { Readable } = require("node:stream");
    const stream = Readable.from(text === "" ? [] : [text]);
    stream.fd = 0;
    stream.isTTY = false;
    stream.setEncoding = () => stream;
    return stream;
  }

  #helper() {
    const tracer = () => this.tracer;
    return Object.freeze({
      x: (module, names) => this.#reach.set(module, names),
      c: (module, name, type, privates, statics) => {
        const token = module + name;
        this.#prototypes.set(type.prototype, token);
        this.#classes.set(type, token);
        if (privates) this.#privates.set(type, privates);
        if (statics) this.#accessors.set(type, statics);
      },
      o: (token, object, kept) => {
        this.#objects.set(object, token);
        if (kept) this.#accessors.set(object, kept);
        return object;
      },
      f: (at, around, name, f) => {
        this.#functions.set(f, [at, around]);
        if (name !== "" && f.name === "") Object.defineProperty(f, "name", { value: name, configurable: true });
        return f;
      },
      m: (module) => this.#main !== null && this.#program.modules.get(this.#main) === module,
      e: (token, pairs) => this.#enumeration(token, pairs),
      i: (at, around, self, given) => tracer().entered(at, around, self, given),
      r: (frame, value) => tracer().gives(frame, value),
      t: (frame, error) => tracer().threw(frame, error),
      l: (frame, self) => tracer().left(frame, self),
    });
  }

  #enumeration(token, pairs) {
    const made = new this.#own.Object();
    let next = 0;
    for (const [name, said] of pairs) {
      const value = said === undefined ? next : said;
      made[name] = value;
      if (typeof value === "number") {
        made[value] = name;
        next = value + 1;
      }
    }
    this.#objects.set(made, token);
    return made;
  }

  // modules

  #require(from) {
    return (name) => {
      const file = this.#program.resolved(from, name);
      if (file !== undefined) return this.#common(file);
      return this.#builtIn(name);
    };
  }

  #builtIn(name) {
    const plain = name.replace(/^node:/, "");
    if (!ALLOWED.has(plain)) {
      const known = require("node:module").builtinModules.includes(plain);
      const error = new this.#own.Error(
        known ? `${name} is not there in a check` : `Cannot find module '${name}'`,
      );
      error.code = "MODULE_NOT_FOUND";
      throw error;
    }
    if (plain === "process") return this.context.process;
    if (plain === "console") return this.context.console;
    return require(`node:${plain}`);
  }

  #common(file) {
    const known = this.#commons.get(file);
    if (known !== undefined) return known.exports;
    if (this.#program.isModule(file)) {
      const error = new this.#own.Error(`require() of ES Module ${file} not supported`);
      error.code = "ERR_REQUIRE_ESM";
      throw error;
    }
    const module = { exports: new this.#own.Object(), id: file, filename: file, loaded: false };
    this.#commons.set(file, module);
    const requires = this.#require(file);
    requires.main = this.#main === file ? module : undefined;
    const run = vm.compileFunction(
      this.#program.files[file],
      ["exports", "require", "module", "__filename", "__dirname"],
      { filename: file, parsingContext: this.context },
    );
    run.call(module.exports, module.exports, requires, module, file, path.posix.dirname(file));
    module.loaded = true;
    return module.exports;
  }

  async #linked(file) {
    const known = this.#modules.get(file);
    if (known !== undefined) return known;
    const module = new vm.SourceTextModule(this.#program.files[file], {
      context: this.context,
      identifier: file,
      initializeImportMeta: (meta) => {
        meta.url = `file:///${file}`;
        meta.filename = file;
      },
      importModuleDynamically: async (name) => {
        const asked = await this.#named(file, name);
        if (asked.status === "unlinked") await asked.link(this.#linker);
        await asked.evaluate();
        return asked;
      },
    });
    this.#modules.set(file, module);
    return module;
  }

  #linker = (name, from) => this.#named(from.identifier, name);

  async #named(from, name) {
    const file = this.#program.resolved(from, name);
    if (file !== undefined && this.#program.isModule(file)) return this.#linked(file);
    if (file === undefined && name.startsWith(".")) {
      throw new this.#own.Error(`Cannot find module '${name}' imported from ${from}`);
    }
    const exports = file !== undefined ? this.#common(file) : this.#builtIn(name);
    const names = isObject(exports) ? Object.keys(exports).filter((n) => n !== "default") : [];
    return new vm.SyntheticModule(
      ["default", ...names],
      function fill() {
        this.setExport("default", exports?.__esModule ? exports.default : exports);
        for (const n of names) this.setExport(n, exports[n]);
      },
      { context: this.context, identifier: name },
    );
  }

  /** Loads a module; what it does then is left off after a while, and what it had declared is there. */
  async load(name, file = this.#program.paths[name]) {
    if (this.#reach.has(name) || this.#failed.has(name)) return;
    try {
      await this.#run(file, IMPORTING);
    } catch (e) {
      this.#failed.set(name, e);
    }
  }

  async #run(file, timeout) {
    if (!this.#program.isModule(file)) {
      this.#common(file);
      return;
    }
    const module = await this.#linked(file);
    if (module.status === "unlinked") await module.link(this.#linker);
    await Promise.race([
      module.evaluate(timeout ? { timeout } : {}),
      new Promise((resolve) => setTimeout(resolve, timeout || 2 ** 30).unref()),
    ]);
  }

  /** Runs a module as what was started. */
  async runAsMain(name, given, input) {
    const file = this.#program.paths[name];
    this.#main = file;
    this.context.process.argv = ["node", file, ...given];
    this.context.process.stdin = this.stdin(input);
    try {
      await this.#run(file, 0);
      await this.#settled();
    } catch (e) {
      if (!(e instanceof Ended)) throw e;
    }
  }

  /** Waits for what was put off, for a while. */
  async #settled() {
    const until = Date.now() + 1500;
    const busy = () => process.getActiveResourcesInfo().some((r) => r === "Timeout" || r === "Immediate");
    while (busy() && Date.now() < until) await new Promise((resolve) => setTimeout(resolve, 5).unref());
  }

  isBusy() {
    return process.getActiveResourcesInfo().some((r) => r === "Timeout" || r === "Immediate");
  }

  forget() {
    for (const t of this.#timers) {
      clearTimeout(t);
      clearInterval(t);
    }
  }

  // types

  #place(token) {
    let name = token;
    while (name !== "" && !(name in this.#program.paths)) name = name.slice(0, Math.max(0, name.lastIndexOf(".")));
    return [name, token.slice(name.length + 1)];
  }

  /** What stands under a type's name in its module; the module's names for a module itself. */
  async standingAs(token) {
    if (this.#doubles.has(token)) return this.#doubles.get(token);
    const [name, rest] = this.#place(token);
    if (name === "") {
      const found = vm.runInContext(`typeof ${/^\w+$/.test(token) ? token : "undefined"} === "function" ? ${/^\w+$/.test(token) ? token : "undefined"} : undefined`, this.context);
      if (found === undefined) throw new Error(`there is no ${token}`);
      return found;
    }
    await this.load(name);
    const names = this.#reach.get(name);
    if (names === undefined) throw new Raised(this.#failed.get(name) ?? new Error(name));
    if (rest === "" || rest.startsWith("object:")) return new Proxy({}, { get: (_, n) => this.#named1(names, n), has: (_, n) => n in names });
    const plain = rest.replace(/-\d+$/, "");
    if (plain in names) {
      try {
        return names[plain]();
      } catch (e) {
        throw new Raised(this.#failed.get(name) ?? e);
      }
    }
    for (const [type, t] of this.#classes) if (t === token) return type;
    throw new Error(`there is no ${rest}`);
  }

  #named1(names, n) {
    try {
      return n in names ? names[n]() : undefined;
    } catch {
      // not there yet
      return undefined;
    }
  }

  /** The value of a module's name, wherever it stands. */
  anywhere(name) {
    for (const names of this.#reach.values()) {
      if (name in names) {
        try {
          return names[name]();
        } catch {
          // not there yet
        }
      }
    }
    return undefined;
  }

  /** The object of a module's that has an operation of that name. */
  holderOf(name) {
    for (const names of this.#reach.values()) {
      for (const n of Object.keys(names)) {
        const value = this.#named1(names, n);
        if (isObject(value) && typeof value[name] === "function") return value;
      }
    }
    return undefined;
  }

  parsed(type, operation, text) {
    if (type === "Date") return new this.#own.Date(text);
    throw new Error(`no ${type}: ${text}`);
  }

  of(value) {
    if (typeof value === "function") {
      const own = this.#classes.get(value);
      if (own !== undefined) return this.#program.classes.get(own) ?? "Function";
      const at = this.#functions.get(value);
      if (at === undefined) return "Function";
      if (at.length === 1) return at[0];
      return this.#program.functions.get(at[0]) ?? this.#program.functions.get(at[1]) ?? "Function";
    }
    const written = this.#objects.get(value);
    if (written !== undefined) return written;
    if (types.isProxy(value)) return "Proxy";
    for (let p = prototypeOf(value); p !== null; p = prototypeOf(p)) {
      const token = this.#prototypes.get(p);
      if (token !== undefined) return token;
    }
    return builtIn(value);
  }

  /** Whether it is an object that only keeps data. */
  isData(value) {
    if (typeof value !== "object" || types.isProxy(value)) return false;
    const p = prototypeOf(value);
    return (p === null || p === this.#own.Object.prototype || p === Object.prototype) && !this.#objects.has(value);
  }

  writesConstructor(token) {
    return this.#program.constructors.has(token);
  }

  isMadeWithoutConstructor(value, token) {
    if (typeof value !== "object" || token.endsWith(OTHER) || this.#objects.has(value)) return false;
    for (let p = prototypeOf(value); p !== null; p = prototypeOf(p)) {
      const own = this.#prototypes.get(p);
      if (own === undefined) break;
      if (this.#program.constructors.has(own)) return false;
    }
    return this.#prototypes.has(prototypeOf(value));
  }

  named(value) {
    if (typeof value === "function") {
      if (this.#classes.has(value)) return `the class ${value.name}`;
      return value.name === "" ? "a lambda" : `the function ${value.name}`;
    }
    let name = this.of(value);
    if (this.#objects.has(value)) return "an object that is written down";
    name = name.slice(name.lastIndexOf(".") + 1);
    if (name.endsWith(OTHER)) name = `unseen ${name.slice(0, -OTHER.length)}`;
    return (/^[AEIOUaeiou]/.test(name) ? "an " : "a ") + name;
  }

  /** What only its own class, or the function that made it, can see of an object. */
  privates(value) {
    const found = [];
    const reads = this.#accessors.get(value);
    for (const [name, read] of reads?.() ?? []) {
      try {
        found.push([name, read()]);
      } catch {
        // not there yet
      }
    }
    if (typeof value === "object") {
      for (const read of this.#privates.values()) found.push(...read(value));
    }
    return found;
  }

  // doubles

  async addDouble(token, shape) {
    const tracer = () => this.tracer;
    const keyOf = ([name, parameters, result]) => `${name}(${parameters.map(() => "?").join(",")})${result}`;
    const pad = (given, parameters) => {
      const told = [...given];
      while (told.length < parameters.length) told.push(undefined);
      return told;
    };
    if (shape.function) {
      const key = keyOf(shape.operations[0]);
      const parameters = shape.operations[0][1];
      const make = () => {
        const unseen = (...given) => tracer().asked(unseen, key, pad(given, parameters));
        this.#functions.set(unseen, [token]);
        return unseen;
      };
      this.#doubles.set(token, { make });
      return;
    }
    const base = shape.derives ? await this.standingAs(shape.of) : null;
    const name = shape.name.replace(/[^\p{L}\p{N}_$]/gu, "_") + OTHER;
    const made = vm.runInContext(
      "(base, name) => base ? { [name]: class extends base {} }[name] : { [name]: class {} }[name]",
      this.context,
    )(typeof base === "function" ? base : null, name);
    for (const operation of shape.operations) {
      const [called, parameters, , isProperty] = operation;
      const key = keyOf(operation);
      const asked = function asked(...given) {
        return tracer().asked(this, key, pad(given, parameters));
      };
      if (isProperty) Object.defineProperty(made.prototype, called, { get: asked, set: () => {}, configurable: true });
      else Object.defineProperty(made.prototype, called, { value: asked, writable: true, configurable: true });
    }
    if (!base) {
      for (const [field, type] of shape.fields) this.#held(made.prototype, field, type);
    }
    this.#prototypes.set(made.prototype, token);
    this.#classes.set(made, token);
    this.#doubles.set(token, made);
  }

  /** A double's field is none of its state: what the program reads there is ours. */
  #held(prototype, field, type) {
    const kept = new WeakMap();
    const number = () => (this.#fields = this.#fields + 1);
    Object.defineProperty(prototype, field, {
      get() {
        if (!kept.has(this)) kept.set(this, unlike(field, type, number()));
        return kept.get(this);
      },
      set(value) {
        kept.set(this, value);
      },
      configurable: true,
    });
  }
}

/** What stands in a field of a double that nobody has written yet: no two alike, so that one is not taken for the other. */
function unlike(field, type, number) {
  if (type === "number") return number;
  if (type === "boolean") return true;
  return type === "string" || type === "any" ? `${field} ${number}` : undefined;
}

function builtIn(value) {
  if (Array.isArray(value)) return "Array";
  if (types.isMap(value)) return "Map";
  if (types.isSet(value)) return "Set";
  if (types.isDate(value)) return "Date";
  if (types.isNativeError(value)) return "Error";
  if (types.isPromise(value)) return "Promise";
  return "Object";
}

/** The program ended itself. */
export class Ended extends Error {}

/** The program threw something. */
export class Raised extends Error {
  constructor(error) {
    super();
    this.error = error;
  }
}


