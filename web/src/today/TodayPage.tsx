import { useState } from 'react';
import { Link } from 'react-router';
import { useCourses } from '../api/courses';
import { useExercises, useSandbox, useSheet } from '../api/exercises';
import { useSession } from '../api/session';
import type { Api } from '../api/client';
import { CourseForm } from '../course/CourseForm';
import { capitalised, inWords } from '../page/count';
import { Moment } from '../page/Moment';
import { Notice, Waiting } from '../page/Notice';
import { Page } from '../page/Page';
import { SubmissionLine } from '../exercise/SubmissionLine';
import { isOwn, isSplit, ownInWords, tally } from '../exercise/tally';

/** How many waiting submissions a list shows before it only counts them. */
const SHOWN = 10;

/** The first page: what there is to do, exercise by exercise. */
export function TodayPage() {
  const courses = useCourses();
  const exercises = useExercises();
  const session = useSession();
  const today = new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long' }).format(
    new Date(),
  );
  return (
    <Page title="Today" crumbs={[{ text: 'Today' }]}>
      <div className="mx-auto max-w-[820px] py-4">
        <p className="margin-heading">{today}</p>
        <h1 className="mt-1 text-[29px]">
          What lies on the desk, {session.data?.person?.name.split(' ')[0]}
        </h1>
        <SandboxNotice />
        {exercises.isPending && <Waiting what="Looking" />}
        {exercises.isError && (
          <Notice
            title="The list could not be fetched"
            text={exercises.error.message}
            again={() => void exercises.refetch()}
          />
        )}
        {courses.data?.length === 0 && <NoCourse lead={session.data?.person?.role === 'LEAD'} />}
        {courses.data?.map((c) => (
          <Course
            key={c.id}
            course={c}
            exercises={(exercises.data ?? []).filter((e) => e.course.id === c.id)}
            known={exercises.isSuccess}
          />
        ))}
        {courses.data && courses.data.length > 0 && session.data?.person?.role === 'LEAD' && <OneMore />}
        <SandboxTried />
      </div>
    </Page>
  );
}

/** Nothing yet: what this place is for, and the one thing to do. */
function NoCourse({ lead }: { lead: boolean }) {
  return lead ? (
    <section className="mt-8 border-t border-rule pt-6">
      <h2 className="text-[21px]">There is no course yet</h2>
      <p className="reading mt-1 mb-5 max-w-[56ch] text-soft">
        Exercises are set in a course, and whoever works in it sees the same submissions and grades. Say what
        yours is called; everything can be changed later.
      </p>
      <CourseForm />
      <p className="mt-5">
        <FromElsewhere />
      </p>
    </section>
  ) : (
    <p className="reading mt-6 max-w-[56ch] text-soft">
      You have nothing to do in any course yet. Whoever leads the course gives you a duty on its page.
    </p>
  );
}

function FromElsewhere() {
  return (
    <Link to="/courses/arriving" className="quiet">
      Bring in one from another installation
    </Link>
  );
}

function OneMore() {
  const [open, setOpen] = useState(false);
  return (
    <div className="mt-8">
      {open ? (
        <CourseForm onCancel={() => setOpen(false)} />
      ) : (
        <p className="flex flex-wrap gap-x-5">
          <button type="button" className="quiet" onClick={() => setOpen(true)}>
            Begin another course
          </button>
          <FromElsewhere />
        </p>
      )}
    </div>
  );
}

/** What there is to do in one course. */
function Course(props: { course: Api<'CourseLine'>; exercises: Api<'ExerciseLine'>[]; known: boolean }) {
  const { course } = props;
  const open = props.exercises.filter((e) => e.version !== undefined);
  const written = props.exercises.filter((e) => e.version === undefined);
  const sets = course.rights.includes('SET_EXERCISES');
  return (
    <section aria-labelledby={`course-${course.id}`} className="mt-7">
      <div className="flex items-baseline justify-between gap-4 border-b border-ink pb-1">
        <h2 id={`course-${course.id}`} className="min-w-0 text-[19px] break-words">
          <Link to={`/courses/${course.id}`} className="hover:underline">
            {course.title}
          </Link>
          {course.term && (
            <span className="ml-2 font-ui text-[14px] font-normal text-soft">{course.term}</span>
          )}
        </h2>
        {sets && (
          <Link to={`/courses/${course.id}/new-exercise`} className="quiet shrink-0 text-[14px]">
            Set an exercise
          </Link>
        )}
      </div>
      {props.known && props.exercises.length === 0 && (
        <div className="py-5">
          <p className="reading max-w-[56ch] text-soft">
            No exercise is set in this course yet.
            {sets &&
              ' Begin with a pattern of the catalogue, with one of your own, or with a folder you have.'}
          </p>
          {sets && (
            <Link to={`/courses/${course.id}/new-exercise`} className="act act-first mt-4 inline-block">
              Set the first exercise
            </Link>
          )}
        </div>
      )}
      <ul>
        {open.map((e) => (
          <Exercise key={e.id} exercise={e} />
        ))}
      </ul>
      {written.length > 0 && (
        <p className="mt-4 text-[14px] text-soft">
          Still being written:{' '}
          {written.map((e, i) => (
            <span key={e.id}>
              {i > 0 && ', '}
              <Link to={`/exercises/${e.id}/write`} className="quiet">
                {e.number} · {e.title}
              </Link>
            </span>
          ))}
          .
        </p>
      )}
    </section>
  );
}

