import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { useCourse } from '../api/courses';
import { useLedger, type CourseSheet } from '../api/ledger';
import { counted } from '../page/count';
import { ChooseGroup, FindStudent, OWN } from '../page/Finder';
import { Notice, Waiting } from '../page/Notice';
import { Page } from '../page/Page';
import { fitsText, isWanted, spread, wants, type Want } from './cells';
import { Ledger } from './Ledger';

/** The grade sheet of a course: every student, every exercise, and what they come to. */
export function LedgerPage() {
  const id = Number(useParams().course);
  const sheet = useLedger(id);
  if (!sheet.data) {
    return (
      <Page title="Grades" crumbs={[{ text: 'Grades' }]}>
        {sheet.isError ? (
          <Notice
            title="The grades could not be opened"
            text={sheet.error.message}
            again={() => void sheet.refetch()}
          />
        ) : (
          <Waiting what="Ruling the sheet" />
        )}
      </Page>
    );
  }
  return <Opened sheet={sheet.data} />;
}

function Opened({ sheet }: { sheet: CourseSheet }) {
  const [find, setFind] = useState('');
  const [chosen, setGroup] = useState<string>();
  const [want, setWant] = useState<Want>('all');
  const course = useCourse(sheet.courseId);
  const leads = course.data?.rights.includes('LEAD_COURSE') ?? false;
  const sets = course.data?.rights.includes('SET_EXERCISES') ?? false;
  const own = sheet.ownGroups;
  const group = chosen ?? (own.length > 0 && find.trim() === '' ? OWN : '');
  const groups = useMemo(() => [...new Set(sheet.lines.map((l) => l.student.group))].sort(), [sheet.lines]);
  const lines = useMemo(() => {
    const due = sheet.columns.flatMap((c, i) => (c.due ? [i] : []));
    return sheet.lines.filter(
      (l) =>
        fitsText(l, find) &&
        (group === OWN ? own.includes(l.student.group) : group === '' || l.student.group === group) &&
        isWanted(l, want, due),
    );
  }, [sheet, find, group, own, want]);
  const uncounted = sheet.scheme.written ? sheet.columns.filter((c) => !c.counts) : [];
  return (
    <Page
      title={`Grades, ${sheet.course}`}
      crumbs={[{ text: sheet.course, to: `/courses/${sheet.courseId}` }, { text: 'Grades' }]}
    >
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <div className="min-w-[240px] flex-1">
          <h1 className="text-[27px]">Grades</h1>
          <p className="reading text-soft italic">{summary(sheet)}</p>
        </div>
        <FindStudent value={find} onChange={setFind} />
        <ChooseGroup own={own} groups={groups} value={group} onChange={setGroup} />
        <label className="text-[14px]">
          <span className="sr-only">Whose</span>
          <select className="field" value={want} onChange={(e) => setWant(e.target.value as Want)}>
            {Object.entries(wants).map(([key, text]) => (
              <option key={key} value={key}>
                {text}
              </option>
            ))}
          </select>
        </label>
      </div>
      <p className="mt-2 flex flex-wrap gap-x-5 gap-y-1 text-[14px]">
        {leads && (
          <Link className="quiet" to={`/courses/${sheet.courseId}/scheme`}>
            How it is reckoned
          </Link>
        )}
        <Link className="quiet" to={`/courses/${sheet.courseId}/history`}>
          Who changed what
        </Link>
        <Link className="quiet" to={`/courses/${sheet.courseId}/pictures`}>
          Pictures
        </Link>
        <a className="quiet" href={`/api/courses/${sheet.courseId}/grades.csv`} download>
          Take out as CSV
        </a>
        {uncounted.length > 0 && (
          <span className="text-ochre">
            {uncounted.map((c) => `${c.number} · ${c.title}`).join(', ')}{' '}
            {uncounted.length === 1 ? 'counts' : 'count'} nowhere.
          </span>
        )}
      </p>
      {sheet.columns.length === 0 ? (
        <p className="reading mt-6 text-soft">
          No exercise is open yet. Once one is, everybody stands here with what they have in it.
        </p>
      ) : (
        <Ledger sheet={sheet} lines={lines} excuses={sets} />
      )}
      {lines.length === 0 && sheet.lines.length > 0 && (
        <p className="reading mt-4 text-soft">
          No student fits.{' '}
          <button
            type="button"
            className="quiet"
            onClick={() => {
              setFind('');
              setGroup('');
              setWant('all');
            }}
          >
            Show all
          </button>
        </p>
      )}
      {sheet.lines.length === 0 && (
        <p className="reading mt-4 text-soft">No student is in this course yet.</p>
      )}
      <Spread sheet={sheet} lines={lines} />
    </Page>
  );
}

function summary(sheet: CourseSheet): string {
  const scheme = sheet.scheme.scheme;
  const how = sheet.scheme.written
    ? `${counted(scheme.parts.length, 'part')}, ${scheme.scale.steps.length > 0 ? `a scale of ${counted(scheme.scale.steps.length, 'grade')}` : 'no grades'}`
    : 'all exercises by their points, no grades yet';
  return `${counted(sheet.lines.length, 'student')}, ${counted(sheet.columns.length, 'exercise')}; ${how}.`;
}

/** How what is shown spreads, as strokes and in figures. */
function Spread({ sheet, lines }: { sheet: CourseSheet; lines: CourseSheet['lines'] }) {
  const all = spread(
    lines,
    sheet.scheme.scheme.scale.steps.map((s) => s.grade),
  );
  const most = Math.max(1, ...all.map(([, n]) => n));
  if (lines.length === 0 || all.every(([, n]) => n === 0)) {
    return null;
  }
  return (
    <section aria-labelledby="spread" className="mt-6 max-w-[520px]">
      <h2 id="spread" className="text-[19px]">
        How it spreads
      </h2>
      <table className="mt-1 w-full text-[14px]">
        <tbody>
          {all.map(([name, n]) => (
            <tr key={name}>
              <th scope="row" className="w-[90px] py-0.5 text-left font-semibold">
                {name}
              </th>
              <td className="w-[44px] pr-3 text-right text-soft">{n}</td>
              <td aria-hidden>
                <span
                  className="block h-[10px] bg-slate"
                  style={{ width: `${(n / most) * 100}%`, minWidth: n > 0 ? 2 : 0 }}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
