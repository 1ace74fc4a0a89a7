import { useState } from 'react';
import type { Api } from '../api/client';
import { useDecide, useFeedback } from '../api/marks';
import { Moment } from '../page/Moment';
import { exactTime } from '../page/time';
import { nameOf } from './claims';
import { useRight } from './rights';

type Submission = Api<'SubmissionView'>;

/** Who changed what of a submission, the newest first. */
export function OwnHistory({ changes, submission }: { changes: Api<'Change'>[]; submission: Submission }) {
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
