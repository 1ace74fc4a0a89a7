import { useState } from 'react';
import { Link } from 'react-router';
import type { Api } from '../api/client';
import { useArrival, useArrivalPlan } from '../api/moving';
import { counted } from '../page/count';
import { Moment } from '../page/Moment';
import { Mistake, Waiting } from '../page/Notice';
import { Page } from '../page/Page';

/** Brings a course in that was taken out of another installation: what it brings and who is who, then all of it or nothing. */
export function ArrivingPage() {
  const [sent, setSent] = useState(0);
  const plan = useArrivalPlan(setSent);
  const arrival = useArrival(setSent);
  const [archive, setArchive] = useState<File>();
  const [others, setOthers] = useState<string[]>([]);
  const p = plan.data;

  function look(file: File, somebodyElse: string[]) {
    setArchive(file);
    setOthers(somebodyElse);
    setSent(0);
    arrival.reset();
    plan.mutate({ archive: file, others: somebodyElse });
  }

  return (
    <Page title="Bring in a course" crumbs={[{ text: 'Bring in a course' }]}>
      <h1 className="text-[27px]">Bring in a course</h1>
      <p className="reading mt-1 max-w-[64ch] text-soft italic">
        A course that was taken out of another installation, on its page there, comes with its students,
        exercises, everything handed in, and every point and word about it. Nothing is stored before you have
        seen what would be.
      </p>
      <input
        type="file"
        accept=".zip,application/zip"
        aria-label="The file with the course"
        // the same file, mended, is chosen again
        onClick={(e) => (e.currentTarget.value = '')}
        className="chooser mt-4"
        onChange={(e) => e.target.files?.[0] && look(e.target.files[0], [])}
      />
      {plan.isPending && <Waiting what={progress(sent, 'Sending it', 'Reading it')} />}
      <Mistake error={plan.error} />
      {arrival.data ? (
        <p role="status" className="reading mt-5 text-verdigris">
          It is here, and you lead it:{' '}
          <Link className="quiet font-semibold" to={`/courses/${arrival.data.id}`}>
            {arrival.data.title}
          </Link>
          . Those who are new here choose their passwords by links that you make them.
        </p>
      ) : (
        p && (
          <>
            <Brought plan={p} />
            <People
              people={p.people}
              busy={plan.isPending}
              onElse={(o) => look(archive!, o)}
              others={others}
            />
            <button
              type="button"
              className="act act-first mt-5"
              disabled={plan.isPending || arrival.isPending}
              onClick={() => {
                setSent(0);
                arrival.mutate({ archive: archive!, others, fingerprint: p.fingerprint });
              }}
            >
              Bring in {p.title}
            </button>
            {arrival.isPending && <Waiting what={progress(sent, 'Sending it', 'Bringing it in')} />}
            <Mistake error={arrival.error} />
          </>
        )
      )}
    </Page>
  );
}

const progress = (sent: number, on: string, then: string) =>
  sent < 1 ? `${on}, ${Math.round(sent * 100)} %` : then;

function Brought({ plan }: { plan: Api<'PlannedArrival'> }) {
  const n = (table: string) => plan.rows[table] ?? 0;
  return (
    <section aria-labelledby="brought" className="mt-6">
      <h2 id="brought" className="border-b border-rule pb-1 text-[21px] break-words">
        {plan.title} {plan.term && <span className="font-ui text-[14px] text-soft">{plan.term}</span>}
      </h2>
      <p className="reading mt-2">
        {counted(n('student'), 'student')}, {counted(n('exercise'), 'exercise')},{' '}
        {counted(n('submission'), 'attempt')}, {counted(n('grade_change'), 'change')} of marks; as it stood{' '}
        <Moment at={plan.writtenAt} />.
      </p>
      {n('job') > 0 && (
        <p className="mt-1 text-soft">{counted(n('job'), 'check')} that waited there will be made here.</p>
      )}
    </section>
  );
}

/** So many stand there at once; a course has hundreds of students. */
const SHOWN = 40;

/** Those who are known here come first: about them there is something to decide. */
function People(props: {
  people: Api<'Arriving'>[];
  others: string[];
  busy: boolean;
  onElse: (others: string[]) => void;
}) {
  const [all, setAll] = useState(false);
  const asked = (p: Api<'Arriving'>) => p.known || props.others.includes(p.login);
  const sorted = [...props.people].sort(
    (a, b) =>
      Number(asked(b)) - Number(asked(a)) ||
      Number(b.staff) - Number(a.staff) ||
      a.name.localeCompare(b.name),
  );
  const shown = all ? sorted : sorted.slice(0, SHOWN);
  return (
    <section aria-labelledby="people" className="mt-6">
      <h2 id="people" className="border-b border-rule pb-1 text-[21px]">
        Who is who
      </h2>
      {props.people.length === 0 && <p className="mt-2 text-soft">It names nobody who could sign in.</p>}
      <ul>
        {shown.map((p) => (
          <li
            key={p.login}
            className="grid grid-cols-[minmax(0,1fr)_minmax(0,1.4fr)] items-baseline gap-4 border-b border-dotted border-rule py-2"
          >
            <span className="min-w-0 font-semibold break-words">
              {p.name}{' '}
              <span className="font-normal text-soft">{p.staff ? p.login : `${p.login}, student`}</span>
            </span>
            {asked(p) ? (
              <label className="flex items-baseline gap-2 text-[14.5px]">
                <input
                  type="checkbox"
                  checked={p.known}
                  disabled={props.busy}
                  onChange={(e) =>
                    props.onElse(
                      e.target.checked
                        ? props.others.filter((o) => o !== p.login)
                        : [...props.others, p.login],
                    )
                  }
                />
                <span>
                  is the {p.login} of this place
                  {!p.known && <span className="text-ochre">; no: will sign in as {p.signIn}</span>}
                </span>
              </label>
            ) : (
              <span className="text-[14.5px] text-soft">is new here, will sign in as {p.signIn}</span>
            )}
          </li>
        ))}
      </ul>
      {sorted.length > SHOWN && (
        <button type="button" className="quiet mt-1 text-[14px]" onClick={() => setAll(!all)}>
          {all ? 'fewer' : `all ${sorted.length}`}
        </button>
      )}
    </section>
  );
}
