import { useId, useState, type FormEvent } from 'react';
import Markdown from 'react-markdown';
import type { Api } from '../api/client';
import { useDecide, useRewrite, useSay, useTakeAway } from '../api/marks';
import { useKeep, useLibrary } from '../api/remarks';
import { points } from '../page/count';
import { Mistake } from '../page/Notice';
import { Moment } from '../page/Moment';
import { filled, generalised } from './names';
import { useRight } from './rights';

type Submission = Api<'SubmissionView'>;
type Kept = Api<'KeptRemark'>;

/** What a remark is about: a claim, or lines of a file. */
export type About = { item: string; possible?: number } | { file: string; line: number; endLine: number };

const isOf = (about: About) => (r: Api<'RemarkView'>) =>
  'item' in about ? r.item === about.item : r.file === about.file && r.endLine === about.endLine;

/** What was said of something, and the place to say more. */
export function Remarks(props: {
  submission: Submission;
  about: About;
  /** whether remarks of the library are offered without being asked for */
  offered?: boolean;
  saying: boolean;
  onSaying: (saying: boolean) => void;
  /** where it is about lines, another last line for what is being said */
  onLast?: (endLine: number) => void;
}) {
  const { submission: s, about } = props;
  const said = s.review.remarks.filter(isOf(about));
  const library = useLibrary(s.exercise.courseId, props.offered || props.saying);
  const [from, setFrom] = useState<Kept>();
  const offers =
    props.offered && 'item' in about && said.length === 0
      ? (library.data ?? []).filter((k) => k.about === about.item).slice(0, 2)
      : [];
  return (
    <>
      {said.map((r) => (
        <OneRemark key={r.id} submission={s} remark={r} />
      ))}
      {offers.length > 0 && !props.saying && (
        <ul aria-label="Remarks that fit" className="mt-2 grid gap-1">
          {offers.map((k) => (
            <li key={k.id} className="text-[14px] text-soft">
              <button
                type="button"
                className="quiet max-w-full text-left"
                onClick={() => {
                  setFrom(k);
                  props.onSaying(true);
                }}
              >
                Say: {brief(s.report ? filled(k.text, s.report) : k.text)}
              </button>
            </li>
          ))}
        </ul>
      )}
      {props.saying && (
        <SayForm
          submission={s}
          about={about}
          from={from}
          library={library.data ?? []}
          onLast={props.onLast}
          onDone={() => {
            setFrom(undefined);
            props.onSaying(false);
          }}
        />
      )}
    </>
  );
}

function brief(text: string): string {
  return text.length > 110 ? `${text.slice(0, 109)}…` : text;
}

function OneRemark({ submission, remark: r }: { submission: Submission; remark: Api<'RemarkView'> }) {
  const rewrite = useRewrite(submission);
  const takeAway = useTakeAway(submission);
  const marks = useRight('MARK');
  const [draft, setDraft] = useState<string>();
  if (draft !== undefined) {
    return (
      <form
        className="mt-2 border-l-[3px] border-slate pl-3"
        onSubmit={(e) => {
          e.preventDefault();
          rewrite.mutate({ remark: r.id, text: draft }, { onSuccess: () => setDraft(undefined) });
        }}
      >
        <RemarkText text={draft} onText={setDraft} />
        <Mistake error={rewrite.error} />
        <div className="mt-1.5 flex gap-3">
          <button type="submit" className="act act-first" disabled={rewrite.isPending || !draft.trim()}>
            Keep it so
          </button>
          <button type="button" className="quiet" onClick={() => setDraft(undefined)}>
            Leave it
          </button>
        </div>
      </form>
    );
  }
  return (
    <div className="mt-2 border-l-[3px] border-slate pl-3">
      <div className="markdown font-read text-[15.5px] italic">
        <Markdown>{r.text}</Markdown>
      </div>
      <p className="text-[13px] text-soft">
        {r.line !== undefined && r.line !== r.endLine && `Lines ${r.line} to ${r.endLine}, `}
        {r.by}, <Moment at={r.at} />{' '}
        {marks && (
          <>
            <button type="button" className="quiet ml-1" onClick={() => setDraft(r.text)}>
              rewrite
            </button>{' '}
            <button
              type="button"
              className="quiet ml-1"
              disabled={takeAway.isPending}
              onClick={() => takeAway.mutate(r.id)}
            >
              take away
            </button>
          </>
        )}
      </p>
      <Mistake error={takeAway.error} />
    </div>
  );
}

function RemarkText({ text, onText }: { text: string; onText: (text: string) => void }) {
  return (
    <textarea
      aria-label="Remark, in Markdown"
      // the field was asked for, by click or key
      // eslint-disable-next-line jsx-a11y/no-autofocus
      autoFocus
      rows={3}
      maxLength={4_000}
      className="field font-read text-[15px] leading-[1.45]"
      value={text}
      onChange={(e) => onText(e.target.value)}
      onKeyDown={(e) => {
        if (e.key === 'Enter' && (e.ctrlKey || e.metaKey)) {
          e.preventDefault();
          e.currentTarget.form?.requestSubmit();
        }
      }}
    />
  );
}

