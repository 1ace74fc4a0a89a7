import { useLayoutEffect, useMemo, useRef, useState, useSyncExternalStore, type KeyboardEvent } from 'react';
import { Link, useParams } from 'react-router';
import { Asked } from '../alike/Asked';
import { useWeave } from '../api/cohort';
import type { Api } from '../api/client';
import { useExercise } from '../api/exercises';
import { counted, inWords } from '../page/count';
import { Notice, Waiting } from '../page/Notice';
import { Page } from '../page/Page';
import { RoleSeals } from '../seal/Seal';
import { SmallStroke } from '../verdict/Stroke';
import { words, type Verdict } from '../verdict/verdict';
import { draw, moved, ROW, threadWidth, verdicts, type Inks } from './strokes';

type Exercise = Api<'ExerciseView'>;
type Weave = Api<'Weave'>;

/** Where the course stands: every claim at every submission, so ordered that likes lie together. */
export function WeavePage() {
  const id = Number(useParams().exercise);
  const exercise = useExercise(id);
  const weave = useWeave(id);
  const e = exercise.data;
  const crumbs = e
    ? [
        { text: e.course.title, to: `/courses/${e.course.id}` },
        { text: `${e.number} · ${e.title}`, to: `/exercises/${id}` },
        { text: 'The weave' },
      ]
    : [{ text: 'The weave' }];
  const error = exercise.error ?? weave.error;
  return (
    <RoleSeals roles={e?.patterns.flatMap((p) => p.roles.map((r) => r.name)) ?? []}>
      <Page title={e ? `The weave, ${e.title}` : 'The weave'} crumbs={crumbs}>
        {error ? (
          <Notice
            title="The weave could not be fetched"
            text={error.message}
            again={() => void Promise.all([exercise.refetch(), weave.refetch()])}
          />
        ) : !e || !weave.data ? (
          <Waiting what="Setting up the threads" />
        ) : (
          <Woven exercise={e} weave={weave.data} />
        )}
      </Page>
    </RoleSeals>
  );
}

function Woven({ exercise, weave }: { exercise: Exercise; weave: Weave }) {
  const n = weave.submissions.length;
  const [chosen, setChosen] = useState<{ from: number; to: number }>();
  return (
    <>
      <h1 className="text-[27px]">The weave</h1>
      <p className="reading mt-1 max-w-[72ch] text-soft italic">
        {n === 0
          ? 'Nothing is checked yet. As soon as submissions are, each becomes a thread here, and what it misses a gap in it.'
          : `${inWords(n)} ${n === 1 ? 'submission' : 'submissions'} as threads from left to right, ${counted(weave.claims.length, 'claim')} from top to bottom; those that are alike lie side by side.`}
        {weave.unchecked > 0 &&
          ` ${inWords(weave.unchecked)} ${weave.unchecked === 1 ? 'has' : 'have'} no report yet.`}
      </p>
      {n > 0 && weave.claims.length > 0 && (
        <>
          <Legend />
          <Fabric exercise={exercise} weave={weave} chosen={chosen} onChosen={setChosen} />
          <Chosen exercise={exercise} weave={weave} chosen={chosen} />
          <details className="mt-5">
            <summary className="quiet w-fit text-[14px]">The same in words</summary>
            <ul className="mt-1 text-[14.5px]">
              {weave.claims.map((c) => (
                <li key={c.item} className="border-b border-dotted border-rule py-1">
                  <Asked item={c.item} exercise={exercise} />{' '}
                  <span className="text-soft">
                    met by {c.met} of {n}, missing in {c.missing}
                  </span>
                </li>
              ))}
            </ul>
          </details>
          <p className="mt-4 max-w-[72ch] text-[13.5px] text-soft">
            Ordered by reciprocal averaging (Hill 1973): submissions by what they miss, claims by who misses
            them.
          </p>
        </>
      )}
    </>
  );
}

function Legend() {
  const all: Verdict[] = ['MET', 'PARTLY', 'MISSING', 'UNCLEAR'];
  return (
    <ul aria-label="What the strokes mean" className="mt-3 flex flex-wrap gap-x-5 text-[13.5px] text-soft">
      {all.map((v) => (
        <li key={v} className="flex items-center gap-1.5">
          <SmallStroke verdict={v} label="in the weave" /> {words[v]}
        </li>
      ))}
      <li>nothing: does not apply</li>
    </ul>
  );
}

/** How wide the claims stand beside the threads. */
const LABELS = 300;

