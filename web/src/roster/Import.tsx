import { useState } from 'react';
import type { Api } from '../api/client';
import { useEnrol, usePlan, type Field } from '../api/roster';
import { ChooseTable } from '../page/ChooseTable';
import { Mistake, Waiting } from '../page/Notice';

type Plan = Api<'PlannedRoster'>;

const fields: Record<Field, string> = {
  NUMBER: 'number',
  NAME: 'name',
  FIRST_NAME: 'first name',
  FAMILY_NAME: 'family name',
  GROUP: 'group',
  EMAIL: 'e-mail',
  NONE: 'not kept',
};

const becomes: Record<Api<'PlannedLine'>['what'], { word: string; ink: string }> = {
  ADD: { word: 'new', ink: 'text-verdigris' },
  CHANGE: { word: 'changed', ink: 'text-ochre' },
  BACK: { word: 'comes back', ink: 'text-verdigris' },
  SAME: { word: 'as it was', ink: 'text-soft' },
  LEFT_OUT: { word: 'left out', ink: 'text-madder' },
};

/** How many lines are shown at first. */
const SHOWN = 60;

/** Takes a roster in: choose it, match its columns, see what would change, and only then it does. */
export function Import({ course, onDone }: { course: number; onDone: () => void }) {
  const plan = usePlan(course);
  const enrol = useEnrol(course);
  const [roster, setRoster] = useState<File>();
  const [missingLeave, setMissingLeave] = useState(false);
  const p = plan.data;

  function look(file: File, columns?: Field[]) {
    setRoster(file);
    enrol.reset();
    plan.mutate({ roster: file, columns });
  }

  function become(column: number, field: Field) {
    const columns = p!.columns.map((c, i) =>
      // no two columns say the same
      i === column ? field : c.field === field && field !== 'NONE' ? 'NONE' : c.field,
    );
    look(roster!, columns);
  }

  return (
    <section aria-labelledby="import" className="mt-6 border-t-2 border-ink pt-4">
      <h2 id="import" className="text-[21px]">
        Take in a roster
      </h2>
      <p className="reading mt-1 max-w-[62ch] text-soft">
        A CSV as your school gives it out: any separator, any order of columns, in any of the usual encodings.
        Nothing is changed before you have seen what would be.
      </p>
      <ChooseTable label="The file with the roster" onChoose={look} />
      {plan.isPending && <Waiting what="Reading it" />}
      <Mistake error={plan.error} />
      {p && <Columns plan={p} onBecome={become} />}
      {p?.problem && (
        <p role="alert" className="mt-3 border-l-[3px] border-ochre pl-3 text-ochre">
          {p.problem}
        </p>
      )}
      {p && !p.problem && (
        <>
          <Changes plan={p} />
          {p.missing.length > 0 && (
            <label className="mt-4 flex max-w-[62ch] gap-3">
              <input
                type="checkbox"
                className="mt-1"
                checked={missingLeave}
                onChange={(e) => setMissingLeave(e.target.checked)}
              />
              <span>
                {p.missing.length === 1
                  ? `${p.missing[0]!.name} is in the course and not in this list: leaves the course`
                  : `${p.missing.length} are in the course and not in this list (${p.missing
                      .slice(0, 3)
                      .map((s) => s.name)
                      .join(', ')}${p.missing.length > 3 ? ' …' : ''}): they leave the course`}
                <span className="block text-[14px] text-soft">
                  What was handed in stays, and whoever comes back has it again.
                </span>
              </span>
            </label>
          )}
          <Mistake error={enrol.error} />
          <div className="mt-4 flex items-center gap-5">
            <button
              type="button"
              className="act act-first"
              disabled={enrol.isPending || plan.isPending}
              onClick={() =>
                enrol.mutate(
                  {
                    roster: roster!,
                    columns: p.columns.map((c) => c.field),
                    fingerprint: p.fingerprint!,
                    missingLeave,
                  },
                  {
                    onSuccess: onDone,
                    onError: () =>
                      look(
                        roster!,
                        p.columns.map((c) => c.field),
                      ),
                  },
                )
              }
            >
              {enrol.isPending ? 'Taking them in …' : 'Do this'}
            </button>
            <button type="button" className="quiet" onClick={onDone}>
              Change nothing
            </button>
          </div>
        </>
      )}
      {!p && (
        <button type="button" className="quiet mt-4" onClick={onDone}>
          Change nothing
        </button>
      )}
    </section>
  );
}

