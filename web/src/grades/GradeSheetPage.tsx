import { useState } from 'react';
import { Link, useParams } from 'react-router';
import type { Api } from '../api/client';
import { useSheet } from '../api/exercises';
import { isOwn, stateOf, tally } from '../exercise/tally';
import { inWords, points } from '../page/count';
import { Moment } from '../page/Moment';
import { ChooseGroup, FindStudent, OWN } from '../page/Finder';
import { Notice, Waiting } from '../page/Notice';
import { Page } from '../page/Page';
import { SmallStroke } from '../verdict/Stroke';

type Row = Api<'Row'>;
type Order = 'name' | 'group' | 'points';

/** The grade sheet, as a ruled ledger: every student, what they got, and who says so. */
export function GradeSheetPage() {
  const id = Number(useParams().exercise);
  const sheet = useSheet(id);
  const [chosen, setGroup] = useState<string>();
  const [find, setFind] = useState('');
  const [order, setOrder] = useState<Order>('name');
  if (!sheet.data) {
    return (
      <Page title="Grade sheet" crumbs={[{ text: 'Grade sheet' }]}>
        {sheet.isError ? (
          <Notice
            title="The grade sheet could not be opened"
            text={sheet.error.message}
            again={() => void sheet.refetch()}
          />
        ) : (
          <Waiting what="Ruling the sheet" />
        )}
      </Page>
    );
  }
  const all = sheet.data.rows;
  const groups = [...new Set(all.map((r) => r.student.group))].sort();
  const own = sheet.data.ownGroups;
  // who looks after groups sees these at first, and finds everybody
  const group = chosen ?? (own.length > 0 && find.trim() === '' ? OWN : '');
  const rows = sorted(
    all.filter((r) => (group === OWN ? isOwn(r, own) && fits(r, '', find) : fits(r, group, find))),
    order,
  );
  return (
    <Page
      title={`Grade sheet, ${sheet.data.title}`}
      crumbs={[
        { text: sheet.data.course, to: `/courses/${sheet.data.courseId}` },
        { text: `${sheet.data.number} · ${sheet.data.title}`, to: `/exercises/${id}` },
        { text: 'Grade sheet' },
      ]}
    >
      <div className="flex items-end gap-4">
        <div className="flex-1">
          <h1 className="text-[27px]">Grade sheet</h1>
          <p className="reading text-soft italic">{summary(all)}</p>
        </div>
        <FindStudent value={find} onChange={setFind} />
        <ChooseGroup own={own} groups={groups} value={group} onChange={setGroup} />
        <a className="act" href={`/api/exercises/${id}/grades.csv`} download>
          Take out as CSV
        </a>
      </div>
      <p className="mt-2 text-[14px]">
        <Link className="quiet" to={`/exercises/${id}/give-back`}>
          Give back
        </Link>
        <Link className="quiet ml-5" to={`/exercises/${id}/points`}>
          Points as a table, out and in
        </Link>
        {all.some((r) => r.settled) && (
          <a className="quiet ml-5" href={`/api/exercises/${id}/feedback.zip`} download>
            Feedback on paper (HTML and PDF, one zip)
          </a>
        )}
      </p>
      <table className="mt-5 w-full table-fixed border-collapse">
        <colgroup>
          <col className="w-[19%]" />
          <col className="w-[92px]" />
          <col className="w-[66px]" />
          <col className="w-[13%]" />
          <col className="w-[110px]" />
          <col className="w-[12%]" />
          <col className="w-[92px]" />
          <col className="w-[13%]" />
          <col />
        </colgroup>
        <thead className="text-left text-[13px] text-soft">
          <tr className="border-y-2 border-ink">
            <Heading text="Student" of="name" order={order} setOrder={setOrder} />
            <th className="py-1.5 pr-3 font-semibold">Number</th>
            <Heading text="Group" of="group" order={order} setOrder={setOrder} />
            <th className="py-1.5 pr-3 font-semibold">Handed in</th>
            <th className="py-1.5 pr-3 font-semibold">Verdicts</th>
            <th className="py-1.5 pr-3 font-semibold">State</th>
            <Heading text="Points" of="points" order={order} setOrder={setOrder} right />
            <th className="py-1.5 pl-5 font-semibold">Marked by</th>
            <th className="py-1.5 pl-3 font-semibold">Feedback</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((r) => (
            <Line key={r.student.id} row={r} />
          ))}
        </tbody>
        <tfoot>
          <tr className="border-t-2 border-ink text-[14px] text-soft">
            <td colSpan={6} className="py-2">
              {rows.length === all.length
                ? `${all.length} students`
                : `${rows.length} of ${all.length} students shown`}
            </td>
            <td className="text-right">{mean(rows)}</td>
            <td colSpan={2} className="pl-5">
              Bold points are settled; the others are proposed.
            </td>
          </tr>
        </tfoot>
      </table>
      {rows.length === 0 && (
        <p className="reading mt-4 text-soft">
          No student fits.{' '}
          <button
            type="button"
            className="quiet"
            onClick={() => {
              setFind('');
              setGroup('');
            }}
          >
            Show all
          </button>
        </p>
      )}
    </Page>
  );
}

