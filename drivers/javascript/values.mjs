// Values on their way in and out. On the way out none of the program's code is run.

import util from "node:util";

const LONGEST_KEPT = 1000;
const LONGEST_SHOWN = 200;
const MOST_BITS = 4000;
const ITEMS = 30;
const SHOWN_ITEMS = 10;
const DEPTH = 3;
export const DRAWN = 1000;
export const ITSELF = Symbol("itself");
export const OTHER = "_other";

const { types } = util;
const getOwn = Object.getOwnPropertyDescriptor;
const ownKeys = Reflect.ownKeys;

const mapEntries = Map.prototype.entries;
const setValues = Set.prototype.values;
const dateText = Date.prototype.toISOString;

export const isObject = (v) => (typeof v === "object" && v !== null) || typeof v === "function";

/** The text, or its beginning with its length and a sum that tells it from others that begin alike. */
export function kept(text) {
  if (text.length <= LONGEST_KEPT) return text;
  let sum = 0;
  for (let i = 0; i < text.length; i++) sum = (sum * 31 + text.charCodeAt(i)) | 0;
  return `${text.slice(0, LONGEST_KEPT)}… (${text.length} characters, sum ${(sum >>> 0).toString(16)})`;
}

const cut = (text) =>
  text.length <= LONGEST_SHOWN ? text : `${text.slice(0, LONGEST_SHOWN)}… (${text.length} characters)`;

function number(value) {
  if (typeof value === "bigint") {
    const text = value.toString(16);
    return text.length * 4 > MOST_BITS ? `a number of ${text.length * 4} bits` : value.toString();
  }
  if (Object.is(value, -0)) return "0";
  return String(value);
}

/** What a property holds, where asking for it runs nothing; undefined where it would. */
function held(object, key) {
  const d = getOwn(object, key);
  return d && "value" in d ? d.value : undefined;
}

export class ObjectTable {
  #numbers = new Map();
  #objects = [];
  /** Told of each object that is seen for the first time; null for nobody. */
  seen = null;

  number(value) {
    let found = this.#numbers.get(value);
    if (found === undefined) {
      found = this.#objects.length;
      this.#numbers.set(value, found);
      this.#objects.push(value);
      this.seen?.(value, found);
    }
    return found;
  }

  get(which) {
    return this.#objects[which];
  }
}

/** What a container of the language holds, of a map keys and values in turn; null for what is none. */
export function itemsOf(value) {
  if (types.isProxy(value)) return null;
  if (Array.isArray(value)) {
    const all = [];
    for (let i = 0; i < value.length; i++) all.push(held(value, i));
    return all;
  }
  if (types.isMap(value)) return [...mapEntries.call(value)].flat();
  if (types.isSet(value)) return [...setValues.call(value)];
  return null;
}

const isMapLike = (value) => types.isMap(value);

export class ValueCodec {
  #objects;
  #tokens;
  opened = false;
  characters = 0;

  constructor(objects, tokens) {
    this.#objects = objects;
    this.#tokens = tokens;
  }

  outAll(all) {
    return all.map((v) => this.out(v));
  }

  out(value, depth = 0) {
    if (value === null || value === undefined) return { n: true };
    switch (typeof value) {
      case "boolean":
        return this.#simple("boolean", "truth", String(value));
      case "number":
        return this.#simple("number", "number", number(value));
      case "bigint":
        return this.#simple("bigint", "number", number(value));
      case "string":
        return this.#simple("string", "text", kept(value));
      case "symbol":
        return this.#simple("symbol", "text", kept(String(value)));
      default:
    }
    const type = this.#tokens.of(value);
    const shown = this.show(value);
    this.characters += type.length + shown.length;
    const told = { type, ref: this.#objects.number(value), shown };
    if (this.opened && depth < DEPTH) {
      const items = this.#told(value);
      if (items !== null && items.length <= 2 * ITEMS) told.items = items.map((v) => this.out(v, depth + 1));
    }
    return told;
  }

  #told(value) {
    return this.#tokens.isData(value)
      ? ownKeys(value).filter((k) => typeof k === "string").flatMap((k) => [k, held(value, k)])
      : itemsOf(value);
  }

