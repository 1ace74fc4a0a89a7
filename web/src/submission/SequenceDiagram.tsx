import { useId } from 'react';
import type { Api } from '../api/client';

type Calls = Api<'CallSequence'>;

const STEP = 30;
const HEAD = 34;
const MOST = 24;
const NARROWEST = 84;
const WIDEST = 240;
const MOST_LETTERS = 30;
const LETTER = 6.2;
/** How far it may shrink to fit its place, before it has to be scrolled. */
const SMALLEST = 0.75;

/**
 * Who called whom, as a UML sequence diagram: time runs down, a dashed arrow gives back.
 *
 * @param teller what stands over the line of whoever is none of those who take part
 * @param most how many calls are drawn
 */
export function SequenceDiagram({
  calls,
  teller = 'scenario',
  most = MOST,
}: {
  calls: Calls;
  teller?: string;
  most?: number;
}) {
  const marker = useId();
  const { columns, rows, width } = lay(calls, teller, most);
  const height = HEAD + (rows.length + 1) * STEP;
  return (
    <figure className="mt-2" aria-label={`${rows.length} calls: ${rows.map((r) => r.label).join(', ')}`}>
      <div className="overflow-x-auto">
        <svg
          viewBox={`0 0 ${width} ${height}`}
          className="h-auto w-full text-ink"
          style={{ maxWidth: width, minWidth: width * SMALLEST }}
          aria-hidden="true"
        >
          <defs>
            <marker
              id={marker}
              viewBox="0 0 10 10"
              refX="9"
              refY="5"
              markerWidth="8"
              markerHeight="8"
              orient="auto"
            >
              <path d="M0 0 10 5 0 10Z" fill="currentColor" />
            </marker>
          </defs>
          {columns.map((c) => (
            <g key={c.id}>
              <line
                x1={c.x}
                y1={HEAD - 8}
                x2={c.x}
                y2={height - 6}
                stroke="var(--rule)"
                strokeDasharray="3 4"
              />
              <text x={c.x} y={HEAD - 16} textAnchor="middle" fontSize="12.5" fill="currentColor">
                {c.title}
              </text>
            </g>
          ))}
          {rows.map((r, i) => {
            const y = HEAD + (i + 1) * STEP - 6;
            const self = r.from === r.to;
            return (
              <g key={i}>
                <text
                  x={self ? r.from + 8 : Math.min(r.from, r.to) + 8}
                  y={y - 5}
                  fontSize="12"
                  fill="currentColor"
                >
                  {r.label}
                </text>
                <path
                  d={self ? `M${r.from} ${y}h26v7h-24` : `M${r.from} ${y}H${r.to + (r.to > r.from ? -1 : 1)}`}
                  fill="none"
                  stroke="currentColor"
                  markerEnd={`url(#${marker})`}
                />
              </g>
            );
          })}
        </svg>
      </div>
      {(calls.cut || calls.messages.length > most) && (
        <figcaption className="text-[13px] text-soft">
          {calls.cut
            ? 'There were more calls than were kept.'
            : `${calls.messages.length - most} further calls are not drawn.`}
        </figcaption>
      )}
    </figure>
  );
}

/** A column for the scenario and for each object or type that is called, as wide as what is written beside it. */
function lay(calls: Calls, teller: string, most: number) {
  const messages = calls.messages.slice(0, most);
  const used = calls.participants.filter((p) => messages.some((m) => m.to === p.id || m.from === p.id));
  const all = [{ id: '', title: teller }, ...used.map((p) => ({ id: p.id, title: title(p) }))];
  const labels = messages.map(labelOf);
  let x = 46;
  const columns = all.map((c, i) => {
    const at = x;
    // what is written over an arrow may run on over the columns that the arrow crosses
    const beside = messages
      .map((m, k) => {
        const from = indexOf(all, m.from);
        const to = indexOf(all, m.to);
        const crossed = Math.max(1, Math.abs(to - from));
        return Math.min(from, to) === i ? (labels[k]?.length ?? 0) / crossed : 0;
      })
      .reduce((a, b) => Math.max(a, b), 0);
    const heads = (c.title.length + (all[i + 1]?.title.length ?? 0)) / 2;
    x += Math.min(WIDEST, Math.max(NARROWEST, beside * LETTER + 20, heads * LETTER + 16));
    return { ...c, x: at };
  });
  const place = (id: string) => columns.find((c) => c.id === id)?.x ?? 46;
  const rows = messages.map((m, i) => ({ from: place(m.from), to: place(m.to), label: labels[i] ?? '' }));
  return { columns, rows, width: x };
}

function indexOf(all: { id: string }[], id: string) {
  return Math.max(
    0,
    all.findIndex((c) => c.id === id),
  );
}

function title(p: Calls['participants'][number]) {
  return p.id.startsWith('type ') ? p.type : `${p.name} : ${p.type || 'unseen'}`;
}

function labelOf(m: Calls['messages'][number]) {
  const text = `${m.operation}(${m.arguments.join(', ')})${m.result === undefined ? '' : ` → ${m.result}`}`;
  return text.length > MOST_LETTERS ? `${text.slice(0, MOST_LETTERS - 1)}…` : text;
}
