import { Link } from 'react-router';
import { useExercises, useSandbox, useSheet } from '../api/exercises';
import { useSession } from '../api/session';
import type { Api } from '../api/client';
import { inWords } from '../page/count';
import { Moment } from '../page/Moment';
import { Notice, Waiting } from '../page/Notice';
import { Page } from '../page/Page';
import { SubmissionLine } from '../exercise/SubmissionLine';
import { tally } from '../exercise/tally';

/** How many waiting submissions a list shows before it only counts them. */
const SHOWN = 10;

/** The first page: what there is to do, exercise by exercise. */
export function TodayPage() {
  const exercises = useExercises();
  const session = useSession();
  const today = new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long' }).format(
    new Date(),
  );
  return (
    <Page title="Today" crumbs={[{ text: 'Today' }]}>
      <div className="mx-auto max-w-[820px] py-4">
        <p className="margin-heading">{today}</p>
        <h1 className="mt-1 text-[29px]">What lies on the desk, {session.data?.staff?.name.split(' ')[0]}</h1>
        <SandboxNotice />
        {exercises.isPending && <Waiting what="Looking" />}
        {exercises.isError && (
          <Notice
            title="The list could not be fetched"
            text={exercises.error.message}
            again={() => void exercises.refetch()}
          />
        )}
        {exercises.data?.length === 0 && (
          <p className="reading mt-6 max-w-[56ch] text-soft">
            There is no exercise yet. A course is made from a roster when the server starts: stop it and start
            it with <code className="name">./hausaufgabe serve --roster students.csv</code>.
          </p>
        )}
        <ul className="mt-7 border-t border-rule">
          {exercises.data?.map((e) => (
            <Exercise key={e.id} exercise={e} />
          ))}
        </ul>
        <SandboxTried />
      </div>
    </Page>
  );
}

function capitalised(text: string) {
  return text.charAt(0).toUpperCase() + text.slice(1);
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
  const t = sheet.data && tally(sheet.data.rows);
  const first = t?.open[0];
  return (
    <li className="grid grid-cols-[44px_1fr_auto] gap-x-4 border-b border-rule py-6">
      <span className="font-read text-[25px] text-soft">{exercise.number}</span>
      <div>
        <h2 className="text-[21px]">
          <Link to={`/exercises/${exercise.id}`} className="hover:underline">
            {exercise.title}
          </Link>
        </h2>
        <p className="text-soft">
          Due <Moment at={exercise.dueAt} />
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
                    : `${inWords(t.open.length)} ${t.open.length === 1 ? 'waits' : 'wait'} to be settled by a person.`
                }`}
          </p>
        )}
      </div>
      {t && t.open.length > 0 && (
        <ul
          aria-label="Waiting to be settled"
          className="col-span-2 col-start-2 row-start-2 mt-4 border-t border-rule"
        >
          {t.open.slice(0, SHOWN).map((id) => (
            <SubmissionLine key={id} row={sheet.data!.rows.find((r) => r.handedIn?.submissionId === id)!} />
          ))}
          {t.open.length > SHOWN && (
            <li className="py-2">
              <Link to={`/exercises/${exercise.id}#submissions`} className="quiet">
                and {t.open.length - SHOWN} more
              </Link>
            </li>
          )}
        </ul>
      )}
      <div className="flex flex-col items-start gap-2 pt-1">
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
