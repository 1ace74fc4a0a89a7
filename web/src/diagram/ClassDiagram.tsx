import { useEffect, useId, useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { spoken } from '../seal/roles';
import { CODE, compartment, cut, headHeight, inWords, LINE, UI, type Drawing, type Entry } from './drawing';
import { labelOf, placed, type Placed, type PlacedBox, type PlacedLink } from './layout';
import { SealMark } from './SealMark';
import { savePng, saveSvg } from './save';

const HIGHEST = 460;
const STEP = 60;
const LEAST = 0.3;
const MOST = 2.5;

type View = { x: number; y: number; scale: number };

/**
 * Types and their relationships by UML's notation: a hollow head for what is above, an open one for what is known, dashes for
 * realisation and dependency. What is missing is drawn as the gap it is.
 *
 * @param about what it shows, in a few words
 * @param name of the file when it is saved
 * @param fixed whether it stands as it is, without being moved or saved
 * @param onBox somebody has chosen a box that stands for a type
 */
export function ClassDiagram(props: {
  drawing: Drawing;
  about: string;
  name?: string;
  fixed?: boolean;
  chosen?: string;
  onBox?: (id: string) => void;
}) {
  const { drawing } = props;
  const layout = useLayout(drawing);
  if (layout === 'none') {
    return <WordsOf drawing={drawing} open />;
  }
  if (!layout) {
    return (
      <p role="status" className="text-soft italic">
        Drawing {drawing.boxes.length} types …
      </p>
    );
  }
  return (
    <figure aria-label={props.about}>
      <Stage {...props} layout={layout} />
      <WordsOf drawing={drawing} />
    </figure>
  );
}

/** Where everything comes; undefined until that is known, `none` where it cannot be worked out. */
function useLayout(drawing: Drawing): Placed | 'none' | undefined {
  const [layout, setLayout] = useState<{ of: Drawing; is: Placed | 'none' }>();
  useEffect(() => {
    let wanted = true;
    placed(drawing)
      .then((is) => wanted && setLayout({ of: drawing, is }))
      .catch(() => wanted && setLayout({ of: drawing, is: 'none' }));
    return () => {
      wanted = false;
    };
  }, [drawing]);
  // what was drawn before stays until the new one is there
  return layout?.is;
}

function Stage(props: {
  drawing: Drawing;
  layout: Placed;
  about: string;
  name?: string;
  fixed?: boolean;
  chosen?: string;
  onBox?: (id: string) => void;
}) {
  const { layout } = props;
  const marks = useId().replaceAll(':', '');
  const svg = useRef<SVGSVGElement>(null);
  const [view, setView] = useState<View>({ x: 0, y: 0, scale: 1 });
  const grip = useRef<{ x: number; y: number } | null>(null);
  const whole = `-4 -4 ${Math.ceil(layout.width + 8)} ${Math.ceil(layout.height + 8)}`;
  const zoom = (by: number) =>
    setView((v) => ({ ...v, scale: Math.min(MOST, Math.max(LEAST, v.scale * by)) }));
  const move = (x: number, y: number) => setView((v) => ({ ...v, x: v.x + x, y: v.y + y }));
  const back = () => setView({ x: 0, y: 0, scale: 1 });

  function onKey(e: KeyboardEvent) {
    const acts: Record<string, () => void> = {
      ArrowLeft: () => move(STEP, 0),
      ArrowRight: () => move(-STEP, 0),
      ArrowUp: () => move(0, STEP),
      ArrowDown: () => move(0, -STEP),
      '+': () => zoom(1.2),
      '-': () => zoom(1 / 1.2),
      '0': back,
    };
    const act = acts[e.key];
    if (act && !e.ctrlKey && !e.metaKey && !e.altKey) {
      e.preventDefault();
      act();
    }
  }

  function onMove(e: PointerEvent) {
    if (grip.current) {
      move((e.clientX - grip.current.x) * ratio(), (e.clientY - grip.current.y) * ratio());
      grip.current = { x: e.clientX, y: e.clientY };
    }
  }

  /** Units of the drawing in one of the screen. */
  function ratio() {
    return (layout.width + 8) / (svg.current?.getBoundingClientRect().width || layout.width + 8);
  }

  const picture = (
    <svg
      ref={svg}
      viewBox={whole}
      data-whole={whole}
      style={{ maxHeight: props.fixed ? undefined : HIGHEST, width: layout.width + 8, maxWidth: '100%' }}
      className={`block h-auto text-ink ${props.fixed ? 'overflow-visible' : 'cursor-grab touch-pan-y active:cursor-grabbing'}`}
      onPointerDown={
        props.fixed
          ? undefined
          : (e) => {
              grip.current = { x: e.clientX, y: e.clientY };
            }
      }
      onPointerMove={props.fixed ? undefined : onMove}
      onPointerUp={() => (grip.current = null)}
      onPointerLeave={() => (grip.current = null)}
    >
      <Marks id={marks} />
      <g data-moved transform={`translate(${view.x} ${view.y}) scale(${view.scale})`}>
        {layout.links.map((l, i) => (
          <Line key={i} link={l} marks={marks} />
        ))}
        {layout.boxes.map((b) => (
          <BoxShape key={b.id} box={b} isChosen={b.id === props.chosen} onBox={props.onBox} />
        ))}
      </g>
    </svg>
  );
  if (props.fixed) {
    return picture;
  }
  return (
    <>
      {/* the drawing is moved with the arrow keys */}
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-element-interactions */}
      <div
        // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex
        tabIndex={0}
        role="group"
        aria-label={`${props.about}; arrow keys move it, plus and minus zoom, 0 puts it back`}
        onKeyDown={onKey}
        className="overflow-hidden border border-rule bg-sheet p-2"
      >
        {picture}
      </div>
      <div className="mt-1.5 flex flex-wrap items-center gap-x-4 gap-y-1 text-[13.5px] text-soft">
        <button type="button" className="quiet" onClick={() => zoom(1.2)}>
          Larger
        </button>
        <button type="button" className="quiet" onClick={() => zoom(1 / 1.2)}>
          Smaller
        </button>
        <button type="button" className="quiet" onClick={back}>
          All of it
        </button>
        {props.name && (
          <span className="ml-auto flex gap-3">
            Keep as
            <button type="button" className="quiet" onClick={() => saveSvg(svg.current!, props.name!)}>
              SVG
            </button>
            <button type="button" className="quiet" onClick={() => void savePng(svg.current!, props.name!)}>
              PNG
            </button>
          </span>
        )}
      </div>
    </>
  );
}