/** Which lines something is said of. */
function Lines(props: { about: { line: number; endLine: number }; onLast: (endLine: number) => void }) {
  const { line, endLine } = props.about;
  return (
    <p className="mb-1 text-[13px] text-soft">
      Line {line} to{' '}
      <input
        type="number"
        aria-label="Last line"
        className="field inline w-[76px] py-0"
        min={line}
        value={endLine}
        onChange={(e) => props.onLast(Math.max(line, Number(e.target.value)))}
      />
      , or choose the last with Shift held.
    </p>
  );
}

function SayForm(props: {
  submission: Submission;
  about: About;
  from?: Kept;
  library: Kept[];
  onLast?: (endLine: number) => void;
  onDone: () => void;
}) {
  const { submission: s, about, library } = props;
  const say = useSay(s);
  const keep = useKeep(s.exercise.courseId);
  const decide = useDecide(s);
  const search = useId();
  const put = (k: Kept) => (s.report ? filled(k.text, s.report) : k.text);
  const [from, setFrom] = useState(props.from);
  const [text, setText] = useState(props.from ? put(props.from) : '');
  const [sought, setSought] = useState('');
  const [withPoints, setWithPoints] = useState(true);
  const [keeps, setKeeps] = useState(false);
  const item = 'item' in about ? about.item : undefined;
  const possible = 'item' in about ? about.possible : undefined;
  const gives = from?.points !== undefined && item && possible !== undefined && from.points <= possible;
  const fitting = library
    .filter((k) => k.text.toLowerCase().includes(sought.trim().toLowerCase()))
    .sort((a, b) => Number(b.about === item) - Number(a.about === item))
    .slice(0, 6);

  function submit(event: FormEvent) {
    event.preventDefault();
    if (gives && withPoints) {
      decide.mutate({ item, points: from.points!, reason: text.trim().slice(0, 1_000) });
    }
    say.mutate(
      'item' in about ? { item: about.item, text, library: from?.id } : { ...about, text, library: from?.id },
      {
        onSuccess: () => {
          if (keeps) {
            keep.mutate({ about: item, text: s.report ? generalised(text, s.report) : text });
          }
          props.onDone();
        },
      },
    );
  }

  return (
    <form onSubmit={submit} className="mt-2 border-l-[3px] border-slate pl-3">
      {'line' in about && props.onLast && <Lines about={about} onLast={props.onLast} />}
      <RemarkText text={text} onText={setText} />
      {library.length > 0 && (
        <div className="mt-1">
          <label htmlFor={search} className="sr-only">
            Search the remarks of this course
          </label>
          <input
            id={search}
            type="search"
            className="field text-[14px]"
            placeholder={`Search ${library.length} ${library.length === 1 ? 'remark' : 'remarks'} of this course`}
            value={sought}
            onChange={(e) => setSought(e.target.value)}
          />
          <ul aria-label="Remarks of this course" className="mt-1 max-h-[170px] overflow-y-auto">
            {fitting.map((k) => (
              <li key={k.id}>
                <button
                  type="button"
                  className="block w-full border-b border-dotted border-rule px-1 py-1 text-left text-[14px] hover:bg-tint"
                  onClick={() => {
                    setText((t) => (t.trim() ? `${t.trimEnd()} ${put(k)}` : put(k)));
                    setFrom(k);
                  }}
                >
                  {brief(put(k))}
                  <span className="ml-2 text-[12.5px] text-soft">
                    {k.used > 0 && `used ${k.used}×`}
                    {k.points !== undefined && ` ${points(k.points)} points`}
                  </span>
                </button>
              </li>
            ))}
            {fitting.length === 0 && <li className="text-[14px] text-soft">None has these words.</li>}
          </ul>
        </div>
      )}
      {gives && (
        <label className="mt-1.5 flex items-baseline gap-2 text-[14px]">
          <input type="checkbox" checked={withPoints} onChange={(e) => setWithPoints(e.target.checked)} />
          With {points(from.points!)} of {points(possible)} points
        </label>
      )}
      <label className="mt-1 flex items-baseline gap-2 text-[14px]">
        <input type="checkbox" checked={keeps} onChange={(e) => setKeeps(e.target.checked)} />
        Keep it for the whole course
      </label>
      {keeps && text.trim() && s.report && (
        <p className="text-[13px] text-soft">
          Kept as: <span className="font-read italic">{generalised(text, s.report)}</span>
        </p>
      )}
      <Mistake error={say.error ?? decide.error ?? keep.error} />
      <div className="mt-1.5 flex items-center gap-3">
        <button type="submit" className="act act-first" disabled={say.isPending || !text.trim()}>
          Say it
        </button>
        <button type="button" className="quiet" onClick={() => leave()}>
          Leave it
        </button>
      </div>
    </form>
  );

  function leave() {
    const started = props.from ? put(props.from) : '';
    if (
      !text.trim() ||
      text === started ||
      window.confirm('What you wrote here has not been said yet. Leave it all the same?')
    ) {
      props.onDone();
    }
  }
}
