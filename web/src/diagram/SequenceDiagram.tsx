import { useId, useMemo } from 'react';
import type { Api } from '../api/client';
import { BAR, HEAD, laid, said, titleOf, type Row } from './sequence';
import { SealMark } from './SealMark';

type Calls = Api<'CallSequence'>;

const MOST = 60;
/** How far it may shrink to fit its place, before it has to be scrolled. */
const SMALLEST = 0.75;

/**
 * Who called whom, by UML's notation: time runs down; a filled arrowhead calls, a dashed arrow answers, a box at the end of an
 * arrow is made there, a bar is at work. Calls made over and over stand once, in a frame.
 *
 * @param teller what stands over the line of whoever is none of those who take part
 * @param most how many calls are drawn
 * @param roles names of types by role, for the seals over the lines
 * @param broken the expectation that did not hold, in words
 */
export function SequenceDiagram(props: {
  calls: Calls;
  teller?: string;
  most?: number;
  roles?: Record<string, string[]>;
  broken?: string;
}) {
  const { calls } = props;
  const most = props.most ?? Math.max(MOST, calls.brokenAt ?? 0);
  const marks = useId().replaceAll(':', '');
  const d = useMemo(() => laid(calls, props.teller ?? 'scenario', most), [calls, props.teller, most]);
  const roleOf = (type: string) =>
    Object.entries(props.roles ?? {}).find(([, types]) => types.includes(type))?.[0];
  return (
    <figure className="mt-2" aria-label={`Sequence of ${d.calls} calls`}>
      <div
        className="overflow-x-auto"
        // what is wider than the page is scrolled
        // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex
        tabIndex={0}
        role="group"
        aria-label="Sequence diagram"
      >
        <svg
          viewBox={`0 0 ${d.width} ${d.height}`}
          className="h-auto w-full font-ui text-ink"
          style={{ maxWidth: d.width, minWidth: d.width * SMALLEST }}
          aria-hidden="true"
        >
          <defs>
            <marker
              id={`${marks}-full`}
              viewBox="0 0 10 10"
              refX="10"
              refY="5"
              markerWidth="8"
              markerHeight="8"
              orient="auto"
            >
              <path d="M0 0 10 5 0 10Z" fill="currentColor" />
            </marker>
            <marker
              id={`${marks}-open`}
              viewBox="0 0 10 10"
              refX="10"
              refY="5"
              markerWidth="8"
              markerHeight="8"
              orient="auto"
            >
              <path d="M0 0 10 5 0 10" fill="none" stroke="currentColor" strokeWidth="1.3" />
            </marker>
          </defs>
          {d.columns.map((c) => (
            <line
              key={c.id}
              x1={c.x}
              y1={c.head + 30}
              x2={c.x}
              y2={d.height - 4}
              stroke="var(--soft)"
              strokeDasharray="4 4"
            />
          ))}
          {d.bars.map((b, i) => (
            <rect
              key={i}
              x={b.x - BAR}
              y={b.from}
              width={BAR * 2}
              height={b.to - b.from}
              fill="var(--tint)"
              stroke="currentColor"
            />
          ))}
          {d.frames.map((f, i) => (
            <g key={i}>
              <rect
                x={f.x}
                y={f.from}
                width={f.width}
                height={f.to - f.from}
                fill="none"
                stroke="var(--soft)"
              />
              <path d={`M${f.x} ${f.from}h62v11l-6 6h-56z`} fill="var(--sheet)" stroke="var(--soft)" />
              <text x={f.x + 6} y={f.from + 12.5} fontSize="11.5" fill="currentColor">
                loop {f.times}×
              </text>
            </g>
          ))}
          {d.rows.map((r, i) => (
            <Message key={i} row={r} marks={marks} width={d.width} broken={props.broken} />
          ))}
          {d.columns.map((c) => (
            <Head key={c.id} column={c} role={roleOf(c.type)} />
          ))}
        </svg>
      </div>
      {(calls.cut || calls.messages.length > most) && (
        <figcaption className="text-[13px] text-soft">
          {calls.cut
            ? 'There were more calls than were kept.'
            : `${calls.messages.length - most} further calls are not drawn.`}
        </figcaption>
      )}
      <InWords calls={calls} teller={props.teller ?? 'scenario'} most={most} broken={props.broken} />
    </figure>
  );
}

