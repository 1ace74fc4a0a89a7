import {
  createColumnHelper,
  getCoreRowModel,
  getSortedRowModel,
  useReactTable,
  type SortingState,
} from '@tanstack/react-table';
import { useVirtualizer } from '@tanstack/react-virtual';
import { memo, useCallback, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { useNavigate } from 'react-router';
import type { CourseSheet, SheetCell, SheetLine } from '../api/ledger';
import { useReaders } from '../api/presence';
import { points } from '../page/count';
import { byColumn, isSettled, sign, spoken } from './cells';
import { CellSheet } from './CellSheet';

const ROW = 34;
const NAME = 210;
const GROUP = 64;
const CELL = 74;
const SUM = 78;

const column = createColumnHelper<SheetLine>();

/** The sheet itself: names and sums stay in view while the rest is scrolled, and arrows go from cell to cell. */
export function Ledger({
  sheet,
  lines,
  excuses,
}: {
  sheet: CourseSheet;
  lines: SheetLine[];
  /** whether whoever looks may excuse somebody */
  excuses: boolean;
}) {
  const navigate = useNavigate();
  const readers = useReaders();
  const [sorting, setSorting] = useState<SortingState>([{ id: 'name', desc: false }]);
  const [at, setAt] = useState({ row: 0, column: 0 });
  const [opened, setOpened] = useState<{ line: SheetLine; column: number }>();
  const box = useRef<HTMLDivElement>(null);
  const columns = useMemo(
    () => [
      column.accessor((l) => l.student.name, { id: 'name', sortingFn: 'text' }),
      column.accessor((l) => l.student.group, { id: 'group', sortingFn: 'text' }),
      ...sheet.columns.map((c, i) =>
        column.accessor((l) => l.cells.find((x) => x.column === i)?.points, {
          id: `exercise-${c.exercise}`,
          sortUndefined: 'last',
        }),
      ),
      column.accessor((l) => l.grade.percent, { id: 'percent', sortUndefined: 'last' }),
      column.accessor((l) => l.grade.percent, { id: 'grade', sortUndefined: 'last' }),
    ],
    [sheet.columns],
  );
  // the table is asked anew at every drawing, which is what it is made for
  // eslint-disable-next-line react-hooks/incompatible-library
  const table = useReactTable({
    data: lines,
    columns,
    state: { sorting },
    onSortingChange: setSorting,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
    getRowId: (l) => String(l.student.id),
  });
  const rows = table.getRowModel().rows;
  const grades = sheet.scheme.scheme.scale.steps.length > 0;
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => box.current,
    estimateSize: () => ROW,
    overscan: 12,
  });
  const last = sheet.columns.length + (grades ? 1 : 0);
  const width = `max(100%, ${NAME + GROUP + sheet.columns.length * CELL + SUM * (grades ? 2 : 1)}px)`;
  const template = `${NAME}px ${GROUP}px repeat(${sheet.columns.length}, minmax(${CELL}px, 1fr)) ${SUM}px${grades ? ` ${SUM}px` : ''}`;

  function go(row: number, col: number) {
    const r = Math.max(0, Math.min(rows.length - 1, row));
    const c = Math.max(0, Math.min(last + 1, col));
    setAt({ row: r, column: c });
    virtual.scrollToIndex(r, { align: 'auto' });
    const focus = () => {
      const cell = box.current?.querySelector<HTMLElement>(`[data-cell="${r}:${c}"]`);
      cell?.focus({ preventScroll: true });
      cell?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
      return cell !== null && cell !== undefined;
    };
    // at once, for the next key may come before the next frame; a row that is not drawn yet is in the next
    if (!focus()) {
      requestAnimationFrame(focus);
    }
  }

  function onKey(event: KeyboardEvent) {
    const step: Record<string, [number, number]> = {
      ArrowUp: [-1, 0],
      ArrowDown: [1, 0],
      ArrowLeft: [0, -1],
      ArrowRight: [0, 1],
      PageUp: [-12, 0],
      PageDown: [12, 0],
      Home: [event.ctrlKey ? -rows.length : 0, -last - 2],
      End: [event.ctrlKey ? rows.length : 0, last + 2],
    };
    const by = step[event.key];
    if (by && (event.target as HTMLElement).dataset.cell) {
      event.preventDefault();
      go(at.row + by[0], at.column + by[1]);
    }
  }

  const heads: { id: string; text: string; title: string; name?: string; note?: string }[] = [
    { id: 'name', text: 'Student', title: 'Order by name' },
    { id: 'group', text: 'Group', title: 'Order by group' },
    ...sheet.columns.map((c) => ({
      id: `exercise-${c.exercise}`,
      text: String(c.number),
      title: `${c.number} · ${c.title}${c.counts ? '' : ', counts nowhere'}`,
      name: c.title,
      note: c.possible === undefined ? undefined : `of ${points(c.possible)}`,
    })),
    { id: 'percent', text: 'Percent', title: 'Order by percent' },
    ...(grades ? [{ id: 'grade', text: 'Grade', title: 'Order by grade' }] : []),
  ];

  const columnsOf = useMemo(
    () => ({ columns: sheet.columns, grades, places: sheet.scheme.scheme.places }),
    [sheet.columns, grades, sheet.scheme.scheme.places],
  );
  /** A cell that can be read leads there; where something else can be done, it is asked. */
  const onOpen = useCallback(
    (line: SheetLine, i: number) => {
      const cell = line.cells.find((c) => c.column === i);
      if (cell?.submission !== undefined && cell.excused === undefined) {
        void navigate(`/submissions/${cell.submission}`);
      } else {
        setOpened({ line, column: i });
      }
    },
    [navigate],
  );
  const onMore = useCallback((line: SheetLine, i: number) => setOpened({ line, column: i }), []);
  const onFocus = useCallback((row: number, col: number) => setAt({ row, column: col }), []);

  return (
    <>
      <div
        ref={box}
        role="grid"
        aria-label={`Grades, ${rows.length} students`}
        aria-rowcount={rows.length + 1}
        aria-colcount={last + 2}
        tabIndex={-1}
        onKeyDown={onKey}
        className="relative mt-4 max-h-[calc(100vh-270px)] min-h-[220px] overflow-auto border-y-2 border-ink"
      >
        <div
          role="row"
          aria-rowindex={1}
          className="sticky top-0 z-[3] grid bg-sheet text-[13px] text-soft"
          style={{ gridTemplateColumns: template, width }}
        >
          {heads.map((h, i) => {
            const sorted = table.getColumn(h.id)?.getIsSorted() ?? false;
            return (
              <div
                key={h.id}
                role="columnheader"
                aria-sort={sorted ? (sorted === 'asc' ? 'ascending' : 'descending') : 'none'}
                className={`min-w-0 border-b border-ink bg-sheet px-2 py-1.5 ${i === 0 ? 'sticky left-0 z-[1]' : ''} ${i > 1 ? 'text-right' : ''}`}
              >
                <button
                  type="button"
                  title={h.title}
                  aria-label={h.title}
                  className={`font-semibold ${sorted ? 'text-ink' : 'hover:text-ink'}`}
                  onClick={() => table.getColumn(h.id)?.toggleSorting()}
                >
                  {h.text}
                  <span aria-hidden>{sorted ? (sorted === 'asc' ? ' ↑' : ' ↓') : ''}</span>
                </button>
                {h.name && (
                  <span className="block truncate text-[12px] font-normal" title={h.title}>
                    {h.name}
                  </span>
                )}
                {h.note && <span className="block text-[12px] font-normal">{h.note}</span>}
              </div>
            );
          })}
        </div>
        <div style={{ height: virtual.getTotalSize(), width, position: 'relative' }} role="presentation">
          {virtual.getVirtualItems().map((v) => {
            const line = rows[v.index]!.original;
            return (
              <Row
                key={rows[v.index]!.id}
                sheet={columnsOf}
                line={line}
                index={v.index}
                start={v.start}
                template={template}
                width={width}
                focused={at.row === v.index ? at.column : -1}
                readers={readers}
                onOpen={onOpen}
                onMore={onMore}
                onFocus={onFocus}
              />
            );
          })}
        </div>
      </div>
      <p className="mt-2 text-[13px] text-soft">
        {rows.length === sheet.lines.length
          ? `${rows.length} students`
          : `${rows.length} of ${sheet.lines.length} students shown`}
        . <b className="text-ink">Bold</b> is settled, <b className="text-ink underline">underlined</b> is
        with the student, <span className="font-semibold text-slate">?</span> waits for a person, … is being
        checked, <span className="font-semibold text-slate">2×</span> was read by two,{' '}
        <span className="font-semibold text-slate">2×…</span> by one of two so far,{' '}
        <span className="font-semibold text-slate">≠</span> by two who differ,{' '}
        <span className="text-madder">0</span> was due and is not there. Arrows go from cell to cell, Enter
        opens.
        {excuses && ' With the right button, or Enter where nothing is, somebody is excused.'}
      </p>
      {opened && (
        <CellSheet
          course={sheet.courseId}
          column={sheet.columns[opened.column]!}
          line={lines.find((l) => l.student.id === opened.line.student.id) ?? opened.line}
          cell={(lines.find((l) => l.student.id === opened.line.student.id) ?? opened.line).cells.find(
            (c) => c.column === opened.column,
          )}
          excuses={excuses}
          onClose={() => setOpened(undefined)}
        />
      )}
    </>
  );
}

