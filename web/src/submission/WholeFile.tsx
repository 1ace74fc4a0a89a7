import { useEffect, useMemo, useRef, useState } from 'react';
import type { Api } from '../api/client';
import { PIECE, pieceOf, useSource } from '../api/sources';
import { Seal } from '../seal/Seal';
import { inks, words, type Verdict } from '../verdict/verdict';
import { plain, requirementsOf } from './claims';
import { edges, Highlighted, washes } from './Excerpt';
import { highlightedShort } from './highlight';
import { Remarks } from './Remarks';
import { useRight } from './rights';

type Submission = Api<'SubmissionView'>;

/** Lines that are drawn together when they come into view. */
const CHUNK = 120;

/** What rests on a line of a file. */
type Mark = { verdict: Verdict; text: string };

/** What the report says of the lines of a file. */
export function marksOf(report: Api<'CheckReport'>, path: string): Map<number, Mark[]> {
  const marks = new Map<number, Mark[]>();
  for (const c of requirementsOf(report)) {
    for (const e of c.finding.evidence) {
      for (let n = e.line; e.file === path && n <= e.endLine; n++) {
        marks.set(n, [...(marks.get(n) ?? []), { verdict: c.verdict, text: plain(c.finding.text) }]);
      }
    }
  }
  return marks;
}

/** The types that are declared in a file, by the line of their declaration. */
function declaredIn(diagram: Api<'ClassDiagram'> | undefined, path: string): Map<number, Api<'Classifier'>> {
  return new Map(
    (diagram?.classifiers ?? []).flatMap((c) =>
      c.place?.file === path && c.name ? [[c.place.line, c] as const] : [],
    ),
  );
}

/**
 * A whole file in its place on the page: roles at the declarations of their types, every line that a claim rests on marked,
 * remarks between the lines.
 *
 * @param at the line to begin with
 */
