import type { Api } from '../api/client';

/** How an attempt stands, in words for whose it is. */
export function standing(a: Api<'OwnAttempt'>): { text: string; ink: string } {
  switch (a.state) {
    case 'QUEUED':
    case 'RUNNING':
      return { text: a.progress ?? 'Waiting for its turn', ink: 'text-slate' };
    case 'FAILED':
      return { text: 'Could not be checked by itself; a person looks at it', ink: 'text-ochre' };
    case 'CHECKED':
      return { text: 'Checked', ink: 'text-soft' };
  }
}

/** The first signs of a hash, by which two receipts are told apart. */
export const shortHash = (hash: string) => hash.slice(0, 12);
