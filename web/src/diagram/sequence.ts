import type { Api } from '../api/client';

type Calls = Api<'CallSequence'>;
type Message = Calls['messages'][number];

/** A call with those that were made while it was under way. */
export type Call = { message: Message; inner: Step[] };

/** A call, or several that are made over and over. */
export type Step = { kind: 'call'; call: Call } | { kind: 'loop'; times: number; inner: Step[] };

/** Calls as they lie within each other: who calls is whoever was called last and has not answered. */
export function nested(messages: Message[]): Call[] {
  const top: Call[] = [];
  const open: Call[] = [];
  messages.forEach((message) => {
    const from = open.findLastIndex(
      (c) => c.message.to === message.from && c.message.thread === message.thread,
    );
    open.length = message.from === '' ? 0 : from < 0 ? open.length : from + 1;
    const call: Call = { message, inner: [] };
    const around = open.at(-1);
    if (around) {
      around.inner.push({ kind: 'call', call });
    } else {
      top.push(call);
    }
    open.push(call);
  });
  return top;
}

/** What is repeated at least so often is drawn once. */
const OFTEN = 3;
/** How many calls one round of a repetition may have, side by side. */
const LONGEST_ROUND = 3;

function sign(step: Step): string {
  if (step.kind === 'loop') {
    return `${step.times}x(${step.inner.map(sign).join()})`;
  }
  const m = step.call.message;
  return `${m.from}>${m.to}.${m.operation}(${step.call.inner.map(sign).join()})`;
}

/** Steps with what is made over and over put together. */
export function looped(steps: Step[]): Step[] {
  const all = steps.map((s): Step =>
    s.kind === 'call' ? { kind: 'call', call: { ...s.call, inner: looped(s.call.inner) } } : s,
  );
  const signs = all.map(sign);
  const out: Step[] = [];
  for (let i = 0; i < all.length;) {
    let best = { round: 1, times: 1 };
    for (let round = 1; round <= LONGEST_ROUND; round++) {
      let times = 1;
      while (
        i + (times + 1) * round <= all.length &&
        signs.slice(i, i + round).every((s, k) => s === signs[i + times * round + k])
      ) {
        times++;
      }
      if (times >= OFTEN && times * round > best.times * best.round) {
        best = { round, times };
      }
    }
    if (best.times >= OFTEN) {
      out.push({ kind: 'loop', times: best.times, inner: all.slice(i, i + best.round) });
    } else {
      out.push(all[i]!);
    }
    i += best.round * best.times;
  }
  return out;
}

export type Column = { id: string; name: string; type: string; x: number; head: number; width: number };
export type Row =
  | { kind: 'call'; y: number; from: number; to: number; text: string; whole: string; makes: number }
  | { kind: 'reply'; y: number; from: number; to: number; text: string; whole: string }
  | { kind: 'broken'; y: number };
export type Bar = { x: number; from: number; to: number };
export type Frame = { x: number; width: number; from: number; to: number; times: number };
export type Laid = {
  columns: Column[];
  rows: Row[];
  bars: Bar[];
  frames: Frame[];
  width: number;
  height: number;
  calls: number;
};

export const HEAD = 46;
const ROW = 27;
const HALF = 5;
const LETTER = 6.3;
const NARROWEST = 96;
const WIDEST = 230;
export const MOST_LETTERS = 30;

export function short(text: string): string {
  return text.length > MOST_LETTERS ? `${text.slice(0, MOST_LETTERS - 1)}…` : text;
}

export function said(m: Message): string {
  return m.operation === 'new'
    ? `new(${m.arguments.join(', ')})`
    : `${m.operation}(${m.arguments.join(', ')})`;
}

/**
 * Where everything of a sequence diagram comes.
 *
 * @param teller what stands over the line of whoever is none of those who take part
 * @param most how many calls are drawn
 */
