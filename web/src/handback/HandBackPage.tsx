import { useState, type FormEvent } from 'react';
import { Link, useParams } from 'react-router';
import type { Api } from '../api/client';
import { useExercise, useSheet } from '../api/exercises';
import { useHandBack, useHandingBack } from '../api/handBack';
import { Confirmed } from '../page/Confirmed';
import { counted, inWords, lower } from '../page/count';
import { Moment } from '../page/Moment';
import { Mistake, Notice, Waiting } from '../page/Notice';
import { Page } from '../page/Page';

/** So many names stand there at once. */
const NAMED = 12;

/** Giving an exercise's marked work back: what is ready, what is not, and when. */
export function HandBackPage() {
  const id = Number(useParams().exercise);
  const exercise = useExercise(id);
  const view = useHandBack(id);
  const sheet = useSheet(id);
  const title = sheet.data?.title ?? 'Exercise';
  return (
    <Page
      title={`Give back, ${title}`}
      crumbs={[
        ...(sheet.data
          ? [
              { text: sheet.data.course, to: `/courses/${sheet.data.courseId}` },
              { text: `${sheet.data.number} · ${title}`, to: `/exercises/${id}` },
            ]
          : []),
        { text: 'Give back' },
      ]}
    >
      <h1 className="text-[27px]">Give back</h1>
      {view.data && sheet.data && exercise.data ? (
        <Opened
          exercise={id}
          view={view.data}
          sheet={sheet.data}
          sets={exercise.data.rights.includes('SET_EXERCISES')}
        />
      ) : view.isError ? (
        <Notice
          title="It could not be seen what is ready"
          text={view.error.message}
          again={() => void view.refetch()}
        />
      ) : (
        <Waiting what="Looking what is ready" />
      )}
    </Page>
  );
}

function Opened(props: { exercise: number; view: Api<'HandBackView'>; sheet: Api<'Sheet'>; sets: boolean }) {
  const { view, sheet } = props;
  const [all, setAll] = useState(false);
  const doing = useHandingBack(props.exercise);
  const named = all ? view.notReady : view.notReady.slice(0, NAMED);
  const settled = sheet.rows.find((r) => r.settled && r.handedIn);
  return (
    <>
      <p className="reading text-soft italic">
        {inWords(view.ready)} {view.ready === 1 ? 'attempt is' : 'attempts are'} settled and not given back;{' '}
        {view.returned} {view.returned === 1 ? 'is' : 'are'} with the students already.
      </p>
      {settled && (
        <p className="mt-2 text-[14px]">
          <Link className="quiet" to={`/submissions/${settled.handedIn!.submissionId}/as-student`}>
            See it as {settled.student.name} will
          </Link>
        </p>
      )}
      <section aria-labelledby="not-ready" className="mt-6">
        <h2 id="not-ready" className="border-b border-rule pb-1 text-[21px]">
          Before it goes back
        </h2>
        {view.notReady.length === 0 ? (
          <p className="reading mt-2 text-verdigris">Everything that was handed in is settled.</p>
        ) : (
          <>
            <p className="reading mt-2">
              Of {counted(view.notReady.length, 'student')} nothing is settled; they get nothing back yet.
            </p>
            <ul className="mt-1 grid gap-x-6 text-[14px] min-[900px]:grid-cols-2">
              {named.map((n) => (
                <li key={n.student} className="border-b border-dotted border-rule py-1">
                  <Link to={`/submissions/${n.submission}`} className="font-semibold hover:underline">
                    {n.name}
                  </Link>{' '}
                  <span className="text-soft">
                    {n.group && `group ${n.group}, `}
                    {lower(n.why)}
                  </span>
                </li>
              ))}
            </ul>
            {view.notReady.length > NAMED && (
              <button type="button" className="quiet mt-1 text-[14px]" onClick={() => setAll(!all)}>
                {all ? 'fewer' : `all ${view.notReady.length}`}
              </button>
            )}
          </>
        )}
      </section>
      {props.sets && <GiveForm {...props} doing={doing} />}
      <Orders view={view} sets={props.sets} doing={doing} />
      {props.sets && view.returned > 0 && <TakeBack doing={doing} returned={view.returned} />}
      <Mistake error={doing.error} />
    </>
  );
}

type Doing = ReturnType<typeof useHandingBack>;

const asInstant = (local: string) => (local ? new Date(local).toISOString() : undefined);

