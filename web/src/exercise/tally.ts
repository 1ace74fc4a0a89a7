import type { Api } from '../api/client';
import { isBeingChecked } from '../api/exercises';

/**
 * Whether a row is whoever looks's to read: given to them; or, given to nobody, of a group that they look after or of nobody's in
 * particular.
 */
export const isOwn = (row: Api<'Row'>, own: string[]) =>
  row.reader === undefined ? own.length === 0 || own.includes(row.student.group) : row.mine === true;

/** Whether some rows are somebody's own and others are not. */
export const isSplit = (rows: Api<'Row'>[], own: string[]) =>
  own.length > 0 || rows.some((r) => r.reader !== undefined);

/** Whose the own rows are: "given to you", "in your group A". */
export const ownInWords = (rows: Api<'Row'>[], own: string[]) =>
  own.length === 0 || rows.some((r) => r.mine) ? 'given to you' : `in ${groupsInWords(own)}`;

/** "your group A", "your groups A and C" */
export function groupsInWords(own: string[]): string {
  const names = own.map((g) => g || 'none');
  return names.length === 1
    ? `your group ${names[0]}`
    : `your groups ${names.slice(0, -1).join(', ')} and ${names[names.length - 1]}`;
}

/**
 * Where an exercise stands, counted from its rows.
 *
 * @param own the groups that come first
 */
export function tally(rows: Api<'Row'>[], own: string[] = []) {
  const attempts = rows.filter((r) => r.handedIn);
  return {
    students: rows.length,
    handedIn: attempts.length,
    running: attempts.filter((r) => isBeingChecked(r.handedIn!.state)).length,
    failed: attempts.filter((r) => r.handedIn!.state === 'FAILED').map((r) => r.handedIn!.submissionId),
    settled: attempts.filter((r) => r.settled).length,
    /** Submissions that wait for a person: of own groups first, and of these what is unclear. */
    open: attempts
      .filter((r) => !r.settled && !isBeingChecked(r.handedIn!.state))
      .sort(
        (a, b) =>
          Number(isOwn(b, own)) - Number(isOwn(a, own)) || b.handedIn!.toSettle - a.handedIn!.toSettle,
      )
      .map((r) => r.handedIn!.submissionId),
  };
}

/** What is to be said of a row in a few words. */
export function stateOf(row: Api<'Row'>): { text: string; ink: string } {
  const a = row.handedIn;
  if (!a) {
    return { text: 'nothing handed in', ink: 'text-soft' };
  }
  if (isBeingChecked(a.state)) {
    return { text: a.progress ?? 'Waiting for its turn', ink: 'text-soft italic' };
  }
  if (a.state === 'FAILED') {
    return { text: 'could not be checked', ink: 'text-madder' };
  }
  if (row.settled) {
    return { text: `settled by ${row.markedBy}`, ink: 'text-ink' };
  }
  if (!a.compiled) {
    return { text: 'does not compile', ink: 'text-madder' };
  }
  if (a.toSettle > 0) {
    return { text: `${a.toSettle} to settle`, ink: 'text-slate' };
  }
  return a.verdict === 'ACCEPTED'
    ? { text: 'all holds', ink: 'text-verdigris' }
    : { text: `${missing(a)} missing`, ink: 'text-madder' };
}

function missing(a: Api<'CountedAttempt'>): number {
  return a.marks.filter((m) => m.stroke === 'MISSING' || m.stroke === 'PARTLY').length;
}
