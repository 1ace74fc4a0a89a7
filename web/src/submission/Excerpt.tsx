import { useMemo, useState, type ReactNode } from 'react';
import type { Api } from '../api/client';
import { PIECE, pieceOf, useSource } from '../api/sources';
import { Seal } from '../seal/Seal';
import type { Verdict } from '../verdict/verdict';
import { highlighted } from './highlight';

type Source = Api<'SourceLine'>;
type Evidence = Api<'Evidence'>;

const MOST_LINES = 9;

export const washes: Record<Verdict, string> = {
  MET: 'bg-verdigris-wash',
  PARTLY: 'bg-ochre-wash',
  MISSING: 'bg-madder-wash',
  UNCLEAR: 'bg-slate-wash',
  NOT_APPLICABLE: 'bg-tint',
};

export const edges: Record<Verdict, string> = {
  MET: 'border-verdigris',
  PARTLY: 'border-ochre',
  MISSING: 'border-madder',
  UNCLEAR: 'border-slate',
  NOT_APPLICABLE: 'border-rule',
};

/** Some lines of a file, those that a verdict rests on marked. */
type Stretch = { file: string; from: number; to: number; marked: Set<number> };

/** Evidence gathered into stretches: what lies close together in a file is shown together. */
export function stretches(
  evidence: Evidence[],
  lineCount: (file: string) => number,
  around: number,
): Stretch[] {
  const found: Stretch[] = [];
  const inOrder = [...evidence].sort((a, b) => a.file.localeCompare(b.file) || a.line - b.line);
  for (const e of inOrder) {
    const end = Math.min(e.endLine, e.line + MOST_LINES - 1);
    const from = Math.max(1, e.line - around);
    const to = Math.min(lineCount(e.file), end + around);
    const last = found.at(-1);
    const marked = Array.from({ length: end - e.line + 1 }, (_, i) => e.line + i);
    if (last && last.file === e.file && from <= last.to + 2) {
      last.to = Math.max(last.to, to);
      marked.forEach((m) => last.marked.add(m));
    } else {
      found.push({ file: e.file, from, to, marked: new Set(marked) });
    }
  }
  return found;
}

/**
 * The lines of the sources that evidence names. What is met is shown without the lines around it.
 *
 * @param sources the files there are; their text is fetched when it is shown
 * @param places where the types of each role are declared, so that excerpts carry their seals
 */
export function Excerpts(props: {
  submission: number;
  evidence: Evidence[];
  sources: Source[];
  places?: Record<string, Evidence[]>;
  verdict: Verdict;
  most: number;
  /** draws a whole file in the place of an excerpt; left out where it cannot be opened here */
  whole?: (path: string, at: number, close: () => void) => ReactNode;
}) {
  const lines = useMemo(() => new Map(props.sources.map((s) => [s.path, s.lines])), [props.sources]);
  const around = props.verdict === 'MET' ? 0 : 1;
  const all = stretches(props.evidence, (file) => lines.get(file) ?? 0, around).filter((s) =>
    lines.has(s.file),
  );
  const role = (s: Stretch) => roleAt(props.places, s);
  const shown = all.slice(0, props.most);
  if (all.length === 0) {
    return null;
  }
  return (
    <div className="mt-2.5 grid grid-cols-[minmax(0,1fr)] gap-2">
      {shown.map((s) => (
        <Excerpt
          key={`${s.file}:${s.from}`}
          stretch={s}
          submission={props.submission}
          verdict={props.verdict}
          role={role(s)}
          whole={props.whole}
        />
      ))}
      {all.length > shown.length && (
        <details>
          <summary className="quiet w-fit text-[14px]">
            and {all.length - shown.length} more {all.length - shown.length === 1 ? 'place' : 'places'}
          </summary>
          <div className="mt-2 grid grid-cols-[minmax(0,1fr)] gap-2">
            {all.slice(props.most).map((s) => (
              <Excerpt
                key={`${s.file}:${s.from}`}
                stretch={s}
                submission={props.submission}
                verdict={props.verdict}
                role={role(s)}
                whole={props.whole}
              />
            ))}
          </div>
        </details>
      )}
    </div>
  );
}