function Marks({ id }: { id: string }) {
  return (
    <defs>
      <marker
        id={`${id}-hollow`}
        viewBox="0 0 14 14"
        refX="13"
        refY="7"
        markerWidth="14"
        markerHeight="14"
        orient="auto"
      >
        <path d="M1 1 13 7 1 13Z" fill="var(--sheet)" stroke="var(--ink)" />
      </marker>
      <marker
        id={`${id}-open`}
        viewBox="0 0 12 12"
        refX="11"
        refY="6"
        markerWidth="12"
        markerHeight="12"
        orient="auto"
      >
        <path d="M1 1 11 6 1 11" fill="none" stroke="var(--ink)" />
      </marker>
    </defs>
  );
}

function Line({ link, marks }: { link: PlacedLink; marks: string }) {
  const [start, ...rest] = link.points;
  if (!start) {
    return null;
  }
  const d = `M${start.x} ${start.y}${rest.map((p) => `L${p.x} ${p.y}`).join('')}`;
  const above = link.kind === 'GENERALISATION' || link.kind === 'REALISATION';
  const dashed = link.kind === 'REALISATION' || link.kind === 'DEPENDENCY';
  const ink = link.isMissing ? 'var(--madder)' : 'var(--ink)';
  return (
    <g opacity={link.kind === 'DEPENDENCY' && !link.isMissing ? 0.55 : 1}>
      <path
        d={d}
        fill="none"
        stroke={ink}
        strokeWidth={link.isMissing ? 2.2 : 1}
        strokeDasharray={link.isMissing ? '14 10' : dashed ? '6 4' : undefined}
        markerEnd={link.isMissing ? undefined : `url(#${marks}-${above ? 'hollow' : 'open'})`}
      />
      {link.labelAt && (
        <text
          x={link.labelAt.x}
          y={link.labelAt.y}
          textAnchor={link.labelAt.anchor}
          fontSize="12"
          fontFamily={UI}
          paintOrder="stroke"
          stroke="var(--sheet)"
          strokeWidth="4"
          fontStyle={link.isMissing ? 'italic' : undefined}
          fill={ink}
        >
          {labelOf(link)}
        </text>
      )}
    </g>
  );
}

