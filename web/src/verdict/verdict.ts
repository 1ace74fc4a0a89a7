import type { Api } from '../api/client';

/** How something stands, told by one of five strokes and a word. */
export type Verdict = 'MET' | 'PARTLY' | 'MISSING' | 'UNCLEAR' | 'NOT_APPLICABLE';

export const words: Record<Verdict, string> = {
  MET: 'met',
  PARTLY: 'partly',
  MISSING: 'missing',
  UNCLEAR: 'unclear',
  NOT_APPLICABLE: 'does not apply',
};

/** What waits for a person comes first, then what is wrong. */
export const order: Verdict[] = ['UNCLEAR', 'MISSING', 'PARTLY', 'MET', 'NOT_APPLICABLE'];

export const inks: Record<Verdict, string> = {
  MET: 'text-verdigris',
  PARTLY: 'text-ochre',
  MISSING: 'text-madder',
  UNCLEAR: 'text-slate',
  NOT_APPLICABLE: 'text-soft',
};

export function ofFinding(status: Api<'Finding'>['status']): Verdict {
  return status === 'UNMET' ? 'MISSING' : status;
}

export function ofScenario(outcome: Api<'ScenarioResult'>['outcome']): Verdict {
  return outcome === 'PASSED' ? 'MET' : outcome === 'FAILED' ? 'MISSING' : 'UNCLEAR';
}

/** The words for a scenario differ from those for a claim; the strokes do not. */
export const scenarioWords: Record<Api<'ScenarioResult'>['outcome'], string> = {
  PASSED: 'passed',
  FAILED: 'failed',
  BLOCKED: 'blocked',
};