function Head({ column: c, role }: { column: ReturnType<typeof laid>['columns'][number]; role?: string }) {
  const title = titleOf(c);
  const { width } = c;
  return (
    <g transform={`translate(${c.x - width / 2} ${c.head + 2})`}>
      <title>{c.name ? `${c.name} : ${c.type}` : c.type}</title>
      <rect
        width={width}
        height={HEAD - 18}
        fill="var(--sheet)"
        stroke={c.id === '' ? 'var(--rule)' : 'currentColor'}
      />
      {role && <SealMark role={role} x={4} y={3.5} />}
      <text
        x={role ? 38 : width / 2}
        y={18.5}
        textAnchor={role ? 'start' : 'middle'}
        fontSize="12.5"
        fill={c.id === '' ? 'var(--soft)' : 'currentColor'}
      >
        {title}
      </text>
    </g>
  );
}

function Message({
  row: r,
  marks,
  width,
  broken,
}: {
  row: Row;
  marks: string;
  width: number;
  broken?: string;
}) {
  if (r.kind === 'broken') {
    return (
      <g className="text-madder">
        <path
          d={`M8 ${r.y}H${width * 0.4}M${width * 0.6} ${r.y}H${width - 8}`}
          stroke="currentColor"
          strokeWidth="2.4"
        />
        <text
          x={width / 2}
          y={r.y + 4}
          textAnchor="middle"
          fontSize="12"
          fontWeight="600"
          fill="currentColor"
          paintOrder="stroke"
          stroke="var(--sheet)"
          strokeWidth="5"
        >
          did not hold
        </text>
        {broken && <title>{broken}</title>}
      </g>
    );
  }
  const right = r.to > r.from;
  const self = r.from === r.to;
  const end = r.to + (right ? -BAR : BAR);
  const start = r.from + (right ? BAR : -BAR);
  const isReply = r.kind === 'reply';
  const stop = !isReply && r.makes ? r.to + (right ? -r.makes : r.makes) : end;
  return (
    <g>
      <title>{r.whole}</title>
      <text
        x={self ? r.from + BAR + 8 : Math.min(r.from, r.to) + BAR + 6}
        y={r.y - 5}
        fontSize="12"
        fontStyle={isReply ? 'italic' : undefined}
        fill={isReply ? 'var(--soft)' : 'currentColor'}
      >
        {r.text}
      </text>
      <path
        d={self ? `M${r.from + BAR} ${r.y}h24v9h-${24}` : `M${start} ${r.y}H${stop}`}
        fill="none"
        stroke={isReply ? 'var(--soft)' : 'currentColor'}
        strokeDasharray={isReply || r.makes ? '5 4' : undefined}
        className={isReply ? 'text-soft' : undefined}
        markerEnd={`url(#${marks}-${isReply || r.makes ? 'open' : 'full'})`}
      />
    </g>
  );
}

/** The same in words, with what was too long for the drawing. */
function InWords(props: { calls: Calls; teller: string; most: number; broken?: string }) {
  const names = new Map(props.calls.participants.map((p) => [p.id, titleOf(p)]));
  return (
    <details className="mt-0.5">
      <summary className="quiet w-fit text-[13.5px]">The same in words</summary>
      <ol className="mt-1 list-decimal pl-7 text-[14px] break-words">
        {props.calls.messages.slice(0, props.most).map((m, i) => (
          <li key={i}>
            {names.get(m.from) ?? `the ${props.teller}`} calls {names.get(m.to) ?? m.to}:{' '}
            <code className="name">{said(m)}</code>
            {m.result !== undefined && (
              <>
                , which gives <code className="name">{m.result}</code>
              </>
            )}
          </li>
        ))}
        {props.calls.brokenAt !== undefined && (
          <li className="text-madder">Here it did not hold{props.broken && `: ${props.broken}`}</li>
        )}
      </ol>
    </details>
  );
}
