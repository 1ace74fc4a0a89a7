import { useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Api } from '../api/client';
import { fetchAhead } from '../api/marks';
import { points } from '../page/count';
import { Moment } from '../page/Moment';
import { SmallStroke } from '../verdict/Stroke';
import { stateOf } from './tally';

/** A submission as a line of a list: whose, when, its strokes, how it stands, what it got. */
export function SubmissionLine({ row }: { row: Api<'Row'> }) {
  const a = row.handedIn!;
  const state = stateOf(row);
  const queries = useQueryClient();
  // what is pointed at is likely opened next
  const ahead = () => fetchAhead(queries, a.submissionId);
  return (
    <li className="border-b border-dotted border-rule">
      <Link
        to={`/submissions/${a.submissionId}`}
        onPointerEnter={ahead}
        onFocus={ahead}
        className="flex flex-wrap items-center gap-x-4 gap-y-1 py-2 hover:bg-paper min-[900px]:grid min-[900px]:grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)_96px_minmax(0,1fr)_86px]"
      >
        <span className="truncate font-semibold" title={row.student.name}>
          {row.student.name}
        </span>
        <span className="truncate text-[14px] text-soft">
          <Moment at={a.uploadedAt} />
          {a.late && <span className="font-semibold text-ochre"> late</span>}
        </span>
        <span className="flex gap-[3px]">
          {a.marks.map((m, i) => (
            <SmallStroke key={i} verdict={m.stroke} label={m.label} />
          ))}
        </span>
        <span className={`truncate text-[14px] ${state.ink}`} title={state.text}>
          {state.text}
        </span>
        <span className="text-right whitespace-nowrap">
          {row.points === undefined ? (
            ''
          ) : (
            <>
              <span className="font-semibold">{points(row.points)}</span>
              <span className="text-soft"> of {points(row.possible!)}</span>
            </>
          )}
        </span>
      </Link>
    </li>
  );
}
