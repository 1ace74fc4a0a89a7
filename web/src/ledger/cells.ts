import type { SheetCell, SheetLine } from '../api/ledger';

export type State = NonNullable<SheetCell['state']>;

/** What is said of a cell in words. */
export const states: Record<State, string> = {
  CHECKING: 'is being checked',
  FAILED: 'its check broke',
  ASKING: 'a question waits for a person',
  PROPOSED: 'points proposed, nobody has settled them',
  READING_TWICE: 'settled, and to be read by a second',
  DIFFERING: 'read by two, who differ',
  READ_TWICE: 'settled, read by two',
  HIDDEN: 'for you to read a second time',
  SETTLED: 'settled',
  RETURNED: 'settled, and with the student',
};

/** States in which somebody has something to do. */
const OPEN = new Set<SheetCell['state']>([
  'ASKING',
  'PROPOSED',
  'FAILED',
  'DIFFERING',
  'READING_TWICE',
  'HIDDEN',
]);

/** Which lines are wanted. */
export const wants = {
  all: 'Everybody',
  open: 'Something waits',
  nothing: 'Something due is not there',
  failing: 'Not passed as it stands',
  excused: 'Excused from something',
} as const;
export type Want = keyof typeof wants;

/** Whether a person has settled it, and the student has not got it yet. */
export const isSettled = (state: SheetCell['state']) =>
  state === 'SETTLED' || state === 'READ_TWICE' || state === 'READING_TWICE' || state === 'DIFFERING';

/** What stands in a cell in a sign or two, beside its points. */
export function sign(cell: SheetCell): string {
  switch (cell.state) {
    case 'CHECKING':
      return '…';
    case 'FAILED':
      return '!';
    case 'ASKING':
      return '?';
    case 'DIFFERING':
      return '≠';
    case 'READING_TWICE':
      return '2×…';
    case 'READ_TWICE':
      return '2×';
    case 'HIDDEN':
      return 'twice';
    default:
      return '';
  }
}

/** A cell as it is read out. */
export function spoken(cell: SheetCell | undefined, due: boolean): string {
  if (!cell) {
    return due ? 'nothing handed in, and due' : 'nothing handed in';
  }
  return [
    cell.excused !== undefined && `excused: ${cell.excused}`,
    cell.points !== undefined && `${cell.points} points`,
    cell.state && states[cell.state],
    cell.reader !== undefined && `to be read by ${cell.reader}`,
    cell.late && 'late',
    cell.attempt !== undefined && cell.attempt > 1 && `attempt ${cell.attempt}`,
  ]
    .filter(Boolean)
    .join(', ');
}

/** The cells of a line by their column. */
export function byColumn(line: SheetLine): Map<number, SheetCell> {
  return new Map(line.cells.map((c) => [c.column, c]));
}

/**
 * Whether a line is wanted.
 *
 * @param due the columns whose deadline has passed
 */
export function isWanted(line: SheetLine, want: Want, due: number[]): boolean {
  switch (want) {
    case 'all':
      return true;
    case 'open':
      return line.cells.some((c) => OPEN.has(c.state));
    case 'nothing': {
      const there = new Set(line.cells.map((c) => c.column));
      return due.some((d) => !there.has(d));
    }
    case 'failing':
      return line.grade.passed === false;
    case 'excused':
      return line.cells.some((c) => c.excused !== undefined);
  }
}

export function fitsText(line: SheetLine, find: string): boolean {
  return `${line.student.name} ${line.student.number}`.toLowerCase().includes(find.trim().toLowerCase());
}

/** How many have which grade, in the order of the scale; where there is none, how many are in each tenth of percent. */
export function spread(lines: SheetLine[], grades: string[]): [string, number][] {
  if (grades.length > 0) {
    return grades.map((g) => [g, lines.filter((l) => l.grade.grade === g).length]);
  }
  return Array.from({ length: 10 }, (_, i): [string, number] => [
    `${i * 10}–${i * 10 + 10} %`,
    lines.filter((l) => l.grade.percent !== undefined && Math.min(9, Math.floor(l.grade.percent / 10)) === i)
      .length,
  ]);
}