export function WholeFile(props: {
  submission: Submission;
  path: string;
  at: number;
  onClose: () => void;
  onType?: (id: string) => void;
}) {
  const { submission: s, path } = props;
  const total = s.sources.find((x) => x.path === path)?.lines ?? 0;
  const [from, setFrom] = useState(pieceOf(props.at));
  const source = useSource(s.id, path, from);
  const html = useMemo(
    () => (source.data ? highlightedShort(source.data.text, path) : []),
    [source.data, path],
  );
  const marks = useMemo(
    () => (s.report ? marksOf(s.report, path) : new Map<number, Mark[]>()),
    [s.report, path],
  );
  const declared = useMemo(() => declaredIn(s.report?.diagram, path), [s.report, path]);
  const [saying, setSaying] = useState<{ line: number; endLine: number }>();
  const marking = useRight('MARK');
  const box = useRef<HTMLDivElement>(null);
  const ready = html.length > 0;
  useEffect(() => {
    if (ready) {
      const line = box.current?.querySelector<HTMLElement>(`[data-line="${props.at}"]`);
      box.current?.scrollTo({ top: Math.max(0, (line?.offsetTop ?? 0) - 80) });
    }
  }, [ready, props.at]);
  const remarked = s.review.remarks.filter((r) => r.file === path);
  const choose = (n: number, further: boolean) => {
    if (further && saying) {
      setSaying({ line: Math.min(n, saying.line), endLine: Math.max(n, saying.line) });
    } else {
      setSaying(saying?.line === n && saying.endLine === n ? undefined : { line: n, endLine: n });
    }
  };
  const chunks = Array.from({ length: Math.ceil(html.length / CHUNK) }, (_, i) =>
    html.slice(i * CHUNK, (i + 1) * CHUNK),
  );
  return (
    <figure className="rounded-[3px] border border-ink bg-paper">
      <figcaption className="flex flex-wrap items-center gap-3 border-b border-rule px-2 py-1 text-[13px] text-soft">
        <span className="min-w-0 break-all">{path}</span>
        <button type="button" className="quiet ml-auto" onClick={props.onClose}>
          only the lines
        </button>
      </figcaption>
      <div
        ref={box}
        // the code is scrolled
        // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex
        tabIndex={0}
        role="group"
        aria-label={`${path}, ${total} lines`}
        className="relative max-h-[70vh] overflow-auto font-code text-[12.8px] leading-[24px]"
      >
        {source.isPending && <p className="p-2 text-soft italic">Opening the file …</p>}
        {source.isError && <p className="p-2 text-madder">{source.error.message}</p>}
        {chunks.map((chunk, c) => (
          <div
            key={c}
            className="w-max min-w-full"
            style={{ contentVisibility: 'auto', containIntrinsicSize: `auto ${chunk.length * 24}px` }}
          >
            {chunk.map((line, i) => {
              const n = from + c * CHUNK + i;
              const here = marks.get(n);
              return (
                <div key={n} data-line={n}>
                  <div
                    className={`flex border-l-[3px] ${here ? `${washes[here[0]!.verdict]} ${edges[here[0]!.verdict]}` : 'border-transparent'}`}
                  >
                    <button
                      type="button"
                      disabled={!marking}
                      className={`w-[46px] shrink-0 pr-3 text-right select-none enabled:hover:text-ink enabled:hover:underline ${saying && n >= saying.line && n <= saying.endLine ? 'bg-tint font-semibold text-ink' : 'text-soft'}`}
                      aria-label={`Line ${n}${here ? `, ${here.map((m) => `${words[m.verdict]}: ${m.text}`).join('; ')}` : ''}${marking ? '. Say something of it' : ''}`}
                      title={here?.map((m) => `${words[m.verdict]}: ${m.text}`).join('\n')}
                      onClick={(e) => choose(n, e.shiftKey)}
                    >
                      {n}
                    </button>
                    <pre className="pr-4">
                      <Highlighted html={line} />
                    </pre>
                    {declared.has(n) && <Declared type={declared.get(n)!} onType={props.onType} />}
                    {here && here.length > 1 && (
                      <span className={`ml-2 font-ui text-[12px] ${inks[here[0]!.verdict]}`}>
                        {here.length} claims
                      </span>
                    )}
                  </div>
                  {(remarked.some((r) => r.endLine === n) || saying?.endLine === n) && (
                    <div className="max-w-[640px] pb-2 pl-[58px] font-ui text-[14px] leading-[1.4]">
                      <Remarks
                        submission={s}
                        about={{ file: path, line: saying?.endLine === n ? saying.line : n, endLine: n }}
                        saying={saying?.endLine === n}
                        onSaying={(on) => setSaying(on ? { line: n, endLine: n } : undefined)}
                        onLast={(endLine) =>
                          saying &&
                          setSaying({ ...saying, endLine: Math.min(endLine, from + html.length - 1) })
                        }
                      />
                    </div>
                  )}
                </div>
              );
            })}
          </div>
        ))}
      </div>
      {total > PIECE && (
        <p className="flex gap-4 border-t border-rule px-2 py-1 text-[13px] text-soft">
          Lines {from} to {Math.min(total, from + PIECE - 1)} of {total}
          {from > 1 && (
            <button type="button" className="quiet" onClick={() => setFrom(from - PIECE)}>
              those before
            </button>
          )}
          {from + PIECE <= total && (
            <button type="button" className="quiet" onClick={() => setFrom(from + PIECE)}>
              those after
            </button>
          )}
        </p>
      )}
    </figure>
  );
}

/** At the declaration of a type: the roles it plays, and the way to say otherwise. */
function Declared({ type, onType }: { type: Api<'Classifier'>; onType?: (id: string) => void }) {
  const roles = type.roles.map((r) => <Seal key={r} role={r} />);
  return onType ? (
    <button
      type="button"
      className="ml-1 flex items-center gap-1 font-ui text-[12px] text-soft hover:text-ink"
      aria-label={`What ${type.name} is`}
      onClick={() => onType(type.id)}
    >
      {roles.length > 0 ? roles : <span className="underline">no role</span>}
    </button>
  ) : (
    <span className="ml-1 flex items-center gap-1">{roles}</span>
  );
}
