import { useId, useState } from 'react';
import type { Api } from '../api/client';
import { usePoints, useWithdrawPoints } from '../api/marks';
import { points } from '../page/count';
import { Mistake } from '../page/Notice';
import { PointsBox } from './PointsBox';
import { Decided, Row } from './ClaimRow';
import { useRight } from './rights';

type Submission = Api<'SubmissionView'>;

export function keyOf(criterion: Api<'Criterion'>): string {
  return `criterion:${criterion.id}`;
}

/** What a person judges: one level is chosen, and its words are the reason for its points. */
export function CriterionRow({
  criterion: c,
  submission,
}: {
  criterion: Api<'Criterion'>;
  submission: Submission;
}) {
  const item = keyOf(c);
  const decide = usePoints(submission, item);
  const withdraw = useWithdrawPoints(submission, item);
  const name = useId();
  const marks = useRight('MARK');
  /** The level that was just chosen, until it is stored or refused. */
  const [picked, setPicked] = useState<Api<'Level'>>();
  const decision = submission.review.decisions.find((d) => d.item === item);
  const most = Math.max(...c.levels.map((l) => l.points));
  const chosen = c.levels.find((l) => decision?.points === l.points && decision.reason === l.text);
  const verdict = !decision
    ? 'UNCLEAR'
    : decision.points === most
      ? 'MET'
      : decision.points > 0
        ? 'PARTLY'
        : 'MISSING';
  return (
    <Row
      id={item}
      item={item}
      verdict={verdict}
      word={decision ? 'judged' : 'open'}
      points={<PointsBox submission={submission} item={item} about={c.text} proposed={0} possible={most} />}
    >
      <fieldset>
        <legend className="reading">{c.text}</legend>
        {c.levels.map((l) => (
          <label key={`${l.points} ${l.text}`} className="flex items-baseline gap-2 py-0.5 text-[15px]">
            <input
              type="radio"
              name={name}
              checked={(picked ?? chosen) === l}
              disabled={decide.isPending || !marks}
              onChange={() => {
                setPicked(l);
                decide.mutate(
                  { points: l.points, reason: l.text },
                  { onSettled: () => setPicked(undefined) },
                );
              }}
            />
            <span>{l.text}</span>
            <span className="text-soft">{points(l.points)}</span>
          </label>
        ))}
      </fieldset>
      {decision && !chosen && <Decided decision={decision} />}
      {decision && chosen && (
        <p className="text-[13px] text-soft">
          {decision.by}{' '}
          {marks && (
            <button type="button" className="quiet" onClick={() => withdraw.mutate(undefined)}>
              leave it open again
            </button>
          )}
        </p>
      )}
      <Mistake error={decide.error ?? withdraw.error} />
    </Row>
  );
}
