import type { Api } from '../api/client';
import { Template } from '../pattern/Asked';

/** What is asked, as the exercise says it. */
export function Asked({ item, exercise }: { item: string; exercise: Api<'ExerciseView'> }) {
  const [kind, id] = [item.slice(0, item.indexOf(':')), item.slice(item.indexOf(':') + 1)];
  const asked = exercise.patterns
    .flatMap((p) => (kind === 'requirement' ? p.requirements : p.scenarios))
    .find((a) => a.id === id);
  return asked ? (
    <Template text={asked.text} roles={exercise.patterns.flatMap((p) => p.roles.map((r) => r.name))} />
  ) : (
    id
  );
}
