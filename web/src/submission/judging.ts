import type { Api } from '../api/client';
import { useDecide } from '../api/marks';
import type { Verdict } from '../verdict/verdict';
import { requirementsOf, scenariosOf } from './claims';

type Submission = Api<'SubmissionView'>;

/** Something on the page that points are given for. */
export type Judged = {
  item: string;
  /** whether it waits for a person */
  open: boolean;
  decided?: Api<'Decision'>;
  proposed: number;
  possible: number;
  levels: Api<'Level'>[];
};

/** Everything that points are given for, in the order of the page. */
export function judgedOf(s: Submission): Judged[] {
  if (!s.report) {
    return [];
  }
  const decided = (item: string) => s.review.decisions.find((d) => d.item === item);
  const claims = requirementsOf(s.report)
    .filter((c) => c.verdict !== 'NOT_APPLICABLE')
    .map((c) => ({
      item: c.item,
      verdict: c.verdict,
      proposed: c.finding.earned,
      possible: c.finding.possible,
    }));
  const runs = scenariosOf(s.report).map((c) => ({
    item: c.item,
    verdict: c.verdict,
    proposed: c.scenario.earned,
    possible: c.scenario.possible,
  }));
  return [
    ...[...claims, ...runs].map(({ verdict, ...c }): Judged => {
      const decision = decided(c.item);
      return { ...c, decided: decision, open: verdict === 'UNCLEAR' && !decision, levels: [] };
    }),
    ...s.criteria.map((c): Judged => {
      const decision = decided(`criterion:${c.id}`);
      return {
        item: `criterion:${c.id}`,
        open: !decision,
        decided: decision,
        proposed: 0,
        possible: Math.max(...c.levels.map((l) => l.points)),
        levels: c.levels,
      };
    }),
  ];
}

/** How something stands after a person has spoken, and the word for it. */
export function standing(
  verdict: Verdict,
  word: string,
  decision: Api<'Decision'> | undefined,
  possible: number,
) {
  if (verdict !== 'UNCLEAR' || !decision) {
    return { verdict, word };
  }
  return decision.points >= possible
    ? { verdict: 'MET' as const, word: 'judged met' }
    : decision.points > 0
      ? { verdict: 'PARTLY' as const, word: 'judged partly' }
      : { verdict: 'MISSING' as const, word: 'judged not met' };
}

/** What a person can say of an item with one key. */
export function useJudging(submission: Submission) {
  const decide = useDecide(submission);
  const met = 'Met, as a person sees it.';
  const not = 'Not met, as a person sees it.';
  return {
    error: decide.error,
    take: (j: Judged) => decide.mutate({ item: j.item, points: j.proposed, reason: '' }),
    met: (j: Judged) => decide.mutate({ item: j.item, points: j.possible, reason: met }),
    notMet: (j: Judged) => decide.mutate({ item: j.item, points: 0, reason: not }),
    level: (j: Judged, n: number) => {
      const level = j.levels[n - 1];
      if (level) {
        decide.mutate({ item: j.item, points: level.points, reason: level.text });
      }
    },
  };
}