function Fabric(props: {
  exercise: Exercise;
  weave: Weave;
  chosen?: { from: number; to: number };
  onChosen: (chosen?: { from: number; to: number }) => void;
}) {
  const { weave, chosen, onChosen } = props;
  const room = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(800);
  const [at, setAt] = useState<{ row: number; column: number }>();
  const grip = useRef<number>(undefined);
  const columns = weave.submissions.length;
  const rows = weave.claims.length;
  const strokes = useMemo(() => weave.submissions.map((s) => s.strokes), [weave]);
  const thread = threadWidth(columns, width);
  const height = rows * ROW;

  useLayoutEffect(() => {
    const measure = () => setWidth(room.current?.clientWidth ?? 800);
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(room.current!);
    return () => observer.disconnect();
  }, []);

  function cell(e: { clientX: number; clientY: number }) {
    const box = room.current!.getBoundingClientRect();
    const column = Math.floor((e.clientX - box.left + room.current!.scrollLeft) / thread);
    const row = Math.floor((e.clientY - box.top) / ROW);
    return column >= 0 && column < columns && row >= 0 && row < rows ? { row, column } : undefined;
  }

  function onKey(e: KeyboardEvent) {
    const here = at ?? { row: 0, column: 0 };
    const next = moved(e.key, here, { rows, columns });
    if (next) {
      e.preventDefault();
      setAt(at ? next : here);
      const from = chosen && at ? (at.column === chosen.to ? chosen.from : chosen.to) : here.column;
      onChosen(
        e.shiftKey
          ? { from: Math.min(from, next.column), to: Math.max(from, next.column) }
          : chosen && !e.shiftKey
            ? undefined
            : chosen,
      );
      const x = next.column * thread;
      const place = room.current!;
      if (x < place.scrollLeft || x + thread > place.scrollLeft + width) {
        place.scrollLeft = x - width / 2;
      }
    } else if ((e.key === 'Enter' || e.key === ' ') && at) {
      e.preventDefault();
      onChosen(chosen ?? alikeAround(strokes, at.column));
    } else if (e.key === 'Escape') {
      onChosen(undefined);
    }
  }

  return (
    <div className="mt-3 grid grid-cols-[minmax(0,1fr)] min-[700px]:grid-cols-[300px_minmax(0,1fr)]">
      <ol
        aria-label="Claims"
        className="hidden border-r border-rule pr-3 min-[700px]:block"
        style={{ width: LABELS }}
      >
        {weave.claims.map((c, i) => (
          <li
            key={c.item}
            style={{ height: ROW }}
            className={`truncate font-read text-[14px] leading-[26px] ${at?.row === i ? 'text-ink' : 'text-soft'}`}
          >
            <Asked item={c.item} exercise={props.exercise} />
          </li>
        ))}
      </ol>
      {/* the threads are walked by keys */}
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-element-interactions */}
      <div
        ref={room}
        role="application"
        aria-roledescription="weave"
        aria-label={`Weave of ${counted(columns, 'submission')} and ${counted(rows, 'claim')}. Arrow keys go from thread to thread, with shift they choose, Enter opens those that are alike.`}
        // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex
        tabIndex={0}
        onKeyDown={onKey}
        className="relative overflow-x-auto overflow-y-hidden"
        style={{ height: height + 16 }}
      >
        <div
          className="relative flex"
          style={{ width: columns * thread, height }}
          onPointerDown={(e) => {
            const c = cell(e);
            grip.current = c?.column;
            if (c) {
              setAt(c);
              onChosen(undefined);
            }
          }}
          onPointerMove={(e) => {
            const c = cell(e);
            if (c && (c.row !== at?.row || c.column !== at.column)) {
              setAt(c);
              if (grip.current !== undefined && e.buttons === 1) {
                onChosen({ from: Math.min(grip.current, c.column), to: Math.max(grip.current, c.column) });
              }
            }
          }}
          onPointerUp={(e) => {
            const c = cell(e);
            if (c && c.column === grip.current) {
              onChosen(alikeAround(strokes, c.column));
            }
            grip.current = undefined;
          }}
        >
          {chosen && (
            <div
              className="absolute top-0 bottom-0 bg-tint"
              style={{ left: chosen.from * thread, width: (chosen.to - chosen.from + 1) * thread }}
            />
          )}
          {Array.from({ length: Math.ceil(columns / PIECE) }, (_, i) => (
            <Threads key={i} strokes={strokes} from={i * PIECE} thread={thread} rows={rows} />
          ))}
          {at && (
            <div
              className="absolute border-[1.5px] border-ink"
              style={{ left: at.column * thread, top: at.row * ROW, width: thread, height: ROW }}
            />
          )}
        </div>
      </div>
      <p
        role="status"
        className="col-span-full mt-1 min-h-[24px] text-[14px] min-[700px]:col-span-1 min-[700px]:col-start-2"
      >
        {at && <Here exercise={props.exercise} weave={weave} at={at} />}
      </p>
    </div>
  );
}

/** Threads that are drawn together: as many as one picture can hold on any screen. */
const PIECE = 250;

