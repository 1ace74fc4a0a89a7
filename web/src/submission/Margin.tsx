import { useState } from 'react';
import Markdown from 'react-markdown';
import type { Api } from '../api/client';
import { isBeingChecked } from '../api/exercises';
import { useCheckAgain, useDecide, useFeedback, useSettle } from '../api/marks';
import { useOthers } from '../api/presence';
import { useSession } from '../api/session';
import { takeBack, useLastDoing } from '../api/undo';
import { counted, points } from '../page/count';
import { Moment } from '../page/Moment';
import { Mistake } from '../page/Notice';
import { exactTime } from '../page/time';
import { nameOf } from './claims';
import { useRight } from './rights';
import { useDraft } from './useDraft';

type Submission = Api<'SubmissionView'>;

/** The person's margin: points, feedback, settling, and what has been changed by whom. */
export function Margin(props: {
  submission: Submission;
  /** how many questions wait for a person */
  open: number;
  onOpen: () => void;
  onSettled: () => void;
}) {
  const { submission, open, onOpen, onSettled } = props;
  const { review } = submission;
  const [asking, setAsking] = useState(false);
  const marks = useRight('MARK');
  const checks = useRight('HAND_IN');
  const settle = useSettle(submission);
  const again = useCheckAgain(submission);
  const running = isBeingChecked(submission.state);
  return (
    <>
      <div className="border-y border-t-2 border-rule border-t-ink py-3">
        {submission.report ? (
          <>
            <span className="font-read text-[29px] font-bold" data-testid="points">
              {points(review.points)}
            </span>
            <span className="ml-2 text-[15px] text-soft">
              of {points(review.possible)} {review.settledBy ? 'given' : 'proposed'}
              {review.open > 0 && <span className="text-slate">, {points(review.open)} open</span>}
            </span>
          </>
        ) : (
          <span className="text-soft">No points before the check.</span>
        )}
        {review.late > 0 && <p className="text-ochre">{points(review.late)} taken off for being late</p>}
        {review.settledBy && (
          <p className="text-soft">
            Settled by {review.settledBy}, <Moment at={review.settledAt!} />
          </p>
        )}
      </div>
      <OthersHere submission={submission.id} />
      <Feedback key={submission.id} submission={submission} />
      <div className="mt-5 flex flex-wrap items-center gap-2">
        {!marks ? null : review.settledBy ? (
          <button type="button" className="act" onClick={() => settle.mutate({ settled: false })}>
            Open it again
          </button>
        ) : (
          <button
            type="button"
            id="settle"
            className="act act-first"
            disabled={!submission.report || settle.isPending}
            onClick={() =>
              open > 0 ? setAsking(true) : settle.mutate({ settled: true }, { onSuccess: onSettled })
            }
          >
            Settle and go on <kbd className="key ml-1 bg-transparent">s</kbd>
          </button>
        )}
        {checks && (
          <button
            type="button"
            className="act"
            disabled={running || again.isPending}
            onClick={() => again.mutate()}
          >
            {running ? 'Being checked' : 'Check again'}
          </button>
        )}
      </div>
      {asking && !review.settledBy && (
        <div role="alertdialog" aria-label="Open questions" className="mt-3 border-l-[3px] border-slate pl-3">
          <p>
            {counted(open, 'question')} {open === 1 ? 'waits' : 'wait'} for a person. Settled all the same,
            what is open stays with the points proposed.
          </p>
          <div className="mt-2 flex flex-wrap gap-3">
            <button
              type="button"
              className="act py-1"
              disabled={settle.isPending}
              onClick={() => settle.mutate({ settled: true, open: true }, { onSuccess: onSettled })}
            >
              Settle it all the same
            </button>
            <button
              type="button"
              className="quiet"
              // where the question was asked, it is answered
              // eslint-disable-next-line jsx-a11y/no-autofocus
              autoFocus
              onClick={() => {
                setAsking(false);
                onOpen();
              }}
            >
              Go to the first
            </button>
          </div>
        </div>
      )}
      {marks && <LastDoing />}
      <Mistake error={settle.error ?? again.error} />
      <History changes={review.history} submission={submission} />
    </>
  );
}

/** Who else has it open. */
function OthersHere({ submission }: { submission: number }) {
  const others = useOthers(submission);
  return (
    <p role="status" className={others.length > 0 ? 'mt-3 border-l-[3px] border-slate pl-2 text-slate' : ''}>
      {others.length > 0 && `${others.join(', ')} ${others.length === 1 ? 'has' : 'have'} this open, too.`}
    </p>
  );
}

