import { useState, type FormEvent } from 'react';
import { Link, useParams } from 'react-router';
import type { Api } from '../api/client';
import { useCourse } from '../api/courses';
import { useLedger, useSchemeOutlook, useWriteScheme, type CourseSheet } from '../api/ledger';
import { counted } from '../page/count';
import { Mistake, Notice, Waiting } from '../page/Notice';
import { Page } from '../page/Page';
import { draftOf, given, newKey, scales, type Draft, type PartDraft, type StepDraft } from './draft';

/** How a course comes to its grades: parts, weights, the scale, and what a change would do. */
export function SchemePage() {
  const id = Number(useParams().course);
  const sheet = useLedger(id);
  const course = useCourse(id);
  const crumbs = [
    { text: sheet.data?.course ?? 'Course', to: `/courses/${id}` },
    { text: 'Grades', to: `/courses/${id}/grades` },
    { text: 'How it is reckoned' },
  ];
  return (
    <Page title="How it is reckoned" crumbs={crumbs}>
      {sheet.data && course.data ? (
        <Opened sheet={sheet.data} leads={course.data.rights.includes('LEAD_COURSE')} />
      ) : sheet.isError ? (
        <Notice
          title="The scheme could not be opened"
          text={sheet.error.message}
          again={() => void sheet.refetch()}
        />
      ) : (
        <Waiting what="Opening the scheme" />
      )}
    </Page>
  );
}