function GiveForm({ view, sheet, doing }: { view: Api<'HandBackView'>; sheet: Api<'Sheet'>; doing: Doing }) {
  const groups = [...new Set(sheet.rows.map((r) => r.student.group))].sort();
  const [left, setLeft] = useState<string[]>([]);
  const [later, setLater] = useState(false);
  const [at, setAt] = useState('');
  const [until, setUntil] = useState('');
  const chosen = groups.filter((g) => !left.includes(g));

  function submit(event: FormEvent) {
    event.preventDefault();
    doing.mutate({
      give: {
        groups: left.length === 0 ? [] : chosen,
        at: later ? asInstant(at) : undefined,
        questionsUntil: asInstant(until),
      },
    });
  }

  return (
    <form onSubmit={submit} aria-labelledby="give" className="mt-7">
      <h2 id="give" className="border-b border-rule pb-1 text-[21px]">
        Give it back
      </h2>
      {groups.length > 1 && (
        <fieldset className="mt-3 min-w-0">
          <legend className="font-semibold">To</legend>
          <span className="flex flex-wrap gap-x-5">
            {groups.map((g) => (
              <label key={g} className="flex min-h-[26px] items-center gap-2">
                <input
                  type="checkbox"
                  checked={!left.includes(g)}
                  onChange={(e) => setLeft(e.target.checked ? left.filter((x) => x !== g) : [...left, g])}
                />
                Group {g || 'none'}
              </label>
            ))}
          </span>
        </fieldset>
      )}
      <fieldset className="mt-3 min-w-0">
        <legend className="font-semibold">When</legend>
        <label className="flex min-h-[26px] items-center gap-2">
          <input type="radio" name="when" checked={!later} onChange={() => setLater(false)} />
          Now
        </label>
        <label className="mt-1 flex min-h-[26px] flex-wrap items-center gap-2">
          <input type="radio" name="when" checked={later} onChange={() => setLater(true)} />
          At a set time: what is settled by then{' '}
          <input
            type="datetime-local"
            aria-label="When it is given back"
            className="field w-[220px]"
            disabled={!later}
            value={at}
            onChange={(e) => setAt(e.target.value)}
          />
        </label>
      </fieldset>
      <label className="mt-3 block">
        <span className="font-semibold">Questions about points until</span>{' '}
        <span className="text-soft">none where it is left empty</span>
        <input
          type="datetime-local"
          className="field mt-1 block w-[220px]"
          value={until}
          onChange={(e) => setUntil(e.target.value)}
        />
      </label>
      <p className="mt-3 text-[14px] text-soft">
        Students see points, feedback, remarks and what was found at once.
      </p>
      <button
        type="submit"
        className="act act-first mt-2"
        disabled={doing.isPending || chosen.length === 0 || (later ? !at : view.ready === 0)}
      >
        {later
          ? 'Give it back then'
          : view.ready === 0
            ? 'Give back, once something is settled'
            : `Give back ${counted(view.ready, 'attempt')} now`}
      </button>
    </form>
  );
}

function Orders({ view, sets, doing }: { view: Api<'HandBackView'>; sets: boolean; doing: Doing }) {
  if (view.orders.length === 0) {
    return null;
  }
  return (
    <section aria-labelledby="orders" className="mt-7">
      <h2 id="orders" className="border-b border-rule pb-1 text-[21px]">
        What was ordered
      </h2>
      <ul className="text-[14.5px]">
        {view.orders.map((o) => (
          <li key={o.id} className="border-b border-dotted border-rule py-1.5">
            <span className={o.calledOff ? 'text-soft line-through' : ''}>
              {o.doneAt ? (
                <>
                  {counted(o.givenBack ?? 0, 'attempt')} given back <Moment at={o.doneAt} />
                </>
              ) : (
                <>
                  To be given back <Moment at={o.at} />
                </>
              )}
              {o.groups.length > 0 && `, to group ${o.groups.join(', ')}`}, by {o.by}
              {o.questionsUntil && (
                <>
                  ; questions until <Moment at={o.questionsUntil} />
                </>
              )}
            </span>{' '}
            {o.calledOff && <span className="text-soft">called off</span>}
            {sets && !o.doneAt && !o.calledOff && (
              <Confirmed
                text="Call it off"
                now="Call it off"
                busy={doing.isPending}
                onConfirm={() => doing.mutate({ callOff: o.id })}
              />
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function TakeBack({ doing, returned }: { doing: Doing; returned: number }) {
  const [reason, setReason] = useState('');
  return (
    <section aria-labelledby="take-back" className="mt-7">
      <h2 id="take-back" className="border-b border-rule pb-1 text-[21px]">
        Take it back
      </h2>
      <label htmlFor="why-back" className="mt-2 block">
        Why students should not see it any more
      </label>
      <textarea
        id="why-back"
        rows={2}
        maxLength={1_000}
        className="field mt-1 max-w-[620px]"
        value={reason}
        onChange={(e) => setReason(e.target.value)}
      />
      <p className="mt-2">
        {reason.trim() ? (
          <Confirmed
            text={`Take back ${counted(returned, 'attempt')}`}
            now="Take it back"
            about="Nobody sees points and feedback any more."
            busy={doing.isPending}
            onConfirm={() => doing.mutate({ takeBack: { reason } }, { onSuccess: () => setReason('') })}
          />
        ) : (
          <span className="text-[14px] text-soft">
            It is taken back with a reason, which the history keeps.
          </span>
        )}
      </p>
    </section>
  );
}
