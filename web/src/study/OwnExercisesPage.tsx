import { Link } from 'react-router';
import type { Api } from '../api/client';
import { useOwnExercises } from '../api/study';
import { useSession } from '../api/session';
import { Moment } from '../page/Moment';
import { Notice, Waiting } from '../page/Notice';
import { standing } from './standing';
import { StudentPage } from './StudentPage';

/** A student's first page: what is to be done, then what is over. */
export function OwnExercisesPage() {
  const all = useOwnExercises();
  const session = useSession();
  const open = (all.data ?? []).filter((e) => e.terms.open).sort(byDue);
  const over = (all.data ?? []).filter((e) => !e.terms.open).sort((a, b) => -byDue(a, b));
  return (
    <StudentPage title="Your exercises">
      <h1 className="text-[27px]">Your exercises, {session.data?.person?.name.split(' ')[0]}</h1>
      {all.isPending && <Waiting what="Looking" />}
      {all.isError && (
        <Notice
          title="The list could not be fetched"
          text={all.error.message}
          again={() => void all.refetch()}
        />
      )}
      {all.data?.length === 0 && (
        <p className="reading mt-4 text-soft">
          Nothing is set yet. Exercises appear here as soon as your course opens them.
        </p>
      )}
      {open.length > 0 && <List title="Open" exercises={open} />}
      {over.length > 0 && <List title="Over" exercises={over} />}
    </StudentPage>
  );
}

function byDue(a: Api<'OwnExercise'>, b: Api<'OwnExercise'>): number {
  return (a.terms.dueAt ?? '9').localeCompare(b.terms.dueAt ?? '9');
}

function List({ title, exercises }: { title: string; exercises: Api<'OwnExercise'>[] }) {
  const courses = new Set(exercises.map((e) => e.course.id)).size;
  return (
    <section aria-label={title} className="mt-7">
      <h2 className="margin-heading border-b border-ink pb-1">{title}</h2>
      <ul>
        {exercises.map((e) => (
          <li key={e.id} className="border-b border-dotted border-rule">
            <Link
              to={`/exercises/${e.id}`}
              className="grid grid-cols-[36px_minmax(0,1fr)] gap-x-3 py-4 hover:bg-paper"
            >
              <span className="font-read text-[23px] text-soft">{e.number}</span>
              <span>
                <span className="block font-read text-[19px] font-semibold break-words">{e.title}</span>
                {courses > 1 && <span className="block text-[14px] text-soft">{e.course.title}</span>}
                <span className="block text-soft">
                  {e.terms.dueAt ? (
                    <>
                      Due <Moment at={e.terms.dueAt} />
                    </>
                  ) : (
                    'No time at which it is due'
                  )}
                  {e.terms.extended && ', your own deadline'}
                </span>
                <span className="block">
                  {e.last ? (
                    <>
                      Handed in <Moment at={e.last.uploadedAt} />
                      {e.last.late && <span className="font-semibold text-ochre"> late</span>}, attempt{' '}
                      {e.last.attempt}. <span className={standing(e.last).ink}>{standing(e.last).text}.</span>
                    </>
                  ) : (
                    <span className={e.terms.open ? 'font-semibold text-madder' : 'text-soft'}>
                      Nothing handed in{e.terms.open ? ' yet' : ''}
                    </span>
                  )}
                </span>
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
