import hljs from 'highlight.js/lib/core';
import java from 'highlight.js/lib/languages/java';
import { useMemo } from 'react';
import type { Api } from '../api/client';
import { Seal } from '../seal/Seal';
import type { Verdict } from '../verdict/verdict';

hljs.registerLanguage('java', java);

type Source = Api<'SourceFile'>;
type Evidence = Api<'Evidence'>;

const MOST_LINES = 9;

const washes: Record<Verdict, string> = {
  MET: 'bg-verdigris-wash',
  PARTLY: 'bg-ochre-wash',
  MISSING: 'bg-madder-wash',
  UNCLEAR: 'bg-slate-wash',
  NOT_APPLICABLE: 'bg-tint',
};

const edges: Record<Verdict, string> = {
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
 * @param places where the types of each role are declared, so that excerpts carry their seals
 */
export function Excerpts(props: {
  evidence: Evidence[];
  sources: Source[];
  places?: Record<string, Evidence[]>;
  verdict: Verdict;
  most: number;
}) {
  const lines = useMemo(
    () => new Map(props.sources.map((s) => [s.path, s.text.split(/\r?\n/)] as const)),
    [props.sources],
  );
  const around = props.verdict === 'MET' ? 0 : 1;
  const all = stretches(props.evidence, (file) => lines.get(file)?.length ?? 0, around).filter((s) =>
    lines.has(s.file),
  );
  const role = (s: Stretch) => roleAt(props.places, s);
  const shown = all.slice(0, props.most);
  if (all.length === 0) {
    return null;
  }
  return (
    <div className="mt-2.5 grid gap-2">
      {shown.map((s) => (
        <Excerpt
          key={`${s.file}:${s.from}`}
          stretch={s}
          lines={lines.get(s.file)!}
          verdict={props.verdict}
          role={role(s)}
        />
      ))}
      {all.length > shown.length && (
        <details>
          <summary className="quiet w-fit text-[14px]">
            and {all.length - shown.length} more {all.length - shown.length === 1 ? 'place' : 'places'}
          </summary>
          <div className="mt-2 grid gap-2">
            {all.slice(props.most).map((s) => (
              <Excerpt
                key={`${s.file}:${s.from}`}
                stretch={s}
                lines={lines.get(s.file)!}
                verdict={props.verdict}
                role={role(s)}
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

function Excerpt(props: { stretch: Stretch; lines: string[]; verdict: Verdict; role?: string }) {
  const { stretch, lines, verdict } = props;
  const shown = lines.slice(stretch.from - 1, stretch.to);
  const indent = Math.min(...shown.filter((l) => l.trim()).map((l) => l.length - l.trimStart().length));
  return (
    <figure
      className={`overflow-hidden rounded-[3px] border border-rule bg-paper ${shown.length === 1 ? 'flex flex-row-reverse' : ''}`}
    >
      <figcaption className="flex items-center justify-end gap-1.5 px-2 pt-[3px] pb-[2px] text-[12px] text-soft">
        <span className="max-w-[210px] truncate" title={stretch.file}>
          {stretch.file}
        </span>
        {props.role && <Seal role={props.role} />}
      </figcaption>
      <pre
        tabIndex={0}
        aria-label={`${stretch.file}, lines ${stretch.from} to ${stretch.to}`}
        className={`min-w-0 flex-1 overflow-x-auto font-code text-[12.8px] leading-[21px] ${shown.length === 1 ? 'py-1' : 'pb-1'}`}
      >
        <code className="block w-max min-w-full">
          {shown.map((text, i) => {
            const n = stretch.from + i;
            const marked = stretch.marked.has(n);
            return (
              <span
                key={n}
                className={`block border-l-[3px] pr-3 ${marked ? `${washes[verdict]} ${edges[verdict]}` : 'border-transparent'}`}
              >
                <span className="inline-block w-[38px] pr-3 text-right text-soft select-none">{n}</span>
                <Highlighted text={text.slice(Number.isFinite(indent) ? indent : 0)} />
              </span>
            );
          })}
        </code>
      </pre>
    </figure>
  );
}

/** One line of Java; the markup comes from the highlighter, which escapes the text. */
export function Highlighted({ text }: { text: string }) {
  const html = useMemo(() => hljs.highlight(text, { language: 'java', ignoreIllegals: true }).value, [text]);
  return <span dangerouslySetInnerHTML={{ __html: html || ' ' }} />;
}