/** What was done last, and the way back. */
function LastDoing() {
  const last = useLastDoing();
  return (
    <p role="status" className="mt-3 min-h-[20px] text-[13.5px] text-soft">
      {last && (
        <>
          Last: {last.what} for {last.student}.{' '}
          <button
            type="button"
            id="take-back"
            className="quiet"
            onClick={() => void takeBack().catch(() => undefined)}
          >
            Undo
          </button>{' '}
          <kbd className="key">u</kbd>
        </>
      )}
    </p>
  );
}

function Feedback({ submission }: { submission: Submission }) {
  const save = useFeedback(submission);
  const marks = useRight('MARK');
  const stored = submission.review.feedback;
  const [draft, setDraft] = useDraft(`${useSession().data?.person?.id ?? 0}-feedback-${submission.id}`);
  // a text that was left here unsaved is shown, and does not take the keys
  const [asked, setAsked] = useState(false);
  // what stood there when the writing began; another text there now is somebody else's
  const [base, setBase] = useState(draft?.base ?? stored);
  const text = draft?.text ?? stored;
  const writing = draft !== null;
  const theirs = writing && stored !== base && stored !== text;
  const write = (next: string, from = base) => {
    setBase(from);
    setDraft({ text: next, base: from });
  };
  const keep = () =>
    save.mutate(text, {
      onSuccess: () => {
        setBase(text);
        setDraft(null);
      },
    });
  if (!marks && !stored) {
    return null;
  }
  return (
    <section aria-labelledby="feedback-heading" className="mt-5">
      <h2 id="feedback-heading" className="margin-heading">
        Feedback
      </h2>
      {!writing && stored && (
        <div className="markdown mt-2 border-l-2 border-slate pl-3 font-read text-[15.5px] leading-[1.5] italic">
          <Markdown>{stored}</Markdown>
        </div>
      )}
      {!writing && marks && (
        <button
          type="button"
          id="write-feedback"
          className="act mt-2"
          onClick={() => {
            setAsked(true);
            write(stored, stored);
          }}
        >
          {stored ? 'Write on' : 'Write feedback'} <kbd className="key ml-1">f</kbd>
        </button>
      )}
      {writing && (
        <form
          onSubmit={(e) => {
            e.preventDefault();
            if (!theirs) {
              keep();
            }
          }}
        >
          <label htmlFor="feedback" className="sr-only">
            Feedback, in Markdown
          </label>
          <textarea
            id="feedback"
            // the field was asked for, by click or key
            // eslint-disable-next-line jsx-a11y/no-autofocus
            autoFocus={asked}
            rows={9}
            className="field mt-2 font-read text-[15px] leading-[1.45]"
            value={text}
            onChange={(e) => write(e.target.value)}
            onKeyDown={(e) => {
              if (e.key === 'Enter' && (e.ctrlKey || e.metaKey)) {
                e.preventDefault();
                if (!theirs) {
                  keep();
                }
              }
            }}
          />
          <p className="mt-1 text-[12.5px] text-soft">Markdown: *slanted*, **strong**, `code`, lists.</p>
          {text.trim() && text !== stored && (
            <details className="mt-1">
              <summary className="quiet w-fit">How it will read</summary>
              <div className="markdown mt-1 border-l-2 border-slate pl-3 font-read italic">
                <Markdown>{text}</Markdown>
              </div>
            </details>
          )}
          {text !== stored && (
            <p role="status" className="mt-1 text-[12.5px] text-ochre">
              Not saved yet; kept in this browser.
            </p>
          )}
          {theirs && (
            <BothTexts
              theirs={stored}
              by={submission.review.history.find((c) => c.what === 'FEEDBACK')?.by}
              onMine={() => {
                setBase(stored);
                keep();
              }}
              onBoth={() => write(stored ? `${stored.trimEnd()}\n\n${text}` : text, stored)}
              onTheirs={() => {
                setBase(stored);
                setDraft(null);
              }}
            />
          )}
          <Mistake error={theirs ? null : save.error} />
          <div className="mt-2 flex items-center gap-3">
            <button
              type="submit"
              className="act act-first"
              disabled={save.isPending || text === stored || theirs}
            >
              Save feedback
            </button>
            <button type="button" className="quiet" onClick={() => leave()}>
              Leave it
            </button>
          </div>
        </form>
      )}
    </section>
  );

  function leave() {
    const changed = text !== stored;
    if (!changed || window.confirm('What you wrote here has not been saved. Leave it all the same?')) {
      setDraft(null);
    }
  }
}

