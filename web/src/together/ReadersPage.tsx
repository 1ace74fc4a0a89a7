import { useState, type FormEvent } from 'react';
import { Link, useNavigate } from 'react-router';
import type { Api } from '../api/client';
import { useReadersOf, useSharing, useTakeNext } from '../api/together';
import { capitalised, counted, inWords } from '../page/count';
import { Mistake, Notice, Waiting } from '../page/Notice';
import { ExerciseFrame } from './ExerciseFrame';

type Shares = Api<'SharesView'>;

/** So many names stand there at once. */
const NAMED = 60;

/** Who reads whose work in an exercise: shared out, taken from a stack, handed over. */
export function ReadersPage() {
  return (
    <ExerciseFrame title="Who reads what">
      {({ exercise }) => (
        <Readers
          exercise={exercise.id}
          marks={exercise.rights.includes('MARK')}
          leads={exercise.rights.includes('SET_EXERCISES')}
        />
      )}
    </ExerciseFrame>
  );
}

function Readers({ exercise, marks, leads }: { exercise: number; marks: boolean; leads: boolean }) {
  const view = useReadersOf(exercise);
  const sharing = useSharing(exercise);
  if (!view.data) {
    return view.isError ? (
      <Notice
        title="It could not be seen who reads what"
        text={view.error.message}
        again={() => void view.refetch()}
      />
    ) : (
      <Waiting what="Looking who reads what" />
    );
  }
  const shares = view.data;
  return (
    <>
      <p className="reading text-soft italic">{summary(shares)}</p>
      <Loads shares={shares} />
      {marks && <Stack exercise={exercise} shares={shares} />}
      {leads && <ShareOut shares={shares} sharing={sharing} />}
      <Works shares={shares} marks={marks} leads={leads} sharing={sharing} />
    </>
  );
}

function summary(shares: Shares): string {
  const given = shares.work.filter((w) => w.account !== undefined).length;
  const stack =
    shares.stack === 0
      ? 'nothing that was handed in lies in the common stack'
      : `${shares.stack} ${shares.stack === 1 ? 'lies' : 'lie'} in the common stack, for whoever takes the next`;
  return given === 0
    ? `Nothing is given to anybody yet; ${stack}.`
    : `The work of ${inWords(given).toLowerCase()} of ${counted(shares.work.length, 'student')} is given to somebody; ${stack}.`;
}

