import { useState } from 'react';
import { Link, useParams } from 'react-router';
import type { Api } from '../api/client';
import { useColleagues, useCourse, useGiveDuty, useLookAfter, useRelease, type Duty } from '../api/courses';
import { useExercises } from '../api/exercises';
import { useMoveExercise } from '../api/manuscript';
import { inWords } from '../page/count';
import { Moment } from '../page/Moment';
import { Mistake, Notice, Waiting } from '../page/Notice';
import { Page } from '../page/Page';
import { CourseForm } from './CourseForm';

type Course = Api<'CourseView'>;

const duties: Record<Duty, { word: string; does: string }> = {
  LEAD: { word: 'leads', does: 'sets exercises, marks, says who does what' },
  TUTOR: { word: 'marks', does: 'hands in and marks' },
  READER: { word: 'reads', does: 'sees everything and changes nothing' },
};

/** A course: its exercises in order, and who does what in it. */
export function CoursePage() {
  const id = Number(useParams().course);
  const course = useCourse(id);
  if (!course.data) {
    return (
      <Page title="Course" crumbs={[{ text: 'Course' }]}>
        {course.isError ? (
          <Notice
            title="The course could not be opened"
            text={course.error.message}
            again={() => void course.refetch()}
          />
        ) : (
          <Waiting what="Opening the course" />
        )}
      </Page>
    );
  }
  return <OpenCourse course={course.data} />;
}

function OpenCourse({ course }: { course: Course }) {
  const [naming, setNaming] = useState(false);
  const leads = course.rights.includes('LEAD_COURSE');
  const students = course.groups.reduce((sum, g) => sum + g.students, 0);
  return (
    <Page
      title={course.title}
      crumbs={[{ text: course.title }]}
      right={<Staff course={course} leads={leads} />}
    >
      {naming ? (
        <CourseForm course={course} onCancel={() => setNaming(false)} />
      ) : (
        <>
          <h1 className="text-[27px] break-words">{course.title}</h1>
          <p className="reading mt-1 text-soft italic">
            {[
              course.term,
              `clocks of ${course.zone}`,
              !course.tutorsSeeAll && 'tutors see just the groups they look after',
            ]
              .filter(Boolean)
              .join(', ')}
            .{' '}
            {students === 0
              ? 'No student is in it yet.'
              : `${inWords(students)} students${
                  course.groups.length > 1
                    ? ` in groups ${course.groups.map((g) => `${g.name || 'none'} (${g.students})`).join(', ')}`
                    : ''
                }.`}{' '}
            {leads && (
              <button
                type="button"
                className="quiet font-ui text-[14px] not-italic"
                onClick={() => setNaming(true)}
              >
                Change
              </button>
            )}
          </p>
        </>
      )}
      <p className="mt-3">
        <Link
          to={`/courses/${course.id}/students`}
          className={students === 0 && leads ? 'act act-first' : 'act'}
        >
          {students === 0 && leads ? 'Take in the students' : 'Students'}
        </Link>
        {students > 0 && (
          <Link to={`/courses/${course.id}/grades`} className="act ml-3">
            Grades
          </Link>
        )}
      </p>
      <Exercises course={course} />
      {leads && (
        <p className="mt-6 text-[14px]">
          <a className="quiet" href={`/api/courses/${course.id}/archive.zip`} download>
            Take the whole course out, for another installation
          </a>
        </p>
      )}
    </Page>
  );
}

