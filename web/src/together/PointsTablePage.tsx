import { useState } from 'react';
import { Link } from 'react-router';
import type { Api } from '../api/client';
import { ProblemError } from '../api/client';
import { usePointsPlan, useTakePoints } from '../api/pointsTable';
import { counted } from '../page/count';
import { ChooseTable } from '../page/ChooseTable';
import { Mistake, Waiting } from '../page/Notice';
import { ExerciseFrame } from './ExerciseFrame';
import { askedFor } from './even';

/** So many changes stand there at once. */
const SHOWN = 60;

/** The points of an exercise out as a table, and in again. */
export function PointsTablePage() {
  return (
    <ExerciseFrame title="Points as a table">
      {({ exercise }) => (
        <>
          <p className="reading text-soft italic">A line for each attempt, a column for each thing asked.</p>
          <p className="mt-3 flex flex-wrap gap-x-4 gap-y-2">
            <a className="act" href={`/api/exercises/${exercise.id}/points.csv`} download>
              Take out, 2.5
            </a>
            <a className="act" href={`/api/exercises/${exercise.id}/points.csv?comma=true`} download>
              Take out, 2,5
            </a>
          </p>
          {exercise.rights.includes('MARK') && <TakeIn exercise={exercise} />}
        </>
      )}
    </ExerciseFrame>
  );
}

function TakeIn({ exercise }: { exercise: Api<'ExerciseView'> }) {
  const plan = usePointsPlan(exercise.id);
  const take = useTakePoints(exercise.id);
  const [table, setTable] = useState<File>();
  const [reason, setReason] = useState('');
  const p = plan.data;
  const wanting = p?.changes.some((c) => c.item !== undefined && c.reason === undefined) ?? false;

  function look(file: File) {
    setTable(file);
    take.reset();
    plan.mutate(file);
  }

  return (
    <section aria-labelledby="take-in" className="mt-8">
      <h2 id="take-in" className="border-b border-rule pb-1 text-[21px]">
        Take in what was changed
      </h2>
      <p className="reading mt-2 max-w-[64ch] text-soft">
        Change points or feedback in the table, keep its first line, and choose it here: any separator, point
        or comma. What stays empty stays as it is. Nothing is changed before you have seen what would be.
      </p>
      <ChooseTable label="The table with the points" onChoose={look} />
      {plan.isPending && <Waiting what="Reading it" />}
      <Mistake error={plan.error} />
      {take.data && (
        <p role="status" className="reading mt-3 text-verdigris">
          {counted(take.data.changed, 'change')} made in {counted(take.data.submissions, 'submission')}. Each
          is in its history.
        </p>
      )}
      {p && !take.data && <Mistakes plan={p} />}
      {p && !take.data && (
        <form
          onSubmit={(e) => {
            e.preventDefault();
            take.mutate(
              { table: table!, fingerprint: p.fingerprint, reason },
              {
                onSuccess: () => setReason(''),
                onError: (error) => {
                  // what somebody changed meanwhile is shown anew
                  if (error instanceof ProblemError && error.status === 412) {
                    plan.mutate(table!);
                  }
                },
              },
            );
          }}
        >
          <Changes exercise={exercise} plan={p} />
          {p.changes.length > 0 && p.mistakes.length === 0 && (
            <>
              {wanting && (
                <label className="mt-4 block max-w-[620px]">
                  <span className="font-semibold">Why</span>{' '}
                  <span className="text-soft">for the points whose line gives no reason</span>
                  <input
                    className="field mt-1"
                    maxLength={1_000}
                    required
                    value={reason}
                    onChange={(e) => setReason(e.target.value)}
                  />
                </label>
              )}
              <button
                type="submit"
                className="act act-first mt-4"
                disabled={take.isPending || plan.isPending || (wanting && !reason.trim())}
              >
                Make {counted(p.changes.length, 'change')} in {counted(p.submissions, 'submission')}
              </button>
            </>
          )}
          <Mistake error={take.error} />
        </form>
      )}
    </section>
  );
}

function Mistakes({ plan }: { plan: Api<'PlannedPoints'> }) {
  if (plan.mistakes.length === 0) {
    return null;
  }
  return (
    <div role="alert" className="mt-4 border-l-[3px] border-ochre pl-4">
      <p className="font-semibold text-ochre">
        {counted(plan.mistakes.length, 'place')} cannot be taken. Mend{' '}
        {plan.mistakes.length === 1 ? 'it' : 'them'} and choose the file again.
      </p>
      <ul className="mt-1 text-[14.5px]">
        {plan.mistakes.map((m) => (
          <li key={`${m.line} ${m.column ?? ''} ${m.text}`}>
            <span className="text-soft">
              Line {m.line}
              {m.column && `, ${m.column}`}:
            </span>{' '}
            {m.text}
          </li>
        ))}
      </ul>
    </div>
  );
}

function Changes({ exercise, plan }: { exercise: Api<'ExerciseView'>; plan: Api<'PlannedPoints'> }) {
  const [all, setAll] = useState(false);
  const shown = all ? plan.changes : plan.changes.slice(0, SHOWN);
  return (
    <>
      <p className="reading mt-4" role="status">
        {plan.changes.length === 0
          ? 'Nothing in it is other than it is already.'
          : `${counted(plan.changes.length, 'change')}; ${counted(plan.unchanged, 'line')} stay as they are.`}
      </p>
      {plan.changes.length > 0 && (
        <table className="mt-2 w-full text-[14.5px]">
          <thead className="text-left text-[13px] text-soft">
            <tr>
              <th className="font-semibold">Student</th>
              <th className="font-semibold">What</th>
              <th className="pr-3 text-right font-semibold">now</th>
              <th className="font-semibold">then</th>
              <th className="font-semibold">Why</th>
            </tr>
          </thead>
          <tbody>
            {shown.map((c) => (
              <tr
                key={`${c.submission} ${c.item ?? ''}`}
                className="border-b border-dotted border-rule align-top"
              >
                <th scope="row" className="py-1 pr-3 text-left font-semibold">
                  <Link to={`/submissions/${c.submission}`} className="hover:underline">
                    {c.name}
                  </Link>
                  {c.attempt > 1 && <span className="font-normal text-soft"> attempt {c.attempt}</span>}
                </th>
                <td className="py-1 pr-3">{c.item ? askedFor(exercise, c.item) : 'Feedback'}</td>
                <td className="max-w-[200px] truncate py-1 pr-3 text-right text-soft line-through">
                  {c.before}
                </td>
                <td className="max-w-[260px] py-1 pr-3 font-semibold break-words">{c.after}</td>
                <td className="py-1 text-soft">
                  {c.reason ?? (c.item && plan.mistakes.length === 0 ? 'as below' : '')}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {plan.changes.length > SHOWN && (
        <button type="button" className="quiet mt-1 text-[14px]" onClick={() => setAll(!all)}>
          {all ? 'fewer' : `all ${plan.changes.length}`}
        </button>
      )}
    </>
  );
}
