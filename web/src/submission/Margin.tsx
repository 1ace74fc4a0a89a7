import { useState } from 'react';
import type { Api } from '../api/client';
import { isBeingChecked } from '../api/exercises';
import { useCheckAgain, useSettle } from '../api/marks';
import { useOthers } from '../api/presence';
import { takeBack, useLastDoing } from '../api/undo';
import { counted, points } from '../page/count';
import { Moment } from '../page/Moment';
import { Mistake } from '../page/Notice';
import { Feedback } from './Feedback';
import { OwnHistory } from './OwnHistory';
import { useRight } from './rights';

type Submission = Api<'SubmissionView'>;

/** The person's margin: points, feedback, settling, and what has been changed by whom. */
export function Margin(props: {
  submission: Submission;
  /** how many questions wait for a person */
  open: number;
  onOpen: () => void;
  /** left out where one stays */
  onSettled?: () => void;
  /** who else is to read it; left out where nobody in particular is */
  reader?: string;
}) {
  const { submission, open, onOpen, onSettled, reader } = props;
  const { review } = submission;
  const second = review.second !== undefined;
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
              of {points(review.possible)}{' '}
              {review.settledBy ? 'given' : second ? 'as you give them' : 'proposed'}
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
      {reader && !review.settledBy && <p className="mt-3 text-soft">Given to {reader} to read.</p>}
      <OthersHere submission={submission.id} />
      {!second && <Feedback key={submission.id} submission={submission} />}
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
              open > 0 && !second
                ? setAsking(true)
                : settle.mutate({ settled: true }, { onSuccess: onSettled })
            }
          >
            {second ? 'I have read it' : 'Settle and go on'} <kbd className="key ml-1 bg-transparent">s</kbd>
          </button>
        )}
        {checks && !second && (
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
      <OwnHistory changes={review.history} submission={submission} />
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
