import { Link, useParams } from 'react-router';
import type { Api } from '../api/client';
import { useExercise, useSheet } from '../api/exercises';
import { useCheckSome } from '../api/queue';
import { Asked } from '../pattern/Asked';
import { Roles } from '../pattern/Roles';
import { RoleSeals } from '../seal/Seal';
import { capitalised, inWords, points } from '../page/count';
import { Moment } from '../page/Moment';
import { Mistake, Notice, Waiting } from '../page/Notice';
import { Page } from '../page/Page';
import { Brief } from './Brief';
import { HandIn } from './HandIn';
import { OtherDeadlines } from './OtherDeadlines';
import { Queue } from './Queue';
import { SubmissionLine } from './SubmissionLine';
import { isOwn, isSplit, ownInWords, tally } from './tally';

/** An exercise: what is set, what is asked, and who has handed in. */
export function ExercisePage() {
  const id = Number(useParams().exercise);
  const exercise = useExercise(id);
  if (!exercise.data) {
    return (
      <Page title="Exercise" crumbs={[{ text: 'Exercise' }]}>
        {exercise.isError ? (
          <Notice
            title="The exercise could not be opened"
            text={exercise.error.message}
            again={() => void exercise.refetch()}
          />
        ) : (
          <Waiting what="Opening the exercise" />
        )}
      </Page>
    );
  }
  const e = exercise.data;
  return e.patterns.length > 0 ? <InForce exercise={e} /> : <StillWritten exercise={e} />;
}

/** One that was not opened yet: only those who write it have something to do with it. */
function StillWritten({ exercise: e }: { exercise: Api<'ExerciseView'> }) {
  return (
    <Page
      title={e.title}
      crumbs={[{ text: e.course.title, to: `/courses/${e.course.id}` }, { text: `${e.number} · ${e.title}` }]}
    >
      <h1 className="text-[27px] break-words">{e.title}</h1>
      <p className="reading mt-2 max-w-[58ch] text-soft">
        This exercise is still being written. Nothing can be handed in for it before it is opened.
      </p>
      <Link to={`/exercises/${e.id}/write`} className="act act-first mt-4 inline-block">
        {e.rights.includes('SET_EXERCISES') ? 'Write it' : 'Read it'}
      </Link>
    </Page>
  );
}

type Opened = Api<'ExerciseView'>;

function InForce({ exercise: e }: { exercise: Opened }) {
  const sheet = useSheet(e.id);
  return (
    <RoleSeals roles={e.patterns.flatMap((p) => p.roles.map((r) => r.name))}>
      <Page
        title={e.title}
        crumbs={[
          { text: e.course.title, to: `/courses/${e.course.id}` },
          { text: `${e.number} · ${e.title}` },
        ]}
        left={<Left exercise={e} rows={sheet.data?.rows ?? []} />}
        right={
          e.rights.includes('HAND_IN') && (
            <>
              <HandIn exercise={e.id} students={e.students} endings={e.rules?.endings ?? []} />
              <OtherDeadlines
                exercise={e.id}
                students={e.students}
                sets={e.rights.includes('SET_EXERCISES') && e.dueAt !== undefined}
              />
            </>
          )
        }
      >
        <h1 className="text-[27px]">{e.title}</h1>
        <div className="mt-3 max-w-[66ch]">
          <Brief text={e.brief} exercise={e.id} written={false} />
        </div>
        <section id="roles" aria-labelledby="roles-heading" className="mt-8 scroll-mt-16">
          <h2 id="roles-heading" className="border-b border-rule pb-1 text-[21px]">
            The roles
          </h2>
          <Roles patterns={e.patterns} />
        </section>
        <Asked patterns={e.patterns} criteria={e.criteria} />
        <Submissions rows={sheet.data?.rows} own={sheet.data?.ownGroups ?? []} error={sheet.error} />
      </Page>
    </RoleSeals>
  );
}

function Left({ exercise, rows }: { exercise: Opened; rows: Api<'Row'>[] }) {
  const t = tally(rows);
  const lines: [string, string, number | string][] = [
    ['The roles', '#roles', exercise.patterns.flatMap((p) => p.roles).length],
    [
      'What is asked',
      '#asked',
      exercise.patterns.flatMap((p) => [...p.requirements, ...p.scenarios]).length + exercise.criteria.length,
    ],
    ['Handed in', '#submissions', `${t.handedIn} of ${t.students}`],
  ];
  return (
    <>
      {exercise.patterns.map((p) => (
        <Link key={p.id} to={`/patterns/${p.id}`} className="block py-1 font-semibold hover:underline">
          {p.title}
        </Link>
      ))}
      <Rules exercise={exercise} />
      <ul className="mt-6">
        {lines.map(([text, to, n]) => (
          <li key={to} className="border-b border-dotted border-rule">
            <a href={to} className="flex justify-between py-1.5 hover:underline">
              <span>{text}</span>
              <span className="text-soft">{n}</span>
            </a>
          </li>
        ))}
      </ul>
      <p className="margin-heading mt-7">Where it stands</p>
      <Queue
        exercise={exercise.id}
        open={t.running}
        all={t.handedIn}
        sets={exercise.rights.includes('SET_EXERCISES')}
      />
      <ul className="mt-2 grid gap-1 text-soft">
        {t.running > 0 && <li>{t.running} being checked</li>}
        {t.failed.length > 0 && <Failed exercise={exercise} submissions={t.failed} />}
        <li>{t.open.length} wait for a person</li>
        <li>{t.settled} settled</li>
      </ul>
      <Link to={`/exercises/${exercise.id}/grades`} className="act mt-5 inline-block">
        Grade sheet
      </Link>
      <Link to={`/exercises/${exercise.id}/alike`} className="quiet mt-4 block">
        Same mistakes
      </Link>
      <Link to={`/exercises/${exercise.id}/weave`} className="quiet mt-1.5 block">
        The weave
      </Link>
      <Link to={`/exercises/${exercise.id}/beside`} className="quiet mt-1.5 block">
        Side by side
      </Link>
      <Link to={`/exercises/${exercise.id}/readers`} className="quiet mt-4 block">
        Who reads what
      </Link>
      <Link to={`/exercises/${exercise.id}/read-twice`} className="quiet mt-1.5 block">
        Read twice
      </Link>
      <Link to={`/exercises/${exercise.id}/evenness`} className="quiet mt-1.5 block">
        How evenly it is marked
      </Link>
      <Link to={`/courses/${exercise.course.id}/remarks`} className="quiet mt-4 block">
        Remarks of the course
      </Link>
      <Link to={`/exercises/${exercise.id}/write`} className="quiet mt-4 block">
        {exercise.rights.includes('SET_EXERCISES') ? 'Change the exercise' : 'Read how it is written'}
      </Link>
    </>
  );
}