/** What each column is, as it was guessed, to be said otherwise. */
function Columns({ plan, onBecome }: { plan: Plan; onBecome: (column: number, field: Field) => void }) {
  return (
    <div className="mt-4">
      <p className="text-[14px] text-soft">
        Read as {plan.encoding}, separated by {plan.separator}.
      </p>
      <table className="mt-2 w-full border-collapse text-[14px]">
        <caption className="sr-only">Columns of the file</caption>
        <thead>
          <tr className="border-b border-rule text-left text-soft">
            <th className="py-1 font-normal">Column</th>
            <th className="py-1 font-normal">is</th>
            <th className="py-1 font-normal">for instance</th>
          </tr>
        </thead>
        <tbody>
          {plan.columns.map((c, i) => (
            <tr key={i} className="border-b border-dotted border-rule">
              <th
                scope="row"
                className="max-w-[180px] truncate py-1 pr-4 text-left font-semibold"
                title={c.header}
              >
                {c.header}
              </th>
              <td className="py-1 pr-4">
                <select
                  aria-label={`What ${c.header} is`}
                  className="field w-auto"
                  value={c.field}
                  onChange={(e) => onBecome(i, e.target.value as Field)}
                >
                  {(Object.keys(fields) as Field[]).map((f) => (
                    <option key={f} value={f}>
                      {fields[f]}
                    </option>
                  ))}
                </select>
              </td>
              <td className="max-w-[300px] truncate py-1 text-soft">{c.samples.join(' · ')}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function Changes({ plan }: { plan: Plan }) {
  const [all, setAll] = useState(false);
  const order: Api<'PlannedLine'>['what'][] = ['LEFT_OUT', 'CHANGE', 'BACK', 'ADD', 'SAME'];
  const lines = [...plan.lines].sort((a, b) => order.indexOf(a.what) - order.indexOf(b.what));
  const counted = order.filter((w) => (plan.counts[w] ?? 0) > 0);
  return (
    <div className="mt-4" role="status">
      <p className="reading">
        {counted.map((w, i) => (
          <span key={w}>
            {i > 0 && ', '}
            <span className={`font-semibold ${becomes[w].ink}`}>
              {plan.counts[w]} {becomes[w].word}
            </span>
          </span>
        ))}
        .
      </p>
      <ul className="mt-2 border-y border-rule" aria-label="What would change">
        {lines.slice(0, all ? undefined : SHOWN).map((l) => (
          <li
            key={l.record}
            className="grid grid-cols-[86px_minmax(0,1fr)_minmax(0,1.2fr)] gap-x-4 border-b border-dotted border-rule py-1.5 text-[14px]"
          >
            <span className={`font-semibold ${becomes[l.what].ink}`}>{becomes[l.what].word}</span>
            <span className="truncate" title={l.student.name}>
              {l.student.name || '(no name)'} <span className="text-soft">{l.student.number}</span>
            </span>
            <span className="truncate text-soft">{l.why ? `Record ${l.record}: ${l.why}` : changed(l)}</span>
          </li>
        ))}
      </ul>
      {lines.length > SHOWN && !all && (
        <button type="button" className="quiet mt-2 text-[14px]" onClick={() => setAll(true)}>
          Show all {lines.length}
        </button>
      )}
    </div>
  );
}

/** What of a student changes, in words. */
function changed(line: Api<'PlannedLine'>): string {
  const s = line.student;
  const b = line.before;
  if (!b) {
    return [s.group && `group ${s.group}`, s.email].filter(Boolean).join(', ');
  }
  return [
    b.name !== s.name && `was ${b.name}`,
    b.group !== s.group && `group ${b.group || 'none'} → ${s.group || 'none'}`,
    b.email !== s.email && `e-mail ${b.email || 'none'} → ${s.email || 'none'}`,
  ]
    .filter(Boolean)
    .join(', ');
}