function Opened({ sheet, leads }: { sheet: CourseSheet; leads: boolean }) {
  // what was read when the page was opened: a change of somebody else's is told, not put into the fields
  const [read] = useState(sheet.scheme);
  const [version, setVersion] = useState(read.version);
  const [draft, setDraft] = useState<Draft>(() => draftOf(read.scheme));
  const write = useWriteScheme(sheet.courseId, version);
  const outlook = useSchemeOutlook(sheet.courseId);
  const set = (part: Partial<Draft>) => setDraft({ ...draft, ...part });
  const setPart = (key: number, part: Partial<PartDraft>) =>
    set({ parts: draft.parts.map((p) => (p.key === key ? { ...p, ...part } : p)) });
  const setStep = (key: number, step: Partial<StepDraft>) =>
    set({ steps: draft.steps.map((s) => (s.key === key ? { ...s, ...step } : s)) });

  function submit(event: FormEvent) {
    event.preventDefault();
    write.mutate(given(draft), { onSuccess: (kept) => setVersion(kept.version) });
  }

  return (
    <form onSubmit={submit} noValidate className="max-w-[900px]">
      <h1 className="text-[27px]">How it is reckoned</h1>
      <p className="reading text-soft italic">
        Each part comes to a percentage of its points; the parts count by their weights. What somebody is
        excused from, and what is still to come, neither helps nor hurts.
      </p>
      <fieldset disabled={!leads} className="min-w-0">
        <section aria-labelledby="parts" className="mt-6">
          <h2 id="parts" className="border-b border-rule pb-1 text-[21px]">
            What counts
          </h2>
          {draft.parts.map((p, i) => (
            <PartFields
              key={p.key}
              part={p}
              number={i + 1}
              columns={sheet.columns}
              taken={draft.parts.filter((o) => o.key !== p.key).flatMap((o) => o.exercises)}
              onChange={(part) => setPart(p.key, part)}
              onRemove={() => set({ parts: draft.parts.filter((o) => o.key !== p.key) })}
            />
          ))}
          <button
            type="button"
            className="act mt-3"
            onClick={() =>
              set({
                parts: [
                  ...draft.parts,
                  {
                    key: newKey(),
                    title: '',
                    weight: '1',
                    exercises: [],
                    best: '',
                    alike: false,
                    bonus: false,
                    minimum: '',
                  },
                ],
              })
            }
          >
            Another part
          </button>
        </section>
        <section aria-labelledby="scale" className="mt-7">
          <h2 id="scale" className="border-b border-rule pb-1 text-[21px]">
            The scale
          </h2>
          <p className="mt-3 flex flex-wrap items-baseline gap-x-2">
            <label>
              The percentage is rounded{' '}
              <select
                className="field w-auto max-w-full"
                value={draft.rounding}
                onChange={(e) => set({ rounding: e.target.value as Draft['rounding'] })}
              >
                <option value="NEAREST">to the nearer, the middle up</option>
                <option value="UP">up</option>
                <option value="DOWN">down</option>
              </select>
            </label>
            <label>
              to{' '}
              <select
                className="field w-auto max-w-full"
                value={draft.places}
                onChange={(e) => set({ places: Number(e.target.value) })}
              >
                {[0, 1, 2, 3, 4].map((n) => (
                  <option key={n} value={n}>
                    {n === 0 ? 'whole percent' : counted(n, 'place')}
                  </option>
                ))}
              </select>
            </label>
            , once, before the grade is read off.
          </p>
          <p className="mt-3 flex flex-wrap gap-x-4 text-[14px]">
            <span className="text-soft">Begin with:</span>
            {Object.entries(scales).map(([name, make]) => (
              <button key={name} type="button" className="quiet" onClick={() => set({ steps: make() })}>
                {name}
              </button>
            ))}
          </p>
          {draft.steps.length > 0 && (
            <div className="overflow-x-auto">
              <table className="mt-3 text-[15px]">
                <thead className="text-left text-[13px] text-soft">
                  <tr>
                    <th className="pr-4 font-semibold">From percent</th>
                    <th className="pr-4 font-semibold">Grade</th>
                    <th className="pr-4 font-semibold">Passes</th>
                    <th>
                      <span className="sr-only">Take away</span>
                    </th>
                  </tr>
                </thead>
                <tbody>
                  {draft.steps.map((s, i) => (
                    <tr key={s.key}>
                      <td className="py-0.5 pr-4">
                        <input
                          aria-label={`Step ${i + 1} begins at percent`}
                          inputMode="decimal"
                          className="field w-[90px] text-right"
                          value={s.from}
                          onChange={(e) => setStep(s.key, { from: e.target.value })}
                        />
                      </td>
                      <td className="pr-4">
                        <input
                          aria-label={`Grade of step ${i + 1}`}
                          className="field w-[130px]"
                          maxLength={20}
                          value={s.grade}
                          onChange={(e) => setStep(s.key, { grade: e.target.value })}
                        />
                      </td>
                      <td className="pr-4 text-center">
                        <input
                          type="checkbox"
                          aria-label={`Step ${i + 1} passes`}
                          checked={s.passes}
                          onChange={(e) => setStep(s.key, { passes: e.target.checked })}
                        />
                      </td>
                      <td>
                        <button
                          type="button"
                          className="quiet text-[13px]"
                          aria-label={`Take step ${i + 1} away`}
                          onClick={() => set({ steps: draft.steps.filter((o) => o.key !== s.key) })}
                        >
                          take away
                        </button>
                      </td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </div>
          )}
          {draft.steps.length > 0 && (
            <button
              type="button"
              className="quiet mt-1 text-[14px]"
              onClick={() =>
                set({ steps: [...draft.steps, { key: newKey(), from: '', grade: '', passes: false }] })
              }
            >
              Another step
            </button>
          )}
        </section>
        {leads && (
          <div className="mt-6 flex flex-wrap items-center gap-4">
            <button type="submit" className="act act-first" disabled={write.isPending}>
              Keep it so
            </button>
            <button
              type="button"
              className="act"
              disabled={outlook.isPending}
              onClick={() => outlook.mutate(given(draft))}
            >
              What it would do
            </button>
            <span role="status" className="text-[14px] text-soft">
              {write.isSuccess && !write.isPending && 'Kept.'}
            </span>
            <Link className="quiet text-[14px]" to={`/courses/${sheet.courseId}/grades`}>
              To the grades
            </Link>
          </div>
        )}
        <Mistake error={write.error ?? outlook.error} />
        {sheet.scheme.version !== version && (
          <p role="alert" className="mt-3 border-l-[3px] border-ochre pl-3 text-ochre">
            Somebody else has changed the scheme since you opened it.{' '}
            <button type="button" className="quiet" onClick={() => window.location.reload()}>
              See theirs
            </button>{' '}
            <button type="button" className="quiet ml-2" onClick={() => setVersion(sheet.scheme.version)}>
              Put mine in its place
            </button>
          </p>
        )}
      </fieldset>
      {outlook.data && <Outlook now={sheet} then={outlook.data} />}
    </form>
  );
}

function PartFields(props: {
  part: PartDraft;
  number: number;
  columns: Api<'SheetColumn'>[];
  taken: number[];
  onChange: (part: Partial<PartDraft>) => void;
  onRemove: () => void;
}) {
  const { part: p, number, onChange } = props;
  const free = props.columns.filter((c) => !props.taken.includes(c.exercise));
  return (
    <fieldset className="min-w-0 border-b border-dotted border-rule py-4">
      <legend className="sr-only">Part {number}</legend>
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-2">
        <label>
          <span className="sr-only">Title of part {number}</span>
          <input
            className="field w-[240px] max-w-full font-semibold"
            placeholder="Weekly exercises"
            maxLength={80}
            value={p.title}
            onChange={(e) => onChange({ title: e.target.value })}
          />
        </label>
        <label className="flex items-baseline gap-2">
          weighs
          <input
            inputMode="decimal"
            aria-label={`Weight of part ${number}`}
            className="field w-[70px] text-right"
            value={p.weight}
            onChange={(e) => onChange({ weight: e.target.value })}
          />
        </label>
        <label className="flex items-baseline gap-2">
          the best
          <input
            inputMode="numeric"
            aria-label={`How many of part ${number} count`}
            placeholder="all"
            className="field w-[56px] text-right"
            value={p.best}
            onChange={(e) => onChange({ best: e.target.value })}
          />
          of {p.exercises.length}
        </label>
        <label className="flex items-baseline gap-2">
          at least
          <input
            inputMode="decimal"
            aria-label={`Minimum of part ${number} in percent`}
            placeholder="–"
            className="field w-[62px] text-right"
            value={p.minimum}
            onChange={(e) => onChange({ minimum: e.target.value })}
          />
          %
        </label>
        <button type="button" className="quiet ml-auto text-[13px]" onClick={props.onRemove}>
          take away
        </button>
      </div>
      <div className="mt-2 flex flex-wrap gap-x-5 text-[14.5px]">
        {free.map((c) => (
          <label key={c.exercise} className="flex min-h-[26px] items-center gap-2">
            <input
              type="checkbox"
              checked={p.exercises.includes(c.exercise)}
              onChange={(e) =>
                onChange({
                  exercises: e.target.checked
                    ? [...p.exercises, c.exercise]
                    : p.exercises.filter((x) => x !== c.exercise),
                })
              }
            />
            {c.number} · {c.title}
          </label>
        ))}
        {free.length === 0 && <span className="text-soft">Every exercise counts in another part.</span>}
      </div>
      <div className="mt-1 flex flex-wrap gap-x-5 text-[14px] text-soft">
        <label className="flex min-h-[26px] items-center gap-2">
          <input type="checkbox" checked={p.alike} onChange={(e) => onChange({ alike: e.target.checked })} />
          each counts the same, whatever its points
        </label>
        <label className="flex min-h-[26px] items-center gap-2">
          <input type="checkbox" checked={p.bonus} onChange={(e) => onChange({ bonus: e.target.checked })} />a
          bonus: it only adds, up to 100 %
        </label>
      </div>
    </fieldset>
  );
}

/** Whose grade or percentage would be another. */
function Outlook({ now, then }: { now: CourseSheet; then: CourseSheet }) {
  const before = new Map(now.lines.map((l) => [l.student.id, l.grade]));
  const said = (g?: Api<'CourseGrade'>) =>
    g?.percent === undefined ? 'nothing yet' : `${g.grade ? `${g.grade}, ` : ''}${g.percent} %`;
  const changed = then.lines.filter((l) => said(before.get(l.student.id)) !== said(l.grade));
  const failing = then.lines.filter((l) => l.grade.passed === false).length;
  return (
    <section aria-labelledby="outlook" className="mt-6" aria-live="polite">
      <h2 id="outlook" className="border-b border-rule pb-1 text-[21px]">
        What it would do
      </h2>
      <p className="reading mt-1">
        {changed.length === 0
          ? 'Nobody’s grade would be another.'
          : `${counted(changed.length, 'student')} of ${then.lines.length} would stand otherwise.`}{' '}
        {then.scheme.scheme.scale.steps.length > 0 &&
          `${failing === 0 ? 'Nobody' : failing} would not pass as it stands.`}
      </p>
      <ul className="mt-1 grid gap-x-6 text-[14px] min-[900px]:grid-cols-2">
        {changed.slice(0, 60).map((l) => (
          <li
            key={l.student.id}
            className="flex justify-between gap-3 border-b border-dotted border-rule py-0.5"
          >
            <span className="truncate">{l.student.name}</span>
            <span className="text-soft">
              {said(before.get(l.student.id))} → <b className="text-ink">{said(l.grade)}</b>
            </span>
          </li>
        ))}
      </ul>
      {changed.length > 60 && <p className="text-[14px] text-soft">and {changed.length - 60} more</p>}
    </section>
  );
}
