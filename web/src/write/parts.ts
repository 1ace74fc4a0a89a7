import type { Api } from '../api/client';
import type { Edit, Sentences } from '../api/notation';

/** A change of one of the patterns that a text holds. */
export type ChangePart = (edit: Edit, part: number) => Promise<void>;

/** What all patterns of a text say together, for those who need no more than its names and claims; undefined for none. */
export function together(parts: Sentences[]): Sentences | undefined {
  const [first] = parts;
  return (
    first && {
      ...first,
      title: parts.map((p) => p.title).join(' and '),
      names: parts.flatMap((p) => p.names),
      same: parts.flatMap((p) => p.same),
      claims: parts.flatMap((p) => p.claims),
      forms: parts.flatMap((p) => p.forms),
      pitfalls: parts.flatMap((p) => p.pitfalls),
      scenarios: parts.flatMap((p) => p.scenarios),
      runs: parts.flatMap((p) => p.runs),
      values: parts.flatMap((p) => p.values),
      testPoints: sum(parts.map((p) => p.testPoints)),
      ready: parts.flatMap((p) => p.ready),
    }
  );
}

export function sum(all: number[]): number {
  return all.reduce((n, x) => n + x, 0);
}

/** What the first forms can bring, what a person judges, and where it comes from. */
export function worth(parts: Sentences[], criteria: Api<'Criterion'>[]) {
  const runs = parts.map((s) => {
    const first = s.forms[0];
    const played = s.scenarios.filter((x) => x.forms.length === 0 || (first && x.forms.includes(first.name)));
    return sum([...played, ...s.runs].map((x) => x.points)) + s.testPoints;
  });
  return {
    claims: sum(parts.flatMap((s) => s.claims.map((c) => c.points))),
    runs: sum(runs),
    judged: sum(criteria.map((c) => Math.max(0, ...c.levels.map((l) => l.points)))),
  };
}
