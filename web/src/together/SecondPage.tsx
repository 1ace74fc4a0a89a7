import { useState, type FormEvent } from 'react';
import { Link } from 'react-router';
import type { Api } from '../api/client';
import { useSecond, useSecondDoing } from '../api/together';
import { Confirmed } from '../page/Confirmed';
import { counted, inWords, points } from '../page/count';
import { Mistake, Notice, Waiting } from '../page/Notice';
import { ExerciseFrame } from './ExerciseFrame';

type Second = Api<'SecondView'>;
type Line = Api<'SecondLine'>;
type Doing = ReturnType<typeof useSecondDoing>;

/** What is read by two: the share of it, how far it is, and where the two differ. */
export function SecondPage() {
  return (
    <ExerciseFrame title="Read twice">
      {({ exercise }) => (
        <Readings exercise={exercise.id} leads={exercise.rights.includes('SET_EXERCISES')} />
      )}
    </ExerciseFrame>
  );
}

function Readings({ exercise, leads }: { exercise: number; leads: boolean }) {
  const view = useSecond(exercise);
  const doing = useSecondDoing(exercise);
  if (!view.data) {
    return view.isError ? (
      <Notice
        title="It could not be seen what is read twice"
        text={view.error.message}
        again={() => void view.refetch()}
      />
    ) : (
      <Waiting what="Looking what is read twice" />
    );
  }
  const second = view.data;
  const own = second.lines.filter((l) => l.mine && !l.done);
  const differing = second.lines.filter((l) => l.differing.length > 0);
  return (
    <>
      <p className="reading text-soft italic">{summary(second)}</p>
      {own.length > 0 && (
        <section aria-labelledby="yours" className="mt-5">
          <h2 id="yours" className="border-b border-rule pb-1 text-[21px]">
            For you to read
          </h2>
          <ul>
            {own.map((l) => (
              <li key={l.id} className="border-b border-dotted border-rule py-1.5">
                <Link to={`/submissions/${l.submission}`} className="font-semibold hover:underline">
                  {l.name}
                </Link>{' '}
                <span className="text-[14px] text-soft">
                  {l.group && `group ${l.group}, `}
                  {l.blind
                    ? 'without seeing what the first gave'
                    : `read first by ${l.first ?? 'nobody now'}`}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      <Differing lines={differing} leads={leads} doing={doing} />
      {leads && <Draw second={second} doing={doing} />}
      <All lines={second.lines} />
      <Mistake error={doing.error} />
    </>
  );
}

function summary({ settled, lines }: Second): string {
  const done = lines.filter((l) => l.done).length;
  if (lines.length === 0) {
    return settled === 0
      ? 'Nothing is settled yet, so there is nothing that a second could read.'
      : `The work of ${counted(settled, 'student')} is settled; nothing of it is read twice yet.`;
  }
  return `${inWords(lines.length)} of ${settled} settled ${lines.length === 1 ? 'is' : 'are'} read by a second; ${
    done === lines.length ? 'all of that is done' : `${done} ${done === 1 ? 'is' : 'are'} done`
  }.`;
}

function Differing({ lines, leads, doing }: { lines: Line[]; leads: boolean; doing: Doing }) {
  if (lines.length === 0) {
    return null;
  }
  const all = lines.reduce((sum, l) => sum + l.differing.length, 0);
  return (
    <section aria-labelledby="differing" className="mt-7">
      <h2 id="differing" className="border-b border-rule pb-1 text-[21px]">
        Where two differ
      </h2>
      <p className="mt-1 text-soft">
        {counted(all, 'place')} in {counted(lines.length, 'submission')}. What is settled here counts; what
        differs is not given back before.
      </p>
      {lines.map((l) => (
        <div key={l.id} className="mt-4">
          <h3 className="text-[17px]">
            <Link to={`/submissions/${l.submission}`} className="hover:underline">
              {l.name}
            </Link>{' '}
            <span className="font-ui text-[14px] font-normal text-soft">{l.group && `group ${l.group}`}</span>
          </h3>
          <ul>
            {l.differing.map((d) => (
              <Difference
                key={`${d.item} ${l.version}`}
                line={l}
                difference={d}
                leads={leads}
                doing={doing}
              />
            ))}
          </ul>
        </div>
      ))}
    </section>
  );
}

/** One place where the two gave different points, with both reasons; the lead says which counts. */
function Difference(props: { line: Line; difference: Api<'Difference'>; leads: boolean; doing: Doing }) {
  const { line, difference: d, leads, doing } = props;
  const [given, setGiven] = useState<string>();
  const [reason, setReason] = useState('');
  const first = line.first ?? 'The first';
  function submit(event: FormEvent) {
    event.preventDefault();
    doing.mutate({
      reading: line.id,
      item: d.item,
      points: Number(given),
      reason,
      version: line.version,
    });
  }
  const take = (gave: Api<'Gave'>, who: string) => {
    setGiven(String(gave.points));
    setReason(gave.reason && gave.reason !== 'As proposed.' ? gave.reason : `As ${who} gave.`);
  };
  return (
    <li className="border-b border-dotted border-rule py-3">
      <p className="reading">{d.title}</p>
      <div className="mt-1 grid gap-x-8 gap-y-2 min-[760px]:grid-cols-2">
        <Said who={first} gave={d.first} possible={d.possible} counts />
        <Said who={line.reader} gave={d.second} possible={d.possible} />
      </div>
      {leads && (
        <form onSubmit={submit} className="mt-2 flex flex-wrap items-end gap-x-3 gap-y-2">
          <button type="button" className="quiet pb-1.5 text-[14px]" onClick={() => take(d.first, first)}>
            As {first}
          </button>
          <button
            type="button"
            className="quiet pb-1.5 text-[14px]"
            onClick={() => take(d.second, line.reader)}
          >
            As {line.reader}
          </button>
          <label className="block text-[13px] text-soft">
            <span className="block">Points</span>
            <input
              type="number"
              min={0}
              max={d.possible}
              step={0.25}
              required
              className="field mt-0.5 w-[84px]"
              value={given ?? ''}
              onChange={(e) => setGiven(e.target.value)}
            />
          </label>
          <label className="block min-w-[220px] flex-1 text-[13px] text-soft">
            <span className="block">Why, for both</span>
            <input
              className="field mt-0.5"
              maxLength={1_000}
              required
              value={reason}
              onChange={(e) => setReason(e.target.value)}
            />
          </label>
          <button type="submit" className="act py-1" disabled={!given || !reason.trim() || doing.isPending}>
            Settle it so
          </button>
        </form>
      )}
    </li>
  );
}

function Said(props: { who: string; gave: Api<'Gave'>; possible: number; counts?: boolean }) {
  const { gave } = props;
  return (
    <p className={`border-l-2 pl-3 ${props.counts ? 'border-ink' : 'border-slate'}`}>
      <b>
        {points(gave.points)} of {points(props.possible)}
      </b>{' '}
      <span className="text-soft">
        {props.who}
        {props.counts && ', counts now'}
      </span>
      <span className="block font-read text-[15px] italic">{gave.reason ?? 'As proposed by the check.'}</span>
    </p>
  );
}

function Draw({ second, doing }: { second: Second; doing: Doing }) {
  const [percent, setPercent] = useState('10');
  const [blind, setBlind] = useState(true);
  const open = second.lines.filter((l) => !l.done).length;
  const share = Number(percent);
  if (second.markers < 2) {
    return (
      <p className="reading mt-7 text-soft">
        Only one person marks in this course. Give somebody else that duty on the course’s page, and work can
        be read twice.
      </p>
    );
  }
  return (
    <form
      aria-labelledby="draw"
      className="mt-8"
      onSubmit={(e) => {
        e.preventDefault();
        doing.mutate({ draw: { percent: share, blind } });
      }}
    >
      <h2 id="draw" className="border-b border-rule pb-1 text-[21px]">
        Have a share read twice
      </h2>
      <label className="mt-3 flex flex-wrap items-center gap-2">
        <input
          type="number"
          min={1}
          max={100}
          required
          aria-label="Share in percent"
          className="field w-[84px]"
          value={percent}
          onChange={(e) => setPercent(e.target.value)}
        />
        percent of what each has settled, by somebody else who has least to read
      </label>
      <label className="mt-2 flex min-h-[26px] items-center gap-2">
        <input type="checkbox" checked={blind} onChange={(e) => setBlind(e.target.checked)} />
        Without seeing what the first gave, until they are done
      </label>
      <div className="mt-3 flex flex-wrap items-center gap-4">
        <button
          type="submit"
          className="act act-first"
          disabled={doing.isPending || second.settled === 0 || !(share >= 1 && share <= 100)}
        >
          {second.settled === 0 ? 'Draw, once something is settled' : 'Draw'}
        </button>
        {open > 0 && (
          <Confirmed
            text={`Call off the ${open} not read yet`}
            now="Call them off"
            about="What a second has begun there is lost."
            busy={doing.isPending}
            onConfirm={() => doing.mutate({ callOff: true })}
          />
        )}
      </div>
    </form>
  );
}

function All({ lines }: { lines: Line[] }) {
  if (lines.length === 0) {
    return null;
  }
  return (
    <section aria-labelledby="all-read-twice" className="mt-8">
      <h2 id="all-read-twice" className="border-b border-rule pb-1 text-[21px]">
        All that is read twice
      </h2>
      <table className="mt-1 w-full text-[14.5px]">
        <thead className="text-left text-[13px] text-soft">
          <tr>
            <th className="font-semibold">Student</th>
            <th className="font-semibold">First</th>
            <th className="font-semibold">Second</th>
            <th className="font-semibold">How it stands</th>
          </tr>
        </thead>
        <tbody>
          {lines.map((l) => (
            <tr key={l.id} className="border-b border-dotted border-rule">
              <th scope="row" className="py-1.5 pr-3 text-left font-semibold">
                <Link to={`/submissions/${l.submission}`} className="hover:underline">
                  {l.name}
                </Link>
              </th>
              <td className="pr-3">{l.first ?? (l.mine && l.blind ? 'not told yet' : 'not settled now')}</td>
              <td className="pr-3">{l.reader}</td>
              <td className={l.differing.length > 0 ? 'text-slate' : l.done ? 'text-verdigris' : 'text-soft'}>
                {stands(l)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function stands(l: Line): string {
  if (!l.done) {
    return 'to be read';
  }
  return l.differing.length === 0
    ? `one, in ${counted(l.items, 'place')}`
    : `differ in ${l.differing.length} of ${l.items}`;
}