function Heading(props: {
  text: string;
  of: Order;
  order: Order;
  setOrder: (o: Order) => void;
  right?: boolean;
}) {
  const on = props.order === props.of;
  return (
    <th
      aria-sort={on ? (props.of === 'points' ? 'descending' : 'ascending') : 'none'}
      className={`py-1.5 font-semibold ${props.right ? 'text-right' : 'pr-3'}`}
    >
      <button
        type="button"
        className={on ? 'text-ink' : 'hover:text-ink'}
        title={`Order by ${props.text.toLowerCase()}`}
        onClick={() => props.setOrder(props.of)}
      >
        {props.text}
        <span aria-hidden>{on ? (props.of === 'points' ? ' ↓' : ' ↑') : ''}</span>
      </button>
    </th>
  );
}

function Line({ row }: { row: Row }) {
  const a = row.handedIn;
  const state = stateOf(row);
  return (
    <tr className="border-b border-rule align-top [content-visibility:auto]">
      <td className="py-1.5 pr-3 font-semibold break-words">
        {a ? (
          <Link to={`/submissions/${a.submissionId}`} className="hover:underline">
            {row.student.name}
          </Link>
        ) : (
          <span className="font-normal text-soft">{row.student.name}</span>
        )}
      </td>
      <td className="py-1.5 text-[14px] text-soft">{row.student.number}</td>
      <td className="py-1.5">{row.student.group}</td>
      <td className="py-1.5 pr-3 text-[14px] text-soft">
        {a ? (
          <>
            <Moment at={a.uploadedAt} />
            {a.late && <span className="font-semibold text-ochre"> late</span>}
            {a.attempt > 1 && <span className="block text-[12.5px]">attempt {a.attempt}</span>}
          </>
        ) : (
          '–'
        )}
      </td>
      <td className="py-1.5">
        <span className="flex gap-[3px]">
          {a?.marks.map((m, i) => (
            <SmallStroke key={i} verdict={m.stroke} label={m.label} />
          ))}
        </span>
      </td>
      <td className={`py-1.5 pr-3 text-[14px] ${state.ink}`}>
        {a ? (row.settled ? 'settled' : state.text) : '–'}
      </td>
      <td className="py-1.5 text-right">
        {row.points !== undefined && (
          <>
            <span className={row.settled ? 'font-bold' : ''}>{points(row.points)}</span>
            <span className="text-soft"> of {points(row.possible!)}</span>
            {!row.settled && <span className="sr-only"> proposed</span>}
          </>
        )}
      </td>
      <td className="truncate py-1.5 pl-5 text-[14px]" title={row.markedBy}>
        {row.markedBy}
      </td>
      <td className="py-1.5 pl-3 font-read text-[14px] text-soft">
        <span className="line-clamp-1" title={row.feedback}>
          {row.feedback}
        </span>
      </td>
    </tr>
  );
}

function fits(row: Row, group: string, find: string): boolean {
  const text = `${row.student.name} ${row.student.number}`.toLowerCase();
  return (group === '' || row.student.group === group) && text.includes(find.trim().toLowerCase());
}

function sorted(rows: Row[], order: Order): Row[] {
  const byName = (a: Row, b: Row) => a.student.name.localeCompare(b.student.name);
  const by: Record<Order, (a: Row, b: Row) => number> = {
    name: byName,
    group: (a, b) => a.student.group.localeCompare(b.student.group) || byName(a, b),
    points: (a, b) => (b.points ?? -1) - (a.points ?? -1) || byName(a, b),
  };
  return [...rows].sort(by[order]);
}

function summary(rows: Row[]): string {
  const t = tally(rows);
  if (t.handedIn === 0) {
    return `Nobody of ${t.students} has handed in yet.`;
  }
  return `${inWords(t.handedIn)} of ${t.students} ${t.handedIn === 1 ? 'has' : 'have'} handed in; ${t.settled} ${t.settled === 1 ? 'is' : 'are'} settled.`;
}

function mean(rows: Row[]): string {
  const given = rows.filter((r) => r.points !== undefined);
  if (given.length === 0) {
    return '';
  }
  const share = given.reduce((sum, r) => sum + r.points! / r.possible!, 0) / given.length;
  return `${Math.round(share * 100)} % on average`;
}
