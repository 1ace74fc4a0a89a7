import type { Api } from '../api/client';
import { requirementsOf, scenariosOf } from '../submission/claims';
import type { Verdict } from '../verdict/verdict';

/** What is laid beside another: a submission, or a model of the exercise. */
export type Piece = {
  key: string;
  title: string;
  /** more about it, such as which attempt it is */
  note: string;
  /** absent for a model */
  submission?: number;
  report: Api<'CheckReport'>;
  sources: { path: string; lines: number; text?: string }[];
};

/** A claim or scenario that does not stand alike in all of them. */
export type Turn = { item: string; text: Api<'Sentence'>; verdicts: Verdict[] };

/** Claims and scenarios that stand otherwise in one than in another, with how they stand in each. */
export function turns(pieces: Piece[]): Turn[] {
  const standings = pieces.map((p) => {
    const all = [...requirementsOf(p.report), ...scenariosOf(p.report)];
    return new Map(all.map((c) => [c.item, c]));
  });
  const items = [...new Set(standings.flatMap((s) => [...s.keys()]))];
  return items.flatMap((item) => {
    const verdicts = standings.map((s): Verdict => s.get(item)?.verdict ?? 'NOT_APPLICABLE');
    const first = standings.map((s) => s.get(item)).find((c) => c !== undefined)!;
    const text =
      first.kind === 'requirement'
        ? first.finding.text
        : { empty: false, pieces: [{ text: first.scenario.name, isCode: false }] };
    return new Set(verdicts).size > 1 ? [{ item, text, verdicts }] : [];
  });
}

/** In what the forms of the pieces differ, in words. */
export function formDifferences(pieces: Piece[]): string[] {
  const said: string[] = [];
  const forms = new Set(pieces.map((p) => p.report.form ?? 'no form of it'));
  if (forms.size > 1) {
    said.push(pieces.map((p) => `${p.title}: ${p.report.form ?? 'no form of it was found'}`).join('. '));
  }
  const roles = [...new Set(pieces.flatMap((p) => Object.keys(p.report.roles)))];
  for (const role of roles) {
    const kinds = pieces.map((p) => kindOf(p, role));
    if (new Set(kinds).size > 1) {
      said.push(`${spaced(role)}: ${pieces.map((p, i) => `${kinds[i]} in ${p.title}`).join(', ')}`);
    }
  }
  return said;
}

/** How many types of what kind play a role. */
function kindOf(piece: Piece, role: string): string {
  const types = (piece.report.diagram?.classifiers ?? []).filter(
    (c) => c.roles.includes(role) && !c.id.startsWith('role:'),
  );
  const known =
    types.length > 0 ? types.map((t) => t.keyword ?? (t.isAbstract ? 'abstract class' : 'class')) : [];
  const count = known.length || (piece.report.roles[role]?.length ?? 0);
  if (count === 0) {
    return 'nobody';
  }
  const kinds = [...new Set(known)];
  const kind = kinds.length === 1 ? kinds[0]! : 'type';
  return count === 1 ? `one ${kind}` : `${count} ${kind === 'class' ? 'classes' : `${kind}s`}`;
}

function spaced(role: string): string {
  const words = role.replace(/([a-z])([A-Z])/g, '$1 $2').toLowerCase();
  return words[0]!.toUpperCase() + words.slice(1);
}
