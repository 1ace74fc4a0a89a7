import type { Api } from '../api/client';
import type { Sentences } from '../api/notation';

export type Shape = Api<'StepShape'>;
export type SlotKind =
  'NEW' | 'VARIABLE' | 'ROLE' | 'OPERATION' | 'FIELD' | 'ARGUMENT' | 'ARGUMENTS' | 'NUMBER' | 'TEXT';
export type Slot = { kind: SlotKind; text: string };

/** A step as words and things to be chosen; what stands before it, such as `repeat 3 times`, is a step's beginning of its own. */
export type ReadStep = { before: Filled[]; step: Filled };
export type Filled = { shape: Shape; slots: Slot[] };

/** What can be named in a step. */
export type Scope = { names: Sentences['names']; variables: string[] };

const NAME = '[\\p{L}\\p{N}_-]+';
const QUOTED = '"(?:\\\\.|[^"\\\\])*"';
const ARGUMENT = `(?:${QUOTED}|[^\\s,"]+)`;
const patterns: Record<SlotKind, string> = {
  NEW: NAME,
  VARIABLE: NAME,
  ROLE: NAME,
  OPERATION: NAME,
  FIELD: NAME,
  ARGUMENT,
  ARGUMENTS: `${ARGUMENT}(?:, ${ARGUMENT})*`,
  NUMBER: '\\d+',
  TEXT: QUOTED,
};

export function isSlot(word: string): word is SlotKind {
  return word in patterns;
}

/** The words as they are written: without the space before a comma, and without those around a point. */
function written(words: string): string {
  return words.replaceAll(' . ', '.').replaceAll(' , ', ', ');
}

const compiled = new Map<string, RegExp>();

function regex(shape: Shape): RegExp {
  let found = compiled.get(shape.words);
  if (!found) {
    const parts = shape.words
      .split(' ')
      .map((w) => (isSlot(w) ? `(${patterns[w]})` : w.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')));
    const text = parts.join(' ').replaceAll(' \\. ', '\\.').replaceAll(' , ', ', ');
    found = new RegExp(`^${text}`, 'u');
    compiled.set(shape.words, found);
  }
  return found;
}

function slotsOf(shape: Shape): SlotKind[] {
  return shape.words.split(' ').filter(isSlot);
}

function literals(shape: Shape): number {
  return shape.words.split(' ').length - slotsOf(shape).length;
}

function match(line: string, shape: Shape, whole: boolean): { filled: Filled; rest: string } | undefined {
  const found = regex(shape).exec(line);
  const rest = found ? line.slice(found[0].length) : '';
  if (!found || (whole ? rest !== '' : !rest.startsWith(' '))) {
    return undefined;
  }
  const slots = slotsOf(shape).map((kind, i) => ({ kind, text: found[i + 1]! }));
  return { filled: { shape, slots }, rest: rest.trimStart() };
}

/** The step that a line says; undefined where it is one that can only be written. */
export function readStep(line: string, shapes: Shape[], before: Shape[]): ReadStep | undefined {
  for (const b of before) {
    const found = match(line, b, false);
    const inner = found && readStep(found.rest, shapes, before);
    if (inner) {
      return { before: [found.filled, ...inner.before], step: inner.step };
    }
  }
  const fitting = shapes.flatMap((s) => match(line, s, true)?.filled ?? []);
  const step = fitting.sort((a, b) => literals(b.shape) - literals(a.shape))[0];
  return step && { before: [], step };
}

function filledIn(filled: Filled): string {
  const slots = [...filled.slots];
  return written(
    filled.shape.words
      .split(' ')
      .map((w) => (isSlot(w) ? slots.shift()!.text : w))
      .join(' '),
  );
}

/** The step as the notation writes it. */
export function sayStep(read: ReadStep): string {
  return [...read.before, read.step].map(filledIn).join(' ');
}

/** Names that lines give to something, in their order. */
export function variablesOf(lines: string[], shapes: Shape[], before: Shape[]): string[] {
  return lines.flatMap((line) => {
    const read = readStep(line, shapes, before);
    return read
      ? [...read.before, read.step].flatMap((f) => f.slots.filter((s) => s.kind === 'NEW').map((s) => s.text))
      : [];
  });
}

export function quoted(text: string): string {
  return `"${text.replace(/\\/g, '\\\\').replace(/"/g, '\\"')}"`;
}

export function unquoted(text: string): string {
  return text.slice(1, -1).replace(/\\(.)/g, '$1');
}

const free = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];

/** What a slot begins with, to be changed at once; undefined where there is nothing to choose from. */
function first(kind: SlotKind, scope: Scope): string | undefined {
  switch (kind) {
    case 'NEW':
      return free.find((n) => !scope.variables.includes(n)) ?? `object${scope.variables.length + 1}`;
    case 'VARIABLE':
      return scope.variables.at(-1);
    case 'NUMBER':
      return '2';
    case 'TEXT':
      return '"…"';
    case 'ARGUMENT':
    case 'ARGUMENTS':
      return 'any';
    default:
      return scope.names.find((n) => n.kind === kind)?.name;
  }
}

/** Whether something is there for everything that a shape leaves to be chosen. */
export function canBeSaid(shape: Shape, scope: Scope): boolean {
  return slotsOf(shape).every((kind) => first(kind, scope) !== undefined);
}

/** The shape filled in: with what fits of what stood there, and with something to begin with. */
export function otherwise(shape: Shape, slots: Slot[], scope: Scope): Filled {
  const left = [...slots];
  return {
    shape,
    slots: slotsOf(shape).map((kind) => {
      const at = left.findIndex((s) => s.kind === kind);
      const text = at >= 0 ? left.splice(at, 1)[0]!.text : first(kind, scope)!;
      return { kind, text };
    }),
  };
}
