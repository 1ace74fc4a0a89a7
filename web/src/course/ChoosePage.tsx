import { useRef, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import type { Api } from '../api/client';
import { useCourse } from '../api/courses';
import { useExercises } from '../api/exercises';
import { useBegin, useTakeIn } from '../api/manuscript';
import { usePattern, usePatterns } from '../api/patterns';
import { Mistake, Notice, Waiting } from '../page/Notice';
import { Page } from '../page/Page';
import { spoken } from '../seal/roles';

/** What an exercise is to begin with: a pattern, an earlier one, a folder, or nothing. */
export function ChoosePage() {
  const id = Number(useParams().course);
  const course = useCourse(id);
  const patterns = usePatterns();
  const exercises = useExercises();
  const begin = useBegin(id);
  const navigate = useNavigate();
  const [title, setTitle] = useState('');
  const earlier = (exercises.data ?? []).filter((e) => e.course.id === id);

  const start = (given: Api<'Beginning'>) =>
    begin.mutate(
      { ...given, title: title.trim() || undefined },
      { onSuccess: (made) => void navigate(`/exercises/${made.id}/write`) },
    );

  return (
    <Page
      title="Set an exercise"
      crumbs={[{ text: course.data?.title ?? 'Course', to: `/courses/${id}` }, { text: 'Set an exercise' }]}
      right={<FromFolder course={id} onTaken={(made) => void navigate(`/exercises/${made}/write`)} />}
    >
      <h1 className="text-[27px]">Set an exercise</h1>
      <p className="reading mt-1 max-w-[62ch] text-soft italic">
        Choose what it begins with. Everything can be changed afterwards, and nobody sees it before you open
        it.
      </p>
      <label className="mt-5 block font-semibold" htmlFor="exercise-title">
        Title <span className="font-normal text-soft">can be left for later</span>
      </label>
      <input
        id="exercise-title"
        className="field mt-1 max-w-[460px]"
        value={title}
        onChange={(e) => setTitle(e.target.value)}
      />
      <Mistake error={begin.error} />
      <section aria-labelledby="patterns-heading" className="mt-7">
        <h2 id="patterns-heading" className="border-b border-rule pb-1 text-[21px]">
          From a pattern
        </h2>
        {patterns.isPending && <Waiting what="Fetching the catalogue" />}
        {patterns.isError && (
          <Notice title="The catalogue could not be fetched" text={patterns.error.message} />
        )}
        {patterns.data && <Two patterns={patterns.data} busy={begin.isPending} onChoose={start} />}
        <ul>
          {patterns.data?.map((p) => (
            <Choice
              key={p.id}
              name={p.title}
              about={p.intent}
              busy={begin.isPending}
              onChoose={() => start({ pattern: p.id })}
            />
          ))}
        </ul>
      </section>
      <section aria-labelledby="else-heading" className="mt-8">
        <h2 id="else-heading" className="border-b border-rule pb-1 text-[21px]">
          From something else
        </h2>
        <ul>
          <Choice
            name="A pattern of your own"
            about="Begins with two roles and one requirement; you write the rest."
            busy={begin.isPending}
            onChoose={() => start({})}
          />
          {earlier.map((e) => (
            <Choice
              key={e.id}
              name={`As ${e.number} · ${e.title}`}
              about="A copy of the exercise as it is written now, without its times."
              busy={begin.isPending}
              onChoose={() => start({ exercise: e.id })}
            />
          ))}
        </ul>
      </section>
    </Page>
  );
}

type Pattern = Api<'PatternLine'>;

/** Two patterns in one program: which, and which of their roles one type plays. */
function Two(props: { patterns: Pattern[]; busy: boolean; onChoose: (given: Api<'Beginning'>) => void }) {
  const [first, setFirst] = useState('');
  const [second, setSecond] = useState('');
  const [same, setSame] = useState<Record<string, string>>({});
  const above = usePattern(first);
  const below = usePattern(second);
  const one = (p?: Api<'PatternView'>) => p?.roles.filter((r) => !r.many) ?? [];
  const pick = (label: string, value: string, onPick: (id: string) => void) => (
    <label className="grid justify-items-start text-[14px]">
      {label}
      <select
        className="field mt-1 w-auto"
        value={value}
        onChange={(e) => {
          setSame({});
          onPick(e.target.value);
        }}
      >
        <option value="">choose …</option>
        {props.patterns.map((p) => (
          <option key={p.id} value={p.id}>
            {p.title}
          </option>
        ))}
      </select>
    </label>
  );
  return (
    <details className="border-b border-dotted border-rule py-2.5">
      <summary className="reading cursor-pointer">
        <span className="font-semibold">Two at once.</span>{' '}
        <span className="text-soft">
          Both are asked for in the same program, and each is found and judged for itself.
        </span>
      </summary>
      <div className="mt-3 flex flex-wrap items-end gap-4">
        {pick('First', first, setFirst)}
        {pick('Second', second, setSecond)}
        <button
          type="button"
          className="act"
          disabled={props.busy || first === '' || second === ''}
          onClick={() => props.onChoose({ pattern: first, second, same })}
        >
          Begin with both
        </button>
      </div>
      {one(above.data).length > 0 && one(below.data).length > 0 && (
        <ul aria-label="Roles that one type plays" className="mt-3 grid gap-1.5 text-[15px]">
          {one(below.data).map((r) => (
            <li key={r.name}>
              <label className="flex items-baseline gap-2">
                <span>
                  {spoken(r.name)} <span className="text-soft">of {below.data?.title}</span> is
                </span>
                <select
                  className="field w-auto"
                  value={same[r.name] ?? ''}
                  onChange={(e) => {
                    const next = { ...same };
                    delete next[r.name];
                    setSame(e.target.value === '' ? next : { ...next, [r.name]: e.target.value });
                  }}
                >
                  <option value="">a type of its own</option>
                  {one(above.data).map((a) => (
                    <option key={a.name} value={a.name}>
                      the same type as {spoken(a.name)} of {above.data?.title}
                    </option>
                  ))}
                </select>
              </label>
            </li>
          ))}
        </ul>
      )}
    </details>
  );
}

function Choice(props: { name: string; about: string; busy: boolean; onChoose: () => void }) {
  return (
    <li className="grid grid-cols-[minmax(0,1fr)_auto] items-baseline gap-6 border-b border-dotted border-rule py-2.5">
      <span className="reading min-w-0 break-words">
        <span className="font-semibold">{props.name}.</span> <span className="text-soft">{props.about}</span>
      </span>
      <button
        type="button"
        className="act"
        aria-label={`Begin with: ${props.name}`}
        disabled={props.busy}
        onClick={props.onChoose}
      >
        Begin
      </button>
    </li>
  );
}

function FromFolder({ course, onTaken }: { course: number; onTaken: (exercise: number) => void }) {
  const take = useTakeIn(course);
  const input = useRef<HTMLInputElement>(null);
  return (
    <section aria-labelledby="folder-heading">
      <h2 id="folder-heading" className="margin-heading">
        From a folder
      </h2>
      <p className="mt-2 text-soft">
        An exercise lies in a folder: <code className="name">exercise.yaml</code>,{' '}
        <code className="name">brief.md</code>, <code className="name">pattern.muster</code>, and what belongs
        to it. Packed as a zip it can be taken in here, from another installation or out of version control.
      </p>
      <label className="mt-3 block font-semibold" htmlFor="folder-zip">
        Zip
      </label>
      <input
        id="folder-zip"
        ref={input}
        type="file"
        accept=".zip"
        className="chooser mt-1 w-full"
        onChange={(e) => {
          const zip = e.target.files?.[0];
          if (zip) {
            take.mutate(zip, {
              onSuccess: (made) => onTaken(made.id),
              onSettled: () => {
                if (input.current) {
                  input.current.value = '';
                }
              },
            });
          }
        }}
      />
      {take.isPending && <Waiting what="Taking it in" />}
      <Mistake error={take.error} />
    </section>
  );
}