/** The role of the innermost type in which a stretch lies. */
function roleAt(places: Record<string, Evidence[]> | undefined, s: Stretch): string | undefined {
  const around = Object.entries(places ?? {})
    .flatMap(([role, all]) => all.map((p) => ({ role, p })))
    .filter(
      ({ p }) => p.file === s.file && p.line <= Math.max(...s.marked) && Math.min(...s.marked) <= p.endLine,
    );
  around.sort((a, b) => a.p.endLine - a.p.line - (b.p.endLine - b.p.line));
  return around[0]?.role;
}

function Excerpt(props: {
  stretch: Stretch;
  submission: number;
  verdict: Verdict;
  role?: string;
  whole?: (path: string, at: number, close: () => void) => ReactNode;
}) {
  const { stretch, verdict } = props;
  const [open, setOpen] = useState(false);
  const from = pieceOf(stretch.from);
  const source = useSource(props.submission, stretch.file, from);
  // what goes over the end of a piece is shown up to there
  const count = Math.min(stretch.to, from + PIECE - 1) - stretch.from + 1;
  const piece = source.data;
  const html = useMemo(() => (piece ? highlighted(piece.text, stretch.file) : []), [piece, stretch.file]);
  const start = stretch.from - from;
  const texts = piece ? piece.text.split('\n').slice(start, start + count) : [];
  const indent = Math.min(...texts.filter((l) => l.trim()).map((l) => l.length - l.trimStart().length));
  const shown = html.slice(start, start + count);
  if (open && props.whole) {
    return props.whole(stretch.file, Math.min(...stretch.marked), () => setOpen(false));
  }
  return (
    <figure
      className={`overflow-hidden rounded-[3px] border border-rule bg-paper ${count === 1 ? 'flex flex-row-reverse' : ''}`}
    >
      <figcaption className="flex items-center justify-end gap-1.5 px-2 pt-[3px] pb-[2px] text-[12px] text-soft">
        <span className="max-w-[210px] truncate" title={stretch.file}>
          {stretch.file.split('/').at(-1)}
        </span>
        {props.whole && (
          <button
            type="button"
            className="quiet"
            onClick={() => setOpen(true)}
            aria-label={`The whole of ${stretch.file}`}
          >
            whole file
          </button>
        )}
        {props.role && <Seal role={props.role} />}
      </figcaption>
      <pre
        tabIndex={0}
        aria-label={`${stretch.file}, lines ${stretch.from} to ${stretch.to}`}
        aria-busy={source.isPending}
        className={`min-w-0 flex-1 overflow-x-auto font-code text-[12.8px] leading-[21px] ${count === 1 ? 'py-1' : 'pb-1'}`}
      >
        <code className="block w-max min-w-full">
          {Array.from({ length: Math.max(1, count) }, (_, i) => {
            const n = stretch.from + i;
            const marked = stretch.marked.has(n);
            return (
              <span
                key={n}
                className={`block border-l-[3px] pr-3 ${marked ? `${washes[verdict]} ${edges[verdict]}` : 'border-transparent'}`}
              >
                <span className="inline-block w-[38px] pr-3 text-right text-soft select-none">{n}</span>
                {source.isError ? (
                  <span className="text-madder">{i === 0 ? source.error.message : ''}</span>
                ) : (
                  <Highlighted html={unindented(shown[i] ?? '', Number.isFinite(indent) ? indent : 0)} />
                )}
              </span>
            );
          })}
        </code>
      </pre>
    </figure>
  );
}

/** A highlighted line without its first spaces; tags that stand before or among them stay. */
export function unindented(html: string, by: number): string {
  let left = by;
  return html.replace(/^(?:<[^>]*>|[ \t])*/, (start) =>
    start.replace(/<[^>]*>|[ \t]/g, (part) => (part.length > 1 || left-- <= 0 ? part : '')),
  );
}

/** A line as the highlighter gave it, which has escaped the text. */
export function Highlighted({ html }: { html: string }) {
  return <span dangerouslySetInnerHTML={{ __html: html || ' ' }} />;
}