/** Some of the threads, drawn once; that they move is the browser's business. */
function Threads(props: { strokes: string[]; from: number; thread: number; rows: number }) {
  const { strokes, from, thread, rows } = props;
  const canvas = useRef<HTMLCanvasElement>(null);
  const count = Math.min(PIECE, strokes.length - from);
  const [width, height] = [count * thread, rows * ROW];
  const dark = useDark();
  useLayoutEffect(() => {
    const target = canvas.current!;
    function paint() {
      const style = getComputedStyle(target);
      const ink = (name: string) => style.getPropertyValue(name).trim();
      const inks: Inks = {
        MET: ink('--verdigris'),
        PARTLY: ink('--ochre'),
        MISSING: ink('--madder'),
        UNCLEAR: ink('--slate'),
        NOT_APPLICABLE: ink('--rule'),
      };
      const density = window.devicePixelRatio || 1;
      target.width = Math.ceil(width * density);
      target.height = Math.ceil(height * density);
      const pen = target.getContext('2d')!;
      pen.setTransform(density, 0, 0, density, 0, 0);
      draw(pen, strokes.slice(from, from + count), { left: 0, width: thread }, inks);
      performance.mark('weave-drawn');
    }
    if (from === 0) {
      paint();
      return;
    }
    // what is out of view comes when what is in view stands
    const wait = setTimeout(paint, 60 + from / 4);
    return () => clearTimeout(wait);
  }, [strokes, from, count, thread, width, height, dark]);
  return <canvas ref={canvas} style={{ width, height }} className="relative block shrink-0" />;
}

const DARK = '(prefers-color-scheme: dark)';

/** Whether it is dark, so that what is drawn by hand is drawn anew when that changes. */
function useDark(): boolean {
  return useSyncExternalStore(
    (listener) => {
      const query = window.matchMedia(DARK);
      query.addEventListener('change', listener);
      return () => query.removeEventListener('change', listener);
    },
    () => window.matchMedia(DARK).matches,
  );
}

/** The neighbours that have just the same strokes. */
export function alikeAround(strokes: string[], column: number): { from: number; to: number } {
  let from = column;
  let to = column;
  while (from > 0 && strokes[from - 1] === strokes[column]) {
    from--;
  }
  while (to < strokes.length - 1 && strokes[to + 1] === strokes[column]) {
    to++;
  }
  return { from, to };
}

function Here({
  exercise,
  weave,
  at,
}: {
  exercise: Exercise;
  weave: Weave;
  at: { row: number; column: number };
}) {
  const s = weave.submissions[at.column];
  const c = weave.claims[at.row];
  if (!s || !c) {
    return null;
  }
  const verdict = verdicts[s.strokes[at.row] ?? '-'] ?? 'NOT_APPLICABLE';
  return (
    <>
      <span className="font-semibold">{s.student}</span>
      <span className="text-soft">, group {s.group}: </span>
      <span className="font-semibold">{words[verdict]}</span>{' '}
      <span className="text-soft">
        – <Asked item={c.item} exercise={exercise} />
      </span>
    </>
  );
}

/** How many are named; more than that are read in piles. */
const NAMED = 60;

function Chosen(props: { exercise: Exercise; weave: Weave; chosen?: { from: number; to: number } }) {
  const { exercise, weave, chosen } = props;
  if (!chosen) {
    return (
      <p className="mt-2 text-[14px] text-soft">
        Choose a thread to see those that are just like it, or draw over several.
      </p>
    );
  }
  const those = weave.submissions.slice(chosen.from, chosen.to + 1);
  const missed = weave.claims.filter((_, j) => those.every((s) => s.strokes[j] === 'x'));
  return (
    <section aria-label="Chosen" className="mt-2 border-t border-rule pt-3">
      <p className="font-semibold">
        {counted(those.length, 'submission')}
        {missed.length > 0 && <span className="font-normal text-soft">, all of them without</span>}
      </p>
      {missed.length > 0 && (
        <ul className="mt-1">
          {missed.map((c) => (
            <li key={c.item} className="flex items-center gap-2 font-read text-[15px]">
              <SmallStroke verdict="MISSING" label="in all of them" />
              <span>
                <Asked item={c.item} exercise={exercise} />
              </span>
            </li>
          ))}
        </ul>
      )}
      <ul className="mt-2 flex flex-wrap gap-x-5 gap-y-1 text-[14px]">
        {those.slice(0, NAMED).map((s) => (
          <li key={s.submissionId}>
            <Link
              to={`/submissions/${s.submissionId}`}
              className={`quiet inline-block min-h-[24px] ${s.settled ? '' : 'font-semibold'}`}
            >
              {s.student}
            </Link>
          </li>
        ))}
        {those.length > NAMED && <li className="text-soft">and {those.length - NAMED} more</li>}
      </ul>
      <p className="mt-3 flex flex-wrap gap-4">
        <Link to={`/exercises/${exercise.id}/alike?with=${those[0]!.submissionId}`} className="act">
          Open the pile
        </Link>
        {those.length > 1 && (
          <Link
            to={`/exercises/${exercise.id}/beside?of=${those
              .slice(0, 4)
              .map((s) => s.submissionId)
              .join(',')}`}
            className="act"
          >
            Lay {those.length > 4 ? 'four' : inWords(those.length).toLowerCase()} side by side
          </Link>
        )}
      </p>
    </section>
  );
}
