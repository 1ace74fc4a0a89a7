import { useState } from 'react';
import Markdown from 'react-markdown';
import type { Api } from '../api/client';
import { useFeedback } from '../api/marks';
import { useSession } from '../api/session';
import { Mistake } from '../page/Notice';
import { useRight } from './rights';
import { useDraft } from './useDraft';

type Submission = Api<'SubmissionView'>;

/** What is said of the whole, and the place to write it; what others write meanwhile is shown, and nothing is lost. */
export function Feedback({ submission }: { submission: Submission }) {
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