/** Those that could not be checked, to be tried once more. */
function Failed({ exercise, submissions }: { exercise: Opened; submissions: number[] }) {
  const again = useCheckSome(exercise.id);
  return (
    <li className="text-madder">
      {submissions.length} could not be checked
      {exercise.rights.includes('HAND_IN') && (
        <button
          type="button"
          className="quiet ml-2 text-[14px]"
          disabled={again.isPending}
          onClick={() => again.mutate(submissions)}
        >
          Try {submissions.length === 1 ? 'it' : 'them'} again
        </button>
      )}
      <Mistake error={again.error} />
    </li>
  );
}

/** When it is due, and what being late costs. */
function Rules({ exercise: e }: { exercise: Opened }) {
  const r = e.rules;
  const costs = [
    r && r.pointsPerDay > 0 && `${points(r.pointsPerDay)} ${r.pointsPerDay === 1 ? 'point' : 'points'}`,
    r && r.percentPerDay > 0 && `${points(r.percentPerDay)} %`,
  ].filter(Boolean);
  const counting = { LAST: 'the last', FIRST: 'the first', BEST: 'the best' };
  return (
    <div className="text-soft">
      <p>
        {e.dueAt ? (
          <>
            Due <Moment at={e.dueAt} />
          </>
        ) : (
          'No time at which it is due'
        )}
      </p>
      {r && r.graceMinutes > 0 && <p>{r.graceMinutes} minutes of grace</p>}
      {costs.length > 0 && <p>{costs.join(' and ')} for every day begun after that</p>}
      {r?.closesAt && (
        <p>
          Closes <Moment at={r.closesAt} />
        </p>
      )}
      {r && (r.attempts > 0 || r.counts !== 'LAST') && (
        <p>
          {r.attempts > 0
            ? `${r.attempts} ${r.attempts === 1 ? 'attempt' : 'attempts'}`
            : 'Any number of attempts'}
          , {counting[r.counts]} counts
        </p>
      )}
      <p>Version {e.version}</p>
    </div>
  );
}

/** Submissions in the order they came; nothing where there is none. */
function Came({ title, rows }: { title?: string; rows: Api<'Row'>[] }) {
  if (rows.length === 0) {
    return null;
  }
  return (
    <>
      {title && <h3 className="mt-5 border-b border-rule pb-1 text-[17px]">{title}</h3>}
      <ul className="mt-1" aria-live="polite">
        {rows.map((r) => (
          <SubmissionLine key={r.student.id} row={r} />
        ))}
      </ul>
    </>
  );
}

function Submissions(props: { rows?: Api<'Row'>[]; own: string[]; error: Error | null }) {
  const { rows, own, error } = props;
  const split = rows !== undefined && isSplit(rows, own);
  const handedIn = (rows ?? [])
    .filter((r) => r.handedIn)
    .sort((a, b) => a.handedIn!.uploadedAt.localeCompare(b.handedIn!.uploadedAt));
  return (
    <section id="submissions" aria-labelledby="submissions-heading" className="mt-9 scroll-mt-16">
      <h2 id="submissions-heading" className="border-b border-rule pb-1 text-[21px]">
        Handed in
      </h2>
      {error && <Notice title="The submissions could not be fetched" text={error.message} />}
      {rows && handedIn.length === 0 && (
        <p className="reading mt-3 max-w-[56ch] text-soft">
          Nothing yet. Submissions appear here as soon as one is handed in on the right, and their verdicts as
          soon as they are checked.
        </p>
      )}
      {handedIn.length > 0 && (
        <p className="mt-2 text-soft">
          {inWords(handedIn.length)} of {rows!.length}, in the order they came.
        </p>
      )}
      {split && (
        <Came title={capitalised(ownInWords(rows, own))} rows={handedIn.filter((r) => isOwn(r, own))} />
      )}
      <Came
        title={split ? 'For others to read' : undefined}
        rows={split ? handedIn.filter((r) => !isOwn(r, own)) : handedIn}
      />
    </section>
  );
}