/** What somebody else wrote meanwhile, and what to do about it; nothing is written over unseen. */
function BothTexts(props: {
  theirs: string;
  by?: string;
  onMine: () => void;
  onBoth: () => void;
  onTheirs: () => void;
}) {
  return (
    <div role="alert" aria-label="Written at the same time" className="mt-2 border-l-[3px] border-ochre pl-3">
      <p className="font-semibold">{props.by ?? 'Somebody else'} has written meanwhile:</p>
      {props.theirs ? (
        <div className="markdown max-h-[180px] overflow-y-auto font-read text-[14.5px] italic">
          <Markdown>{props.theirs}</Markdown>
        </div>
      ) : (
        <p className="text-soft">The feedback was taken away.</p>
      )}
      <p className="mt-1 flex flex-wrap gap-x-4 gap-y-1">
        <button type="button" className="quiet" onClick={props.onBoth}>
          Put mine below theirs
        </button>
        <button type="button" className="quiet" onClick={props.onMine}>
          Save mine in its place
        </button>
        <button type="button" className="quiet" onClick={props.onTheirs}>
          Leave theirs, drop mine
        </button>
      </p>
    </div>
  );
}

function History({ changes, submission }: { changes: Api<'Change'>[]; submission: Submission }) {
  if (changes.length === 0) {
    return null;
  }
  return (
    <section aria-labelledby="history-heading" className="mt-7">
      <h2 id="history-heading" className="margin-heading">
        Who changed what
      </h2>
      <ol className="mt-2 grid gap-2 text-[13px] text-soft">
        {changes.slice(0, 12).map((c, i) => (
          <li key={i}>
            <span className="text-ink">{said(c, submission)}</span>
            {c.reason && <span className="block font-read italic">{c.reason}</span>}
            <BringBack change={c} submission={submission} />
            <span className="block">
              {c.by}, <Moment at={c.at} />
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}

/** An earlier state, seen and put back as a new change. */
function BringBack({ change: c, submission: s }: { change: Api<'Change'>; submission: Submission }) {
  const marks = useRight('MARK');
  const decide = useDecide(s);
  const write = useFeedback(s);
  const earlier = c.before;
  const [seen, setSeen] = useState(false);
  if (!marks || earlier === undefined || earlier === '') {
    return null;
  }
  if (c.what === 'POINTS') {
    const reason = `Brought back to what stood before ${exactTime(c.at)}.`;
    return (
      <button
        type="button"
        className="quiet"
        aria-label={`Bring back ${earlier} points`}
        disabled={decide.isPending}
        onClick={() => decide.mutate({ item: c.item!, points: Number(earlier), reason })}
      >
        bring back {earlier}
      </button>
    );
  }
  if (c.what !== 'FEEDBACK') {
    return null;
  }
  return seen ? (
    <span className="block">
      <span className="block border-l-[3px] border-rule pl-2 font-read whitespace-pre-wrap text-ink italic">
        {earlier}
      </span>
      <button
        type="button"
        className="quiet"
        disabled={write.isPending}
        onClick={() => write.mutate(earlier, { onSuccess: () => setSeen(false) })}
      >
        bring it back
      </button>
    </span>
  ) : (
    <button type="button" className="quiet" onClick={() => setSeen(true)}>
      what stood before
    </button>
  );
}

function said(c: Api<'Change'>, submission: Submission): string {
  if (c.what === 'POINTS') {
    return `${c.before} → ${c.after} points: ${nameOf(c.item!, submission.report, submission.criteria)}`;
  }
  if (c.what === 'BINDING') {
    return c.after ? `Who is who: ${c.after}` : 'Who is who left to the check again';
  }
  if (c.what === 'REMARK') {
    return c.before ? (c.after ? 'Remark rewritten' : 'Remark taken away') : 'Remark made';
  }
  if (c.what === 'RETURNED') {
    return c.after === 'true' ? 'Returned to the student' : 'Taken back from the student';
  }
  if (c.what === 'FEEDBACK') {
    return c.before ? 'Feedback rewritten' : 'Feedback written';
  }
  return c.after === 'true' ? 'Settled' : 'Opened again';
}
