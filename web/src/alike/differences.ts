import type { Api } from '../api/client';
import { counted } from '../page/count';

type Alike = Api<'Alike'>;

/** The form that most of them have; nothing where none has one. */
export function usualForm(members: Alike[]): string | undefined {
  const counts = new Map<string, number>();
  for (const m of members) {
    if (m.form) {
      counts.set(m.form, (counts.get(m.form) ?? 0) + 1);
    }
  }
  return [...counts.entries()].sort((a, b) => b[1] - a[1])[0]?.[0];
}

/** In what one of them differs from the others, although the mistakes are the same. */
export function differences(one: Alike, usual: string | undefined): string[] {
  return [
    one.toSettle > 0 && `${counted(one.toSettle, 'question')} open`,
    one.form !== undefined && one.form !== usual && one.form,
    one.late && 'late',
    one.feedback && 'has feedback',
    one.settled && 'settled',
  ].filter((d): d is string => d !== false);
}