/** What the lines of a sheet have in common. */
type Columns = { columns: CourseSheet['columns']; grades: boolean; places: number };

/** One student; drawn anew only when something of it is another. */
const Row = memo(function Row(props: {
  sheet: Columns;
  line: SheetLine;
  index: number;
  start: number;
  template: string;
  width: string;
  /** the column that the keyboard is on; below 0 where it is on another line */
  focused: number;
  readers: Map<number, string[]>;
  onOpen: (line: SheetLine, column: number) => void;
  onMore: (line: SheetLine, column: number) => void;
  onFocus: (row: number, column: number) => void;
}) {
  const { sheet, line, index, focused, readers } = props;
  const cells = byColumn(line);
  const place = (col: number) => ({
    'data-cell': `${index}:${col}`,
    tabIndex: focused === col ? 0 : -1,
    onFocus: () => focused !== col && props.onFocus(index, col),
  });
  const base =
    'flex items-center border-b border-rule px-2 outline-none focus:outline-2 focus:outline-offset-[-2px] focus:outline-slate';
  return (
    <div
      role="row"
      aria-rowindex={index + 2}
      className="absolute top-0 left-0 grid bg-sheet text-[15px]"
      style={{
        gridTemplateColumns: props.template,
        height: ROW,
        width: props.width,
        transform: `translateY(${props.start}px)`,
      }}
    >
      <div
        {...place(0)}
        role="rowheader"
        className={`${base} sticky left-0 z-[1] bg-sheet font-semibold`}
        title={`${line.student.name}, ${line.student.number}`}
      >
        <span className="truncate">{line.student.name}</span>
        {line.student.left && <span className="ml-1 text-[12px] text-soft">left</span>}
      </div>
      <div {...place(1)} role="gridcell" className={`${base} text-soft`}>
        {line.student.group}
      </div>
      {sheet.columns.map((c, i) => {
        const cell = cells.get(i);
        const names = cell?.submission === undefined ? undefined : readers.get(cell.submission);
        const said = `${spoken(cell, c.due)}${names ? `, open with ${names.join(', ')}` : ''}`;
        return (
          <div
            key={c.exercise}
            {...place(i + 2)}
            role="gridcell"
            tabIndex={focused === i + 2 ? 0 : -1}
            aria-label={`${c.number}: ${said}`}
            title={said}
            className={`${base} cursor-pointer justify-end hover:bg-tint ${names ? 'shadow-[inset_3px_0_0_var(--slate)]' : ''}`}
            onClick={() => props.onOpen(line, i)}
            onKeyDown={(e) => e.key === 'Enter' && props.onOpen(line, i)}
            onContextMenu={(e) => {
              e.preventDefault();
              props.onMore(line, i);
            }}
          >
            <Figure cell={cell} due={c.due} />
          </div>
        );
      })}
      <div {...place(sheet.columns.length + 2)} role="gridcell" className={`${base} justify-end`}>
        {line.grade.percent === undefined ? (
          <span className="text-soft">–</span>
        ) : (
          line.grade.percent.toFixed(sheet.places)
        )}
      </div>
      {sheet.grades && (
        <div
          {...place(sheet.columns.length + 3)}
          role="gridcell"
          className={`${base} justify-end font-bold ${line.grade.passed === false ? 'text-madder' : ''}`}
          title={line.grade.parts
            .map(
              (p) =>
                `${p.title}: ${p.percent === undefined ? 'nothing yet' : `${p.percent} %`}${p.below ? ', below its minimum' : ''}`,
            )
            .join('\n')}
        >
          {line.grade.grade ?? <span className="font-normal text-soft">–</span>}
          {line.grade.passed === false && <span className="sr-only"> not passed</span>}
        </div>
      )}
    </div>
  );
});

function Figure({ cell, due }: { cell: SheetCell | undefined; due: boolean }) {
  if (!cell) {
    return due ? <span className="text-madder">0</span> : <span className="text-rule">·</span>;
  }
  if (cell.excused !== undefined) {
    return <span className="text-[13px] text-slate italic">excused</span>;
  }
  const weight = cell.state === 'RETURNED' ? 'font-bold underline' : isSettled(cell.state) ? 'font-bold' : '';
  return (
    <>
      {cell.late && <span className="mr-1 text-[12px] font-semibold text-ochre">late</span>}
      {sign(cell) && (
        <span className={`mr-1 font-semibold ${cell.state === 'FAILED' ? 'text-madder' : 'text-slate'}`}>
          {sign(cell)}
        </span>
      )}
      {cell.points !== undefined && <span className={weight}>{points(cell.points)}</span>}
    </>
  );
}
