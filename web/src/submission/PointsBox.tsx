import { Popover } from 'radix-ui';
import { useState, type FormEvent } from 'react';
import type { Api } from '../api/client';
import { usePoints, useWithdrawPoints } from '../api/marks';
import { points } from '../page/count';
import { Moment } from '../page/Moment';
import { Mistake } from '../page/Notice';
import { useRight } from './rights';

/** The points for one claim; a person may change them, with a reason. */
export function PointsBox(props: {
  submission: Api<'SubmissionView'>;
  item: string;
  about: string;
  proposed: number;
  possible: number;
  /** whether it stands in a row of one line */
  brief?: boolean;
}) {
  const [open, setOpen] = useState(false);
  const decision = props.submission.review.decisions.find((d) => d.item === props.item);
  const now = decision?.points ?? props.proposed;
  const marks = useRight('MARK');
  const figure = (
    <span className={`font-semibold ${props.brief ? '' : 'block'}`}>
      {decision && (
        <s className="mr-1 font-normal text-soft" title="proposed">
          {points(props.proposed)}
        </s>
      )}
      {points(now)}
    </span>
  );
  if (!marks) {
    return (
      <p className="w-[66px] px-1 py-0.5 text-right">
        {figure}
        <span className="text-[13px] text-soft"> of {points(props.possible)}</span>
      </p>
    );
  }
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger
        data-points
        className="group w-[66px] self-start rounded-[3px] px-1 py-0.5 text-right hover:bg-tint"
        aria-label={`${points(now)} of ${points(props.possible)} points${decision ? `, changed by ${decision.by}` : ''}. Change: ${props.about}`}
      >
        {figure}
        {props.brief ? (
          <span className="text-[13px] text-soft"> of {points(props.possible)}</span>
        ) : (
          <>
            <span className="block text-[13px] text-soft">of {points(props.possible)}</span>
            <span className="block text-[12px] text-soft underline decoration-rule underline-offset-2 group-hover:text-ink">
              change
            </span>
          </>
        )}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="left"
          align="start"
          collisionPadding={12}
          className="z-20 w-[310px] border border-ink bg-sheet p-4 text-[14px] shadow-[3px_3px_0_var(--rule)]"
        >
          <PointsForm {...props} decision={decision} done={() => setOpen(false)} />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

function PointsForm(props: {
  submission: Api<'SubmissionView'>;
  item: string;
  proposed: number;
  possible: number;
  decision?: Api<'Decision'>;
  done: () => void;
}) {
  const decide = usePoints(props.submission, props.item);
  const withdraw = useWithdrawPoints(props.submission, props.item);
  const [given, setGiven] = useState(String(props.decision?.points ?? props.proposed));
  const [reason, setReason] = useState(props.decision?.reason ?? '');
  // what was decided when the form was opened; something else now is somebody else's
  const [base, setBase] = useState(props.decision);
  const theirs = base?.at !== props.decision?.at;

  function submit(event: FormEvent) {
    event.preventDefault();
    setBase(props.decision);
    decide.mutate({ points: Number(given), reason }, { onSuccess: props.done });
  }

  return (
    <form onSubmit={submit} noValidate>
      <label className="block font-semibold" htmlFor="points">
        Points, of {points(props.possible)}
      </label>
      <input
        id="points"
        type="number"
        min={0}
        max={props.possible}
        step={0.25}
        className="field mt-1 w-[90px]"
        value={given}
        onChange={(e) => setGiven(e.target.value)}
      />
      <label className="mt-3 block font-semibold" htmlFor="reason">
        Why
      </label>
      <textarea
        id="reason"
        rows={3}
        className="field mt-1"
        value={reason}
        onChange={(e) => setReason(e.target.value)}
      />
      {theirs && (
        <p role="alert" className="mt-2 border-l-[3px] border-ochre pl-2 text-ochre">
          {props.decision
            ? `${props.decision.by} has given ${points(props.decision.points)} meanwhile: “${props.decision.reason}”`
            : 'Somebody has gone back to the points proposed meanwhile.'}
        </p>
      )}
      <Mistake error={decide.error ?? withdraw.error} />
      <div className="mt-3 flex items-center gap-3">
        <button type="submit" className="act act-first" disabled={decide.isPending}>
          {theirs ? 'Give mine all the same' : 'Give these points'}
        </button>
        {props.decision && (
          <button
            type="button"
            className="quiet"
            onClick={() => withdraw.mutate(undefined, { onSuccess: props.done })}
          >
            Back to {points(props.proposed)}
          </button>
        )}
      </div>
      {props.decision && (
        <p className="mt-3 text-soft">
          Changed by {props.decision.by}, <Moment at={props.decision.at} />
        </p>
      )}
    </form>
  );
}
