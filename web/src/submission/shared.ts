import type { Api } from '../api/client';
import { plain, type Claim } from './claims';

type Evidence = Api<'Evidence'>;
type Named = { id: string; text: string };

/**
 * What a claim rests on, of which each line is shown once on the page.
 *
 * @param own lines that are shown with it
 * @param elsewhere claims with which others of its lines are shown already
 * @param alsoFor claims that rest on lines shown with it
 */
export type Resting = { own: Evidence[]; elsewhere: Named[]; alsoFor: Named[] };

const LONGEST = 60;

const keyOf = (e: Evidence) => `${e.file}:${e.line}-${e.endLine}`;

/** For each claim that stands open on the page, in its order, which lines are shown with it and which with another. */
export function restingOf(claims: Extract<Claim, { kind: 'requirement' }>[]): Map<string, Resting> {
  const shown = new Map<string, Resting & Named>();
  const all = new Map<string, Resting & Named>();
  for (const { finding: f } of claims) {
    const text = plain(f.text);
    const own: Resting & Named = {
      id: f.id,
      text: text.length > LONGEST ? `“${text.slice(0, LONGEST - 1)}…”` : `“${text}”`,
      own: [],
      elsewhere: [],
      alsoFor: [],
    };
    all.set(f.id, own);
    for (const e of f.evidence) {
      const before = shown.get(keyOf(e));
      if (!before || before === own) {
        shown.set(keyOf(e), own);
        own.own.push(e);
      } else {
        add(own.elsewhere, before);
        add(before.alsoFor, own);
      }
    }
  }
  return all;
}

function add(list: Named[], { id, text }: Named) {
  if (!list.some((n) => n.id === id)) {
    list.push({ id, text });
  }
}