/** Told to staff while programs are not run, or not safely. */
function SandboxNotice() {
  const sandbox = useSandbox().data;
  if (!sandbox?.problem && !sandbox?.unsafe) {
    return null;
  }
  return (
    <section role="status" className="mt-5 border-l-[4.5px] border-ochre py-1 pl-5">
      <h2 className="text-[18px]">
        {sandbox.unsafe ? 'Student code runs without a sandbox' : 'Scenarios are not run on this machine'}
      </h2>
      <p className="reading text-soft">
        {sandbox.unsafe
          ? 'The server was started so. A submission can read and change whatever the server can.'
          : `${capitalised(sandbox.problem ?? '')}. Roles and claims are judged all the same. Once that is mended, start the server again and have submissions checked again.`}
      </p>
    </section>
  );
}

/** What was tried of the sandbox when the server started, for staff who are asked. */
function SandboxTried() {
  const found = useSandbox().data?.found ?? [];
  return found.length === 0 ? null : (
    <p className="mt-10 text-[13px] text-soft">
      Student programs run apart from this machine. Tried when the server started: {found.join(', ')}.
    </p>
  );
}

function Exercise({ exercise }: { exercise: Api<'ExerciseLine'> }) {
  const sheet = useSheet(exercise.id);
  const own = sheet.data?.ownGroups ?? [];
  const t = sheet.data && tally(sheet.data.rows, own);
  const first = t?.open[0];
  const split = sheet.data !== undefined && isSplit(sheet.data.rows, own);
  const second = sheet.data?.second ?? [];
  const mine = !split ? t : tally(sheet.data!.rows.filter((r) => isOwn(r, own)));
  const elsewhere = (t?.open.length ?? 0) - (mine?.open.length ?? 0);
  return (
    <li className="grid grid-cols-[30px_minmax(0,1fr)] gap-x-4 border-b border-rule py-6 min-[900px]:grid-cols-[44px_minmax(0,1fr)_auto]">
      <span className="font-read text-[25px] text-soft">{exercise.number}</span>
      <div>
        <h3 className="text-[21px]">
          <Link to={`/exercises/${exercise.id}`} className="hover:underline">
            {exercise.title}
          </Link>
        </h3>
        <p className="text-soft">
          {exercise.dueAt ? (
            <>
              Due <Moment at={exercise.dueAt} />
            </>
          ) : (
            'No time at which it is due'
          )}
        </p>
        {t && (
          <p className="reading mt-3 max-w-[58ch]">
            {t.handedIn === 0
              ? 'Nothing has been handed in yet.'
              : `${inWords(t.handedIn)} of ${t.students} ${t.handedIn === 1 ? 'has' : 'have'} handed in. ${
                  t.running > 0
                    ? `${inWords(t.running)} ${t.running === 1 ? 'is' : 'are'} being checked. `
                    : ''
                }${
                  t.open.length === 0
                    ? t.running === 0
                      ? 'All are settled.'
                      : ''
                    : `${inWords(t.open.length)} ${t.open.length === 1 ? 'waits' : 'wait'} to be settled by a person${
                        elsewhere > 0
                          ? `, ${mine!.open.length} of them ${ownInWords(sheet.data!.rows, own)}`
                          : ''
                      }.`
                }`}
          </p>
        )}
        {second.length > 0 && (
          <p className="reading max-w-[58ch] text-slate">
            <Link className="quiet" to={`/exercises/${exercise.id}/read-twice`}>
              {inWords(second.length)} {second.length === 1 ? 'is' : 'are'} for you to read a second time
            </Link>
            .
          </p>
        )}
      </div>
      {t && t.open.length > 0 && (
        <ul
          aria-label="Waiting to be settled"
          className="col-span-2 mt-4 border-t border-rule min-[900px]:col-start-2 min-[900px]:row-start-2"
        >
          {mine!.open.slice(0, SHOWN).map((id) => (
            <SubmissionLine key={id} row={sheet.data!.rows.find((r) => r.handedIn?.submissionId === id)!} />
          ))}
          {t.open.length > Math.min(mine!.open.length, SHOWN) && (
            <li className="py-2">
              <Link to={`/exercises/${exercise.id}#submissions`} className="quiet">
                {[
                  mine!.open.length > SHOWN && `${mine!.open.length - SHOWN} more`,
                  elsewhere > 0 && `${elsewhere} for others to read`,
                ]
                  .filter(Boolean)
                  .join(', and ')}
              </Link>
            </li>
          )}
        </ul>
      )}
      <div className="col-start-2 flex flex-col items-start gap-2 pt-3 min-[900px]:col-start-3 min-[900px]:row-start-1 min-[900px]:pt-1">
        {first ? (
          <Link to={`/submissions/${first}`} className="act act-first">
            Begin with the first
          </Link>
        ) : (
          <Link to={`/exercises/${exercise.id}`} className="act">
            Open
          </Link>
        )}
        <Link to={`/exercises/${exercise.id}/grades`} className="quiet text-[14px]">
          Grade sheet
        </Link>
      </div>
    </li>
  );
}