function BoxShape(props: { box: PlacedBox; isChosen: boolean; onBox?: (id: string) => void }) {
  const { box: b, onBox } = props;
  const head = headHeight(b);
  const first = head + compartment(b.attributes);
  const seals = b.roles.length * 34;
  const text = cut(b.name);
  const from = (b.width - seals - text.length * 8) / 2;
  const known = b.roles.length > 0 ? `, ${b.roles.map(spoken).join(' and ')}` : '';
  const press = onBox && !b.isGap && !b.id.startsWith('role:');
  return (
    <g
      transform={`translate(${b.x} ${b.y})`}
      {...(press && {
        role: 'button',
        tabIndex: 0,
        'aria-label': `${b.name}${known}`,
        'aria-pressed': props.isChosen,
        className: 'cursor-pointer',
        onClick: () => onBox(b.id),
        onKeyDown: (e: KeyboardEvent) => {
          if (e.key === 'Enter' || e.key === ' ') {
            e.preventDefault();
            e.stopPropagation();
            onBox(b.id);
          }
        },
      })}
    >
      <rect
        width={b.width}
        height={b.height}
        fill={b.isGap ? 'none' : 'var(--sheet)'}
        stroke={b.isGap ? 'var(--madder)' : b.isQuiet ? 'var(--rule)' : 'var(--ink)'}
        strokeWidth={props.isChosen ? 2.5 : 1}
        strokeDasharray={b.isGap ? '8 6' : undefined}
      />
      {b.keyword && (
        <text x={b.width / 2} y={16} textAnchor="middle" fontSize="11.5" fontFamily={UI} fill="var(--soft)">
          «{b.keyword}»
        </text>
      )}
      {b.roles.map((r, i) => (
        <SealMark key={r} role={r} x={from + i * 34} y={head - 28} />
      ))}
      <text
        x={from + seals + 2}
        y={head - 12}
        fontSize="14.5"
        fontWeight={b.isQuiet ? 400 : 600}
        fontStyle={b.isAbstract || b.isGap ? 'italic' : undefined}
        fontFamily={UI}
        fill={b.isGap ? 'var(--madder)' : b.isQuiet ? 'var(--soft)' : 'var(--ink)'}
      >
        {text}
      </text>
      <Compartment entries={b.attributes} from={head} width={b.width} />
      <Compartment entries={b.operations} from={first} width={b.width} />
    </g>
  );
}

function Compartment({ entries, from, width }: { entries: Entry[]; from: number; width: number }) {
  if (entries.length === 0) {
    return null;
  }
  return (
    <>
      <path d={`M0 ${from}H${width}`} stroke="var(--ink)" />
      {entries.map((e, i) => (
        <text
          key={i}
          x={9}
          y={from + (i + 1) * LINE - 1}
          fontSize="12"
          fontFamily={CODE}
          fontStyle={e.isAbstract ? 'italic' : undefined}
          textDecoration={e.isStatic ? 'underline' : undefined}
          fill={e.isMember ? 'var(--ink)' : 'var(--soft)'}
        >
          {cut(e.text)}
        </text>
      ))}
    </>
  );
}

/** The same in words. */
function WordsOf({ drawing, open }: { drawing: Drawing; open?: boolean }) {
  const names = useMemo(
    () => new Map(drawing.boxes.map((b) => [b.id, b.isGap ? b.roles.map(spoken).join(', ') : b.name])),
    [drawing],
  );
  return (
    <details open={open} className="mt-1.5">
      <summary className="quiet w-fit text-[13.5px]">The same in words</summary>
      <ul className="mt-1 columns-1 gap-8 text-[14px] sm:columns-2">
        {drawing.boxes
          .filter((b) => b.roles.length > 0)
          .map((b) => (
            <li key={b.id}>
              {b.name} {b.isGap ? 'plays the' : 'is the'}{' '}
              {b.roles.map((r) => spoken(r).toLowerCase()).join(' and ')}
            </li>
          ))}
        {drawing.links.map((l, i) => (
          <li key={`l${i}`} className={l.isMissing ? 'text-madder' : undefined}>
            {inWords(l, names)}
          </li>
        ))}
      </ul>
    </details>
  );
}
