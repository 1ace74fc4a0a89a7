import type { Api } from '../api/client';
import { points } from '../page/count';
import { Moment } from '../page/Moment';

const counting = {
  LAST: 'The last attempt counts',
  FIRST: 'The first attempt counts',
  BEST: 'The best attempt counts',
};

/** Until when and how often one may hand in, and what being late costs. */
export function Terms({ terms: t }: { terms: Api<'OwnTerms'> }) {
  const costs = [
    t.pointsPerDay > 0 && `${points(t.pointsPerDay)} ${t.pointsPerDay === 1 ? 'point' : 'points'}`,
    t.percentPerDay > 0 && `${points(t.percentPerDay)} %`,
  ].filter(Boolean);
  return (
    <ul className="text-soft">
      <li>
        {t.dueAt ? (
          <>
            Due <Moment at={t.dueAt} />
            {t.extended && <span className="font-semibold text-slate"> (your own deadline)</span>}
            {t.graceMinutes > 0 && `, with ${t.graceMinutes} minutes of grace`}
          </>
        ) : (
          'No time at which it is due'
        )}
      </li>
      {costs.length > 0 && <li>{costs.join(' and ')} for every day begun after that</li>}
      {t.closesAt && (
        <li>
          Nothing is taken after <Moment at={t.closesAt} />
        </li>
      )}
      <li>
        {counting[t.countsAttempt]}
        {t.attemptsLeft !== undefined &&
          (t.attemptsLeft === 0 ? '; you have none left' : `; ${t.attemptsLeft} left`)}
      </li>
    </ul>
  );
}