function Exercises({ course }: { course: Course }) {
  const all = useExercises();
  const move = useMoveExercise();
  const exercises = (all.data ?? []).filter((e) => e.course.id === course.id);
  const sets = course.rights.includes('SET_EXERCISES');
  return (
    <section aria-labelledby="exercises-heading" className="mt-8">
      <div className="flex items-baseline justify-between border-b border-rule pb-1">
        <h2 id="exercises-heading" className="text-[21px]">
          Exercises
        </h2>
        {sets && exercises.length > 0 && (
          <Link to={`/courses/${course.id}/new-exercise`} className="act act-first">
            Set an exercise
          </Link>
        )}
      </div>
      {all.isError && <Notice title="The exercises could not be fetched" text={all.error.message} />}
      {all.isSuccess && exercises.length === 0 && (
        <div className="py-6">
          <p className="reading max-w-[58ch] text-soft">
            Nothing is set yet. An exercise is a brief, a pattern that says what must be there and what it
            must do when run, and solutions to prove it with. Begin with a pattern of the catalogue, one of
            your own, or a folder that you have.
          </p>
          {sets && (
            <Link to={`/courses/${course.id}/new-exercise`} className="act act-first mt-4 inline-block">
              Set the first exercise
            </Link>
          )}
        </div>
      )}
      <Mistake error={move.error} />
      <ol>
        {exercises.map((e, i) => (
          <li
            key={e.id}
            className="grid grid-cols-[44px_minmax(0,1fr)_auto] items-baseline gap-x-4 border-b border-dotted border-rule py-3"
          >
            <span className="font-read text-[21px] text-soft">{e.number}</span>
            <div className="min-w-0">
              <h3 className="text-[18px] break-words">
                <Link
                  to={e.version === undefined ? `/exercises/${e.id}/write` : `/exercises/${e.id}`}
                  className="hover:underline"
                >
                  {e.title}
                </Link>
              </h3>
              <p className="text-[14px] text-soft">
                {e.version === undefined ? (
                  <span className="text-slate">still being written</span>
                ) : (
                  <>
                    in force, version {e.version}
                    {e.dueAt && (
                      <>
                        , due <Moment at={e.dueAt} />
                      </>
                    )}
                  </>
                )}
              </p>
            </div>
            <span className="flex gap-4 text-[14px]">
              {sets && (
                <>
                  <button
                    type="button"
                    className="quiet"
                    aria-label={`Put ${e.title} one place up`}
                    disabled={i === 0 || move.isPending}
                    onClick={() => move.mutate({ exercise: e.id, up: true })}
                  >
                    up
                  </button>
                  <button
                    type="button"
                    className="quiet"
                    aria-label={`Put ${e.title} one place down`}
                    disabled={i === exercises.length - 1 || move.isPending}
                    onClick={() => move.mutate({ exercise: e.id, up: false })}
                  >
                    down
                  </button>
                </>
              )}
              <Link to={`/exercises/${e.id}/write`} className="quiet">
                {sets ? 'Write' : 'Read'}
              </Link>
              {e.version !== undefined && (
                <Link to={`/exercises/${e.id}/grades`} className="quiet">
                  Grade sheet
                </Link>
              )}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}

function Staff({ course, leads }: { course: Course; leads: boolean }) {
  const give = useGiveDuty(course.id);
  const release = useRelease(course.id);
  return (
    <section aria-labelledby="staff-heading">
      <h2 id="staff-heading" className="margin-heading">
        Who does what
      </h2>
      {course.staff.length === 0 && (
        <p className="mt-2 text-soft">
          Nobody has a duty here yet, so those who look after the accounts lead it.
        </p>
      )}
      <ul className="mt-2">
        {course.staff.map((m) => (
          <li key={m.account} className="border-b border-dotted border-rule py-2">
            <span className="block font-semibold break-words">{m.name}</span>
            {leads ? (
              <span className="mt-1 flex items-center gap-3">
                <select
                  aria-label={`What ${m.name} does`}
                  className="field w-auto text-[14px]"
                  value={m.duty}
                  onChange={(e) => give.mutate({ account: m.account, duty: e.target.value as Duty })}
                >
                  {(Object.keys(duties) as Duty[]).map((d) => (
                    <option key={d} value={d}>
                      {duties[d].word}
                    </option>
                  ))}
                </select>
                <button
                  type="button"
                  className="quiet"
                  aria-label={`Release ${m.name}`}
                  onClick={() => release.mutate(m.account)}
                >
                  Release
                </button>
              </span>
            ) : (
              <span className="text-soft">{duties[m.duty as Duty].does}</span>
            )}
            {m.duty === 'TUTOR' && <Groups course={course} member={m} leads={leads} />}
          </li>
        ))}
      </ul>
      <Mistake error={give.error ?? release.error} />
      {leads && <Another course={course} onGive={(account, duty) => give.mutate({ account, duty })} />}
    </section>
  );
}

/** The groups that a tutor looks after. */
function Groups(props: { course: Course; member: Api<'Member'>; leads: boolean }) {
  const { course, member } = props;
  const lookAfter = useLookAfter(course.id);
  const names = course.groups.map((g) => g.name).filter(Boolean);
  if (!props.leads || names.length === 0) {
    return member.groups.length > 0 ? (
      <span className="block text-[14px] text-soft">looks after {member.groups.join(', ')}</span>
    ) : null;
  }
  return (
    <fieldset className="mt-1.5 flex flex-wrap gap-x-3 gap-y-1 text-[14px]">
      <legend className="sr-only">Groups that {member.name} looks after</legend>
      <span aria-hidden className="text-soft">
        groups
      </span>
      {names.map((g) => (
        <label key={g} className="flex items-center gap-1">
          <input
            type="checkbox"
            checked={member.groups.includes(g)}
            disabled={lookAfter.isPending}
            onChange={(e) =>
              lookAfter.mutate({
                account: member.account,
                groups: e.target.checked ? [...member.groups, g] : member.groups.filter((x) => x !== g),
              })
            }
          />
          {g}
        </label>
      ))}
      {member.groups.length === 0 && !course.tutorsSeeAll && (
        <span className="basis-full text-ochre">sees nobody without a group</span>
      )}
      <Mistake error={lookAfter.error} />
    </fieldset>
  );
}

/** Gives somebody with an account a duty in the course. */
function Another(props: { course: Course; onGive: (account: number, duty: Duty) => void }) {
  const colleagues = useColleagues(props.course.id, true);
  const [account, setAccount] = useState('');
  const [duty, setDuty] = useState<Duty>('TUTOR');
  if (!colleagues.data || colleagues.data.length === 0) {
    return (
      <p className="mt-4 text-soft">
        Everybody with an account has a duty here. More are made under{' '}
        <Link to="/accounts" className="quiet">
          Accounts
        </Link>
        .
      </p>
    );
  }
  return (
    <form
      aria-label="One more"
      className="mt-5"
      onSubmit={(e) => {
        e.preventDefault();
        if (account) {
          props.onGive(Number(account), duty);
          setAccount('');
        }
      }}
    >
      <label className="block font-semibold" htmlFor="colleague">
        One more
      </label>
      <select
        id="colleague"
        className="field mt-1"
        value={account}
        onChange={(e) => setAccount(e.target.value)}
      >
        <option value="">Choose …</option>
        {colleagues.data.map((c) => (
          <option key={c.account} value={c.account}>
            {c.name} · {c.login}
          </option>
        ))}
      </select>
      <fieldset className="mt-2">
        <legend className="sr-only">Duty</legend>
        {(Object.keys(duties) as Duty[]).map((d) => (
          <label key={d} className="mt-1 flex gap-2">
            <input type="radio" name="new-duty" checked={duty === d} onChange={() => setDuty(d)} />
            <span>
              {duties[d].word}
              <span className="block text-[13px] text-soft">{duties[d].does}</span>
            </span>
          </label>
        ))}
      </fieldset>
      <button type="submit" className="act mt-3" disabled={!account}>
        Give the duty
      </button>
    </form>
  );
}
