import { Link, useParams } from 'react-router';
import type { Api } from '../api/client';
import { useOwnExercise } from '../api/study';
import { ByGit } from '../git/ByGit';
import { Brief } from '../exercise/Brief';
import { Moment } from '../page/Moment';
import { Notice, Waiting } from '../page/Notice';
import { Roles } from '../pattern/Roles';
import { RoleSeals } from '../seal/Seal';
import { OwnHandIn } from './OwnHandIn';
import { shortHash, standing } from './standing';
import { StudentPage } from './StudentPage';
import { Terms } from './Terms';

/** An exercise as a student reads it: the brief, the roles, handing in, and what was handed in. */
export function OwnExercisePage() {
  const id = Number(useParams().exercise);
  const exercise = useOwnExercise(id);
  const back = { text: 'Your exercises', to: '/' };
  if (!exercise.data) {
    return (
      <StudentPage title="Exercise" back={back}>
        {exercise.isError ? (
          <Notice
            title="The exercise could not be opened"
            text={exercise.error.message}
            again={() => void exercise.refetch()}
          />
        ) : (
          <Waiting what="Opening the exercise" />
        )}
      </StudentPage>
    );
  }
  const e = exercise.data;
  return (
    <RoleSeals roles={e.patterns.flatMap((p) => p.roles.map((r) => r.name))}>
      <StudentPage title={e.title} back={back}>
        <p className="margin-heading">
          {e.course.title}, exercise {e.number}
        </p>
        <h1 className="mt-1 text-[27px] break-words">{e.title}</h1>
        <div className="mt-2 flex flex-wrap items-end justify-between gap-4">
          <Terms terms={e.terms} />
          {e.terms.open && (
            <a href="#hand-in" className="act act-first">
              Hand in
            </a>
          )}
        </div>
        <div className="mt-5">
          <Brief text={e.brief} exercise={e.id} written={false} own />
        </div>
        {e.starter && (
          <p className="mt-4">
            <a href={`/api/exercises/${e.id}/mine/starter.zip`} className="act" download>
              Take the code to begin with
            </a>
          </p>
        )}
        <section aria-labelledby="roles-heading" className="mt-8">
          <h2 id="roles-heading" className="border-b border-rule pb-1 text-[21px]">
            The roles
          </h2>
          <p className="mt-2 text-soft">
            What your types are called is your own choice, unless the brief says it.
          </p>
          <div className="overflow-x-auto">
            <Roles patterns={e.patterns} />
          </div>
        </section>
        {e.terms.open ? <OwnHandIn exercise={e} /> : <Closed exercise={e} />}
        {e.terms.open && <ByGit exercise={e} />}
        <Attempts exercise={e} />
      </StudentPage>
    </RoleSeals>
  );
}

function Closed({ exercise: e }: { exercise: Api<'OwnExerciseView'> }) {
  return (
    <p className="reading mt-8 border-t border-rule pt-4 text-soft">
      {e.terms.attemptsLeft === 0
        ? 'You have made all the attempts that this exercise allows.'
        : 'Nothing is taken for this exercise any more. Whoever leads the course can give you another deadline.'}
    </p>
  );
}

function Attempts({ exercise: e }: { exercise: Api<'OwnExerciseView'> }) {
  return (
    <section aria-labelledby="attempts-heading" className="mt-8">
      <h2 id="attempts-heading" className="border-b border-rule pb-1 text-[21px]">
        What you handed in
      </h2>
      {e.attempts.length === 0 && <p className="reading mt-3 text-soft">Nothing yet.</p>}
      <ul aria-live="polite">
        {[...e.attempts].reverse().map((a) => (
          <li key={a.id} className="border-b border-dotted border-rule">
            <Link to={`/submissions/${a.id}`} className="block py-3 hover:bg-paper">
              <span className="font-semibold">Attempt {a.attempt}</span>{' '}
              <span className="text-soft">
                <Moment at={a.uploadedAt} />
                {a.late && <span className="font-semibold text-ochre"> late</span>}
                {a.bySomebodyElse && ', handed in for you by the staff'}
              </span>
              <span className="block text-[14px]">
                <span className={standing(a).ink}>{standing(a).text}.</span>{' '}
                <span className="text-soft">
                  {a.counts === true && 'This one counts. '}Mark {shortHash(a.hash)}
                </span>
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
