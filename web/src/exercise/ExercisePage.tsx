import Markdown from 'react-markdown';
import { Link, useParams } from 'react-router';
import type { Api } from '../api/client';
import { useExercise, useProgress, useSheet } from '../api/exercises';
import { RoleSeals, Seal } from '../seal/Seal';
import { spoken } from '../seal/roles';
import { inWords, points } from '../sheet/count';
import { Moment } from '../sheet/Moment';
import { Notice, Waiting } from '../sheet/Notice';
import { Page } from '../sheet/Page';
import { ClassDiagram } from './ClassDiagram';
import { HandIn } from './HandIn';
import { SubmissionLine } from './SubmissionLine';
import { tally } from './tally';

/** An exercise: what is set, what is asked, and who has handed in. */
export function ExercisePage() {
  const id = Number(useParams().exercise);
  const exercise = useExercise(id);
  const sheet = useSheet(id);
  useProgress(id);
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
  return (
    <RoleSeals roles={e.pattern.roles.map((r) => r.name)}>
      <Page
        title={e.title}
        crumbs={[{ text: e.course.title, to: '/' }, { text: `${e.number} · ${e.title}` }]}
        left={<Left exercise={e} rows={sheet.data?.rows ?? []} />}
        right={<HandIn exercise={id} students={e.students} />}
      >
        <h1 className="text-[27px]">{e.title}</h1>
        <div className="reading markdown mt-3 max-w-[66ch]">
          <Markdown>{e.brief}</Markdown>
        </div>
        <section id="roles" aria-labelledby="roles-heading" className="mt-8 scroll-mt-16">
          <h2 id="roles-heading" className="border-b border-rule pb-1 text-[21px]">
            The roles
          </h2>
          <p className="reading mt-2 mb-5 text-soft italic">{e.pattern.intent}</p>
          <ClassDiagram pattern={e.pattern} />
        </section>
        <Asked pattern={e.pattern} />
        <Submissions rows={sheet.data?.rows} error={sheet.error} />
      </Page>
    </RoleSeals>
  );
}

function Left({ exercise, rows }: { exercise: Api<'ExerciseView'>; rows: Api<'Row'>[] }) {
  const t = tally(rows);
  const lines: [string, string, number | string][] = [
    ['The roles', '#roles', exercise.pattern.roles.length],
    ['What is asked', '#asked', exercise.pattern.requirements.length + exercise.pattern.scenarios.length],
    ['Handed in', '#submissions', `${t.handedIn} of ${t.students}`],
  ];
  return (
    <>
      <p className="font-semibold">{exercise.pattern.title}</p>
      <p className="text-soft">
        Due <Moment at={exercise.dueAt} />
      </p>
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
      <ul className="mt-2 grid gap-1 text-soft">
        {t.running > 0 && <li>{t.running} being checked</li>}
        {t.failed > 0 && <li className="text-madder">{t.failed} could not be checked</li>}
        <li>{t.open.length} wait for a person</li>
        <li>{t.settled} settled</li>
      </ul>
      <Link to={`/exercises/${exercise.id}/grades`} className="act mt-5 inline-block">
        Grade sheet
      </Link>
    </>
  );
}

/** What every submission is asked, with the places of the student's own names held by the roles' seals. */
function Asked({ pattern }: { pattern: Api<'PatternView'> }) {
  return (
    <section id="asked" aria-labelledby="asked-heading" className="mt-9 scroll-mt-16">
      <h2 id="asked-heading" className="border-b border-rule pb-1 text-[21px]">
        What is asked
      </h2>
      <p className="mt-2 text-soft">
        As it is asked of the form “{pattern.forms[0]}”. Also taken:{' '}
        {pattern.forms.slice(1).join(', ') || 'no other form'}.
      </p>
      <ol className="mt-2">
        {pattern.requirements.map((r) => (
          <li key={r.id} className="grid grid-cols-[1fr_auto] gap-6 border-b border-dotted border-rule py-2">
            <span className="reading">
              <Template text={r.text} roles={pattern.roles.map((x) => x.name)} />
              {r.essential && <span className="ml-2 font-ui text-[13px] text-soft">essential</span>}
            </span>
            <Worth n={r.points} />
          </li>
        ))}
      </ol>
      <h3 className="mt-5 text-[17px]">What it must do when run</h3>
      <ol>
        {pattern.scenarios.map((s) => (
          <li
            key={s.id}
            className="grid grid-cols-[1fr_auto] gap-6 border-b border-dotted border-rule py-1.5"
          >
            <span className="reading">{s.text}.</span>
            <Worth n={s.points} />
          </li>
        ))}
      </ol>
    </section>
  );
}

function Worth({ n }: { n: number }) {
  return (
    <span className="pt-1 text-soft">
      {points(n)} {n === 1 ? 'point' : 'points'}
    </span>
  );
}

function Template({ text, roles }: { text: string; roles: string[] }) {
  return (
    <>
      {text.split(/(\{[^}]*\})/).map((part, i) => {
        const name = part.startsWith('{') ? part.slice(1, -1) : null;
        if (!name) {
          return part;
        }
        return roles.includes(name) ? (
          <span key={i} className="whitespace-nowrap">
            <Seal role={name} /> {i === 1 && text.startsWith('{') ? spoken(name) : spoken(name).toLowerCase()}
          </span>
        ) : (
          <code key={i} className="name">
            {name}()
          </code>
        );
      })}
    </>
  );
}

function Submissions({ rows, error }: { rows?: Api<'Row'>[]; error: Error | null }) {
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
      <ul className="mt-1" aria-live="polite">
        {handedIn.map((r) => (
          <SubmissionLine key={r.student.id} row={r} />
        ))}
      </ul>
    </section>
  );
}
