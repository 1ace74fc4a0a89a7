import type { Api } from '../api/client';

/** The lowest, the middle and the highest of points that are in order. */
export function spreadOf(points: number[]): { low: number; middle: number; high: number } {
  const half = points.length / 2;
  const middle =
    points.length % 2 === 1 ? points[Math.floor(half)]! : ((points[half - 1] ?? 0) + (points[half] ?? 0)) / 2;
  return { low: points[0] ?? 0, middle, high: points[points.length - 1] ?? 0 };
}

/** To hundredths, without needless decimals. */
export const rounded = (n: number) => String(Math.round(n * 100) / 100);

/** What an item of an exercise asks for, in the words of the exercise; its key where the exercise has it no more. */
export function askedFor(exercise: Api<'ExerciseView'>, item: string): string {
  const id = item.replace(/^\w+:/, '');
  const asked = exercise.patterns
    .flatMap((p) => [...p.requirements, ...p.scenarios])
    .find((a) => a.id === id);
  const text = asked?.text ?? exercise.criteria.find((c) => c.id === id)?.text ?? id.replace(/-/g, ' ');
  return inRoles(text);
}

/** A sentence with roles in braces, without the braces. */
export const inRoles = (near: string) => near.replace(/[{}]/g, '').replace(/\.+$/, '');
