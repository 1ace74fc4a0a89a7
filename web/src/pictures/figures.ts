import type { CourseSheet, SheetLine } from '../api/ledger';

/** An attempt that counts, as part of all that is possible in its exercise. */
export type Share = {
  student: string;
  group: string;
  submission: number;
  /** from 0 to 1 */
  share: number;
};

/** What everybody has in an exercise, by its column; whoever is excused is left out. */
export function sharesOf(sheet: CourseSheet, column: number): Share[] {
  const possible = sheet.columns[column]?.possible;
  return sheet.lines.flatMap((l: SheetLine) => {
    const cell = l.cells.find((c) => c.column === column);
    return cell?.submission === undefined ||
      cell.points === undefined ||
      cell.excused !== undefined ||
      !possible
      ? []
      : [
          {
            student: l.student.name,
            group: l.student.group,
            submission: cell.submission,
            share: Math.max(0, Math.min(1, cell.points / possible)),
          },
        ];
  });
}

/** Tenths of all points, from the lowest, with those who are in each. */
export function tenths(shares: Share[]): { from: number; those: Share[] }[] {
  return Array.from({ length: 10 }, (_, i) => ({
    from: i * 10,
    those: shares.filter((s) => Math.min(9, Math.floor(s.share * 10 + 1e-9)) === i),
  }));
}

/** How far the work on an exercise is, in the order it is done. */
export const stages = ['given back', 'settled', 'to be read', 'being checked', 'not there'] as const;
export type Stage = (typeof stages)[number];

/** How many are how far, by exercise; whoever is excused is left out. */
export function progress(sheet: CourseSheet): { exercise: string; stage: Stage; count: number }[] {
  return sheet.columns.flatMap((c, i) => {
    const counts = new Map<Stage, number>(stages.map((s) => [s, 0]));
    for (const l of sheet.lines) {
      const cell = l.cells.find((x) => x.column === i);
      if (cell?.excused === undefined) {
        const stage = stageOf(cell?.state);
        counts.set(stage, counts.get(stage)! + 1);
      }
    }
    return stages.map((stage) => ({
      exercise: `${c.number} · ${c.title}`,
      stage,
      count: counts.get(stage)!,
    }));
  });
}

function stageOf(state: SheetLine['cells'][number]['state']): Stage {
  switch (state) {
    case 'RETURNED':
      return 'given back';
    case 'SETTLED':
    case 'READ_TWICE':
      return 'settled';
    case 'CHECKING':
      return 'being checked';
    case undefined:
      return 'not there';
    default:
      return 'to be read';
  }
}

/** When something was handed in, and when settled. */
export type Paced = { handedInAt: string; settledAt?: string };

const DAY = 86_400_000;

/** How many had come, and how many of them were settled, at the end of each day of the term so far. */
export function throughTheTerm(
  work: Paced[],
  now: Date,
): { day: Date; what: 'handed in' | 'settled'; count: number }[] {
  const came = work.map((w) => Date.parse(w.handedInAt)).sort((a, b) => a - b);
  const settled = work.flatMap((w) => (w.settledAt ? [Date.parse(w.settledAt)] : [])).sort((a, b) => a - b);
  if (came.length === 0) {
    return [];
  }
  const points: { day: Date; what: 'handed in' | 'settled'; count: number }[] = [];
  for (let day = Math.floor(came[0]! / DAY) * DAY; day < now.getTime(); day += DAY) {
    const end = Math.min(day + DAY, now.getTime());
    points.push({ day: new Date(end), what: 'handed in', count: came.filter((t) => t <= end).length });
    points.push({ day: new Date(end), what: 'settled', count: settled.filter((t) => t <= end).length });
  }
  return points;
}

/** Days from handing in to settled, the shortest first; what is not settled is left out. */
export function daysToSettled(work: Paced[]): number[] {
  return work
    .flatMap((w) => (w.settledAt ? [(Date.parse(w.settledAt) - Date.parse(w.handedInAt)) / DAY] : []))
    .sort((a, b) => a - b);
}

/** The claims of an exercise that most do not meet, those first. */
export function failing<Claim extends { item: string; met: number; missing: number }>(
  claims: Claim[],
): Claim[] {
  return claims
    .filter((c) => c.missing > 0)
    .sort((a, b) => b.missing - a.missing || a.item.localeCompare(b.item));
}

/** Characters that fit beside a bar. */
const LONGEST = 46;

/** What stands beside a bar, cut where it is too long for its place. */
export function short(text: string): string {
  return text.length > LONGEST ? `${text.slice(0, LONGEST - 1)}…` : text;
}

/** A claim by its key, in words. */
export function inClaimWords(item: string): string {
  return item.replace(/^\w+:/, '').replace(/-/g, ' ');
}
