import type { Api } from '../api/client';
import type { Verdict } from '../verdict/verdict';

export type StepView = Api<'StepView'>;

/** How a step stands in one word, and by which stroke. */
export function standing(s: StepView): { verdict: Verdict; word: string } {
  if (s.problem) {
    return { verdict: 'NOT_APPLICABLE', word: 'nothing to check' };
  }
  if (!s.checked) {
    return { verdict: 'UNCLEAR', word: 'being checked' };
  }
  if (!s.compiled) {
    return { verdict: 'MISSING', word: 'does not compile' };
  }
  return s.red.length > 0
    ? { verdict: 'PARTLY', word: `${s.red.length} went wrong` }
    : { verdict: 'MET', word: s.green > 0 ? `all ${s.green} went well` : 'compiles' };
}

/** What was counted in the code, against the step before; what stayed the same is left out after the first. */
export function counts(s: StepView, before?: StepView): string[] {
  return s.health.flatMap((h) => {
    const was = before?.health.find((b) => b.name === h.name)?.after ?? h.before;
    if (was === undefined) {
      return [`${h.name} ${h.after}`];
    }
    return was === h.after ? [] : [`${h.name} ${was} → ${h.after}`];
  });
}

/** What a step changed in the roles, in words. */
export function changes(s: StepView): { role: string; text: string }[] {
  return s.roles.map((r) => ({
    role: r.role,
    text: [
      r.came.length > 0 && `${listed(r.came)} ${r.came.length === 1 ? 'plays' : 'play'} it now`,
      r.went.length > 0 && `${listed(r.went)} no longer ${r.went.length === 1 ? 'does' : 'do'}`,
    ]
      .filter(Boolean)
      .join(', '),
  }));
}

function listed(names: string[]): string {
  return names.length === 1 ? names[0]! : `${names.slice(0, -1).join(', ')} and ${names[names.length - 1]}`;
}

/** The step before one that was looked at and compiled. */
export function beforeOf(steps: StepView[], place: number): StepView | undefined {
  return steps
    .slice(0, place)
    .reverse()
    .find((s) => s.checked);
}