/** How much each has, as strokes and in figures. */
function Loads({ shares }: { shares: Shares }) {
  const most = Math.max(1, ...shares.shares.map((s) => s.given));
  return (
    <table className="mt-4 w-full max-w-[720px] text-[14.5px]">
      <thead className="text-left text-[13px] text-soft">
        <tr>
          <th className="font-semibold">Reads</th>
          <th className="font-semibold">Looks after</th>
          <th className="pr-4 text-right font-semibold">given</th>
          <th className="pr-4 text-right font-semibold">to be read</th>
          <th aria-hidden className="w-[30%]" />
        </tr>
      </thead>
      <tbody>
        {shares.shares.map((s) => (
          <tr key={s.account} className="border-b border-dotted border-rule">
            <th scope="row" className="py-1.5 pr-3 text-left font-semibold">
              {s.name}
              {s.account === shares.me && <span className="font-normal text-soft"> (you)</span>}
            </th>
            <td className="pr-3 text-soft">{s.groups.join(', ') || 'no group'}</td>
            <td className="pr-4 text-right tabular-nums">{s.given}</td>
            <td className="pr-4 text-right tabular-nums">{s.open}</td>
            <td aria-hidden>
              <span className="flex h-[10px]">
                <span className="bg-slate" style={{ width: `${(s.open / most) * 100}%` }} />
                <span className="bg-rule" style={{ width: `${((s.given - s.open) / most) * 100}%` }} />
              </span>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Stack({ exercise, shares }: { exercise: number; shares: Shares }) {
  const take = useTakeNext(exercise);
  const navigate = useNavigate();
  return (
    <div className="mt-5">
      <button
        type="button"
        className="act"
        disabled={shares.stack === 0 || take.isPending}
        onClick={() =>
          take.mutate(undefined, { onSuccess: (next) => void navigate(`/submissions/${next.submission}`) })
        }
      >
        {shares.stack === 0 ? 'The stack is empty' : 'Take the next from the stack'}
      </button>
      <Mistake error={take.error} />
    </div>
  );
}

type Doing = ReturnType<typeof useSharing>;

function ShareOut({ shares, sharing }: { shares: Shares; sharing: Doing }) {
  const [way, setWay] = useState<Api<'GivenShares'>['way']>('BY_GROUP');
  const [left, setLeft] = useState<number[]>([]);
  const [anew, setAnew] = useState(false);
  const chosen = shares.shares.map((s) => s.account).filter((a) => !left.includes(a));
  function submit(event: FormEvent) {
    event.preventDefault();
    sharing.mutate({ share: { way, readers: chosen, anew } }, { onSuccess: () => setAnew(false) });
  }
  return (
    <form onSubmit={submit} aria-labelledby="share-out" className="mt-7">
      <h2 id="share-out" className="border-b border-rule pb-1 text-[21px]">
        Share it out
      </h2>
      <fieldset className="mt-3 min-w-0">
        <legend className="font-semibold">How</legend>
        <label className="flex min-h-[26px] items-center gap-2">
          <input type="radio" name="way" checked={way === 'BY_GROUP'} onChange={() => setWay('BY_GROUP')} />
          Each group to whoever looks after it
        </label>
        <label className="flex min-h-[26px] items-center gap-2">
          <input type="radio" name="way" checked={way === 'EVENLY'} onChange={() => setWay('EVENLY')} />
          Evenly, whatever the group
        </label>
      </fieldset>
      <fieldset className="mt-3 min-w-0">
        <legend className="font-semibold">Among</legend>
        <span className="flex flex-wrap gap-x-5">
          {shares.shares.map((s) => (
            <label key={s.account} className="flex min-h-[26px] items-center gap-2">
              <input
                type="checkbox"
                checked={!left.includes(s.account)}
                onChange={(e) =>
                  setLeft(e.target.checked ? left.filter((x) => x !== s.account) : [...left, s.account])
                }
              />
              {s.name}
            </label>
          ))}
        </span>
      </fieldset>
      <label className="mt-3 flex min-h-[26px] items-center gap-2">
        <input type="checkbox" checked={anew} onChange={(e) => setAnew(e.target.checked)} />
        Also what is given to somebody already and not settled
      </label>
      <p className="mt-2 text-[14px] text-soft">
        What has not been handed in yet is given, too, so that it has its reader when it comes.
      </p>
      <button
        type="submit"
        className="act act-first mt-2"
        disabled={sharing.isPending || chosen.length === 0}
      >
        Share it out
      </button>
      <Mistake error={sharing.error} />
    </form>
  );
}

/** Whose work lies where, and the way to somebody else. */
function Works(props: { shares: Shares; marks: boolean; leads: boolean; sharing: Doing }) {
  const { shares, leads, sharing } = props;
  const [of, setOf] = useState('');
  const [all, setAll] = useState(false);
  const wanted = shares.work.filter((w) =>
    of === '' ? true : of === 'stack' ? w.account === undefined : w.account === Number(of),
  );
  const shown = all ? wanted : wanted.slice(0, NAMED);
  const name = new Map(shares.shares.map((s) => [s.account, s.name]));
  if (shares.work.length === 0) {
    return <p className="reading mt-6 text-soft">No student is in this course yet.</p>;
  }
  return (
    <section aria-labelledby="works" className="mt-8">
      <div className="flex flex-wrap items-end gap-3 border-b border-rule pb-1">
        <h2 id="works" className="flex-1 text-[21px]">
          Whose work lies where
        </h2>
        <label className="text-[14px]">
          <span className="sr-only">With whom</span>
          <select className="field w-auto" value={of} onChange={(e) => setOf(e.target.value)}>
            <option value="">Everybody’s</option>
            <option value="stack">In the stack</option>
            {shares.shares.map((s) => (
              <option key={s.account} value={s.account}>
                With {s.name}
              </option>
            ))}
          </select>
        </label>
      </div>
      <ul className="grid gap-x-8 text-[14.5px] min-[1100px]:grid-cols-2">
        {shown.map((w) => {
          const mine = w.account === shares.me;
          const may = !w.settled && (leads || (props.marks && (mine || w.account === undefined)));
          return (
            <li
              key={w.student}
              className="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-3 border-b border-dotted border-rule py-1"
            >
              <span className="min-w-0 truncate" title={w.name}>
                {w.submission === undefined ? (
                  w.name
                ) : (
                  <Link to={`/submissions/${w.submission}`} className="font-semibold hover:underline">
                    {w.name}
                  </Link>
                )}{' '}
                <span className="text-soft">
                  {w.group}
                  {w.settled ? ', settled' : w.submission === undefined ? ', nothing handed in' : ''}
                </span>
              </span>
              {may ? (
                <select
                  aria-label={`Who reads ${w.name}`}
                  className="field w-[190px] py-0.5"
                  value={w.account ?? ''}
                  disabled={sharing.isPending}
                  onChange={(e) =>
                    sharing.mutate({
                      student: w.student,
                      from: w.account,
                      to: e.target.value === '' ? undefined : Number(e.target.value),
                    })
                  }
                >
                  <option value="">in the stack</option>
                  {shares.shares
                    .filter((s) => leads || mine || s.account === shares.me)
                    .map((s) => (
                      <option key={s.account} value={s.account}>
                        {s.name}
                      </option>
                    ))}
                </select>
              ) : (
                <span className="text-soft">
                  {w.account === undefined ? 'in the stack' : (name.get(w.account) ?? 'somebody else')}
                </span>
              )}
            </li>
          );
        })}
      </ul>
      {wanted.length === 0 && <p className="reading mt-3 text-soft">{capitalised('nothing lies there.')}</p>}
      {wanted.length > NAMED && (
        <button type="button" className="quiet mt-2 text-[14px]" onClick={() => setAll(!all)}>
          {all ? 'fewer' : `all ${wanted.length}`}
        </button>
      )}
      {!leads && <Mistake error={sharing.error} />}
    </section>
  );
}