  #simple(type, kind, s) {
    this.characters += s.length;
    return { type, kind, s };
  }

  taken(given) {
    if (given === null) return null;
    if ("ref" in given) return this.#objects.get(given.ref);
    if (given.itself) return ITSELF;
    if ("items" in given) return this.#several(given.type, given.items.map((i) => this.taken(i)));
    if ("operation" in given) return this.#tokens.parsed(given.type, given.operation, given.text);
    switch (given.type) {
      case "number":
        return Number(given.text);
      case "bigint":
        return BigInt(given.text);
      case "boolean":
        return given.text === "true";
      default:
        return given.text;
    }
  }

  #several(type, items) {
    const made = this.#tokens.globals();
    const pairs = () => {
      const all = [];
      for (let i = 0; i + 1 < items.length; i += 2) all.push([items[i], items[i + 1]]);
      return all;
    };
    switch (type) {
      case "Map": {
        const map = new made.Map();
        for (const [k, v] of pairs()) map.set(k, v);
        return map;
      }
      case "Object": {
        const object = new made.Object();
        for (const [k, v] of pairs()) object[k] = v;
        return object;
      }
      case "Set": {
        const set = new made.Set();
        for (const v of items) set.add(v);
        return set;
      }
      default: {
        const array = new made.Array();
        for (const v of items) array.push(v);
        return type === "Iterator" ? array[Symbol.iterator]() : array;
      }
    }
  }

  show(value) {
    try {
      return cut(this.#show(value, 0, new Set()));
    } catch {
      return "something that cannot be shown";
    }
  }

  #show(value, depth, within) {
    if (value === null || value === undefined) return String(value);
    if (typeof value === "string") return `"${cut(value)}"`;
    if (typeof value === "number" || typeof value === "bigint") return number(value);
    if (!isObject(value)) return String(value);
    if (types.isDate(value)) return dateText.call(value);
    if (depth >= DEPTH || within.has(value)) return depth < DEPTH ? "itself" : "…";
    within.add(value);
    try {
      const isData = this.#tokens.isData(value);
      if (isData || isMapLike(value)) {
        const all = this.#told(value);
        const parts = [];
        for (let i = 0; i + 1 < all.length && parts.length < SHOWN_ITEMS; i += 2) {
          const key = isData ? all[i] : this.#show(all[i], depth + 1, within);
          parts.push(`${key}: ${this.#show(all[i + 1], depth + 1, within)}`);
        }
        return ended("{", parts, all.length / 2, "}");
      }
      const all = itemsOf(value);
      if (all !== null) {
        const parts = all.slice(0, SHOWN_ITEMS).map((v) => this.#show(v, depth + 1, within));
        return ended(types.isSet(value) ? "{" : "[", parts, all.length, types.isSet(value) ? "}" : "]");
      }
      return this.#tokens.named(value);
    } finally {
      within.delete(value);
    }
  }
}

function ended(opening, parts, size, closing) {
  return opening + parts.join(", ") + (size > SHOWN_ITEMS ? `, and ${size - SHOWN_ITEMS} more` : "") + closing;
}

/** What would only be worked out when it is asked for, worked out. Runs the program's code. */
export async function drawn(value) {
  if (types.isPromise(value)) return drawn(await value);
  const isIterator =
    types.isGeneratorObject(value) || types.isMapIterator(value) || types.isSetIterator(value);
  if (!isIterator) return value;
  const all = [];
  for (const item of value) {
    all.push(item);
    if (all.length >= DRAWN) break;
  }
  return all;
}

/** All that an object keeps, also in objects it leads to, as texts by the way to them. */
export function stateOf(object, unread, tokens, privates) {
  const found = {};
  const seen = new Map(unread.map((o) => [o, "…"]));
  const waiting = [];
  let count = 0;
  const MOST = 600;
  const take = (way, value) => {
    if (count++ > MOST) return;
    if (typeof value === "string") found[way] = kept(value);
    else if (!isObject(value)) found[way] = typeof value === "symbol" ? String(value) : value === undefined ? "null" : typeof value === "object" ? "null" : String(value);
    else if (types.isDate(value)) found[way] = dateText.call(value);
    else if (seen.has(value)) found[way] = `→${seen.get(value)}`;
    else {
      seen.set(value, way);
      found[way] = tokens.of(value);
      waiting.push([way, value]);
    }
  };
  seen.delete(object);
  take("", object);
  while (waiting.length > 0 && count < MOST) {
    const [way, value] = waiting.shift();
    const below = way === "" ? "" : `${way}.`;
    if (types.isProxy(value)) continue;
    if (types.isMap(value)) {
      let i = 0;
      for (const [k, v] of mapEntries.call(value)) {
        take(`${below}${i}.key`, k);
        take(`${below}${i++}.value`, v);
      }
    } else {
      const all = itemsOf(value);
      if (all !== null) all.forEach((v, i) => take(`${below}${i}`, v));
      else {
        for (const key of ownKeys(value)) {
          const d = getOwn(value, key);
          const isOwn = typeof value !== "function" || !["length", "name", "prototype"].includes(key);
          if (d && "value" in d && isOwn) take(`${below}${String(key)}`, d.value);
        }
      }
    }
    for (const [name, v] of privates(value)) take(`${below}${name}`, v);
  }
  return found;
}


