import { useSyncExternalStore } from 'react';

/** Something that was done to a submission's marks, with what takes it back. */
export type Doing = { submission: number; student: string; what: string; undo: () => Promise<unknown> };

/** How many are remembered. */
const MOST = 50;

let doings: Doing[] = [];
const listeners = new Set<() => void>();

function become(next: Doing[]) {
  doings = next;
  listeners.forEach((l) => l());
}

export function remember(doing: Doing) {
  become([...doings, doing].slice(-MOST));
}

/** Forgets everything, as when somebody else signs in. */
export function forgetAll() {
  become([]);
}

/**
 * Takes back what was done last; whatever cannot be taken back is forgotten as well, since the next try would meet the same.
 *
 * @returns what was taken back; undefined where there was nothing
 */
export async function takeBack(): Promise<Doing | undefined> {
  const last = doings.at(-1);
  if (last) {
    become(doings.slice(0, -1));
    await last.undo();
  }
  return last;
}

/** What was done last; undefined where nothing was. */
export function useLastDoing(): Doing | undefined {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => doings.at(-1),
  );
}
