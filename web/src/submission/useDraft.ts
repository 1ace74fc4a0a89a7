import { useState } from 'react';

/**
 * A text that is being written.
 *
 * @param base what stood there when the writing began
 */
export type Draft = { text: string; base: string };

const keyOf = (name: string) => `hausaufgabe.draft.${name}`;

function kept(name: string): Draft | null {
  try {
    return JSON.parse(localStorage.getItem(keyOf(name)) ?? 'null') as Draft | null;
  } catch {
    return null;
  }
}

/** A text that is being written, kept in this browser until it is stored or given up; null while nothing is written. */
export function useDraft(name: string): [Draft | null, (draft: Draft | null) => void] {
  const [draft, setDraft] = useState(() => kept(name));
  return [
    draft,
    (next) => {
      setDraft(next);
      try {
        if (next && next.text !== next.base) {
          localStorage.setItem(keyOf(name), JSON.stringify(next));
        } else {
          localStorage.removeItem(keyOf(name));
        }
      } catch {
        // a browser that keeps nothing has the text in its field all the same
      }
    },
  ];
}
