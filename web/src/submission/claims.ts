import type { Api } from '../api/client';
import { inWords, lower } from '../page/count';
import { ofFinding, ofScenario, order, type Verdict } from '../verdict/verdict';

type Report = Api<'CheckReport'>;

/** A requirement or scenario with how it stands and the key its points go by. */
export type Claim =
  | { kind: 'requirement'; item: string; verdict: Verdict; finding: Api<'Finding'> }
  | { kind: 'scenario'; item: string; verdict: Verdict; scenario: Api<'ScenarioResult'> };

/** The requirements as claims, what waits for a person first. */
export function requirementsOf(report: Pick<Report, 'findings'>): Extract<Claim, { kind: 'requirement' }>[] {
  const claims = report.findings.map((finding) => ({
    kind: 'requirement' as const,
    item: `requirement:${finding.id}`,
    verdict: ofFinding(finding.status),
    finding,
  }));
  return claims.sort((a, b) => order.indexOf(a.verdict) - order.indexOf(b.verdict));
}

export function scenariosOf(report: Pick<Report, 'scenarios'>): Extract<Claim, { kind: 'scenario' }>[] {
  const claims = report.scenarios.map((scenario) => ({
    kind: 'scenario' as const,
    item: `scenario:${scenario.name}`,
    verdict: ofScenario(scenario.outcome),
    scenario,
  }));
  return claims.sort((a, b) => order.indexOf(a.verdict) - order.indexOf(b.verdict));
}

export function plain(sentence: Api<'Sentence'>): string {
  return sentence.pieces.map((p) => p.text).join('');
}

/**
 * The claim that points are kept by, in the words of the page.
 *
 * @param report undefined where there is none any more
 */
export function nameOf(
  item: string,
  report?: Pick<Report, 'findings'>,
  criteria: Api<'Criterion'>[] = [],
): string {
  const finding = report?.findings.find((f) => item === `requirement:${f.id}`);
  const judged = criteria.find((c) => item === `criterion:${c.id}`);
  return finding ? plain(finding.text) : (judged?.text ?? item.replace(/^\w+:/, ''));
}

/** "Eight of eleven claims hold. Two do not, one needs you." */
export function summary(report: Report): string {
  const claims = requirementsOf(report).filter((c) => c.verdict !== 'NOT_APPLICABLE');
  const met = claims.filter((c) => c.verdict === 'MET').length;
  const unclear = claims.filter((c) => c.verdict === 'UNCLEAR').length;
  const missing = claims.length - met - unclear;
  if (claims.length === 0) {
    return 'Nothing is asked of the structure here.';
  }
  if (met === claims.length) {
    return met === 1
      ? 'The one claim holds.'
      : met === 2
        ? 'Both claims hold.'
        : `All ${lower(inWords(met))} claims hold.`;
  }
  const rest = [
    missing > 0 ? `${inWords(missing)} ${missing === 1 ? 'does' : 'do'} not` : '',
    unclear > 0 ? `${inWords(unclear)} ${unclear === 1 ? 'needs' : 'need'} you` : '',
  ].filter(Boolean);
  const second = rest.length > 1 ? `${rest[0]}, ${lower(rest[1]!)}` : rest[0];
  if (claims.length === 1) {
    return missing > 0 ? 'The one claim does not hold.' : 'The one claim needs you.';
  }
  if (met === 0 && unclear === 0) {
    return `None of the ${lower(inWords(claims.length))} claims holds.`;
  }
  return `${met === 0 ? 'None' : inWords(met)} of ${lower(inWords(claims.length))} claims ${met < 2 ? 'holds' : 'hold'}. ${second}.`;
}

/**
 * What the page is headed with: the form that was found.
 *
 * @param title the pattern's name for people
 */
export function heading(report: Report, title: string): string {
  return report.form ? `${title}, ${report.form}` : `No ${title} was found`;
}