export function laid(calls: Calls, teller: string, most: number): Laid {
  const messages = calls.messages.slice(0, most);
  const used = calls.participants.filter((p) => messages.some((m) => m.to === p.id || m.from === p.id));
  const all = [{ id: '', name: '', type: teller }, ...used];
  const place = (id: string) =>
    Math.max(
      0,
      all.findIndex((c) => c.id === id),
    );
  let x = 64;
  const columns = all.map((c, i): Column => {
    const beside = messages.reduce((widest, m) => {
      const a = place(m.from);
      const b = place(m.to);
      const crossed = Math.max(1, Math.abs(a - b));
      const text = Math.max(short(said(m)).length, short(m.result ?? '').length);
      return Math.min(a, b) === i ? Math.max(widest, text / crossed) : widest;
    }, 0);
    const head = widthOf(c);
    const column = { id: c.id, name: c.name, type: c.type, x, head: 0, width: head };
    const next = all[i + 1];
    const heads = next ? (head + widthOf(next)) / 2 + 14 : head / 2 + 10;
    x += Math.max(NARROWEST, heads, Math.min(WIDEST, beside * LETTER + 26));
    return column;
  });
  const rows: Row[] = [];
  const bars: Bar[] = [];
  const frames: Frame[] = [];
  let y = HEAD + 20;
  const made = new Set<string>();
  const spot = (id: string) => columns[place(id)]!;

  function put(step: Step): { left: number; right: number } {
    if (step.kind === 'loop') {
      const from = y - 12;
      y += 26;
      const reach = span(step.inner.map(put));
      frames.push({
        x: reach.left - 14,
        width: reach.right - reach.left + 28,
        from,
        to: y - 6,
        times: step.times,
      });
      y += 8;
      return reach;
    }
    const { message: m, inner } = step.call;
    const from = spot(m.from);
    const to = spot(m.to);
    const makes = m.operation === 'new' && !made.has(m.to) && m.to !== m.from;
    if (makes) {
      // whoever is made begins where it is made
      made.add(m.to);
      to.head = y - 22;
      y += 6;
    }
    const start = y;
    rows.push({
      kind: 'call',
      y,
      from: from.x,
      to: to.x,
      text: short(said(m)),
      whole: said(m),
      makes: makes ? to.width / 2 : 0,
    });
    y += ROW + (from === to ? 6 : makes ? 12 : 0);
    const reach = span([...inner.map(put), { left: Math.min(from.x, to.x), right: Math.max(from.x, to.x) }]);
    const answers = m.result !== undefined && m.operation !== 'new';
    if (answers && from !== to) {
      rows.push({
        kind: 'reply',
        y: y - 4,
        from: to.x,
        to: from.x,
        text: short(m.result!),
        whole: m.result!,
      });
      y += ROW - 5;
    }
    if (m.to !== '') {
      bars.push({
        x: to.x,
        from: makes ? start + 22 : start,
        to: Math.max(y - 12, start + (makes ? 34 : 12)),
      });
    }
    return reach;
  }

  looped(nested(messages).map((call) => ({ kind: 'call', call }))).forEach(put);
  // a scenario ends with the first expectation that does not hold
  if (calls.brokenAt !== undefined && calls.brokenAt <= messages.length) {
    rows.push({ kind: 'broken', y: y + 2 });
    y += ROW;
  }
  return { columns, rows, bars, frames, width: x, height: y + 10, calls: messages.length };
}

export const BAR = HALF;

function span(all: { left: number; right: number }[]) {
  return {
    left: Math.min(...all.map((s) => s.left)),
    right: Math.max(...all.map((s) => s.right)),
  };
}

/** How wide the box over a line is, with room for a seal. */
function widthOf(p: { id: string; name: string; type: string }): number {
  return Math.max(52, titleOf(p).length * 6.9 + (p.id === '' ? 16 : 46));
}

/** As UML names an object: its name, a colon, its type. */
export function titleOf(p: { id: string; name: string; type: string }): string {
  return p.id === '' || p.id.startsWith('type ')
    ? p.type
    : short(`${p.name} : ${p.type || 'stand-in'}`.trim());
}
