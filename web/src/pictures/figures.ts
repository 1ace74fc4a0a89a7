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
