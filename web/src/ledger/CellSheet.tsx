import { useState } from 'react';
import { Link } from 'react-router';
import type { Api } from '../api/client';
import { useExcuse, type SheetCell, type SheetLine } from '../api/ledger';
import { Mistake } from '../page/Notice';
import { OverSheet } from '../page/Sheet';
import { spoken } from './cells';

/** One student's exercise: what it is, the way to it, and being excused from it. */
export function CellSheet(props: {
  course: number;
  column: Api<'SheetColumn'>;
  line: SheetLine;
  cell: SheetCell | undefined;
  excuses: boolean;
  onClose: () => void;
}) {
  const { column, line, cell } = props;
  const excuse = useExcuse(props.course);
  const [reason, setReason] = useState(cell?.excused ?? '');
  // as it stood when this was opened: who came first meanwhile is not overwritten unseen
  const [seen] = useState(cell?.excused);
  const whose = { exercise: column.exercise, student: line.student.id, seen };
  return (
    <OverSheet
      open
      title={`${line.student.name}, ${column.number} · ${column.title}`}
      about={`${spoken(cell, column.due)}.`}
      onClose={props.onClose}
    >
      {cell?.submission !== undefined && (
        <p className="mt-3">
          <Link className="act" to={`/submissions/${cell.submission}`}>
            Open the submission
          </Link>
        </p>
      )}
      {props.excuses && (
        <form
          className="mt-4"
          onSubmit={(e) => {
            e.preventDefault();
            excuse.mutate({ ...whose, reason }, { onSuccess: props.onClose });
          }}
        >
          <label htmlFor="excuse" className="block font-semibold">
            {cell?.excused === undefined ? 'Excuse from it, because' : 'Excused, because'}
          </label>
          <textarea
            id="excuse"
            rows={2}
            maxLength={1_000}
            className="field mt-1"
            value={reason}
            onChange={(e) => setReason(e.target.value)}
          />
          <p className="mt-1 text-[13px] text-soft">It then neither helps nor hurts the grade.</p>
          <div className="mt-2 flex items-center gap-4">
            <button type="submit" className="act act-first" disabled={!reason.trim() || excuse.isPending}>
              {cell?.excused === undefined ? 'Excuse' : 'Keep it so'}
            </button>
            {cell?.excused !== undefined && (
              <button
                type="button"
                className="quiet"
                disabled={excuse.isPending}
                onClick={() => excuse.mutate(whose, { onSuccess: props.onClose })}
              >
                Take the excuse back
              </button>
            )}
          </div>
          <Mistake error={excuse.error} />
        </form>
      )}
      <p className="mt-4">
        <button type="button" className="quiet" onClick={props.onClose}>
          Close
        </button>
      </p>
    </OverSheet>
  );
}
