import { useQueryClient, type QueryClient, type QueryKey } from '@tanstack/react-query';
import { useEffect } from 'react';
import type { Api } from './client';
import { sheetKey, submissionKey } from './exercises';
import { freshen, ledgerKey } from './ledger';
import { readersKey, secondKey } from './together';
import { nobodyReads, nowConnected, nowReading } from './presence';
import { listen } from './stream';
import { ownKey } from './study';

type Step = {
  exerciseId: number;
  submissionId: number;
  studentId: number;
  state: Api<'SubmissionView'>['state'];
  doing?: string;
};

/** Fetches again, also what is being fetched for the first time: that answer may be older than the news. */
async function fetchAnew(queries: QueryClient, queryKey: QueryKey) {
  await queries.cancelQueries({ queryKey });
  await queries.invalidateQueries({ queryKey });
}

/** Keeps what is open up to date while checks run, by the one stream of news that a page listens to. */
export function useNews(wanted: boolean) {
  const queries = useQueryClient();
  useEffect(() => {
    if (!wanted || typeof EventSource === 'undefined') {
      return;
    }
    const on: Record<string, (data: string) => void> = {
      // what ended before anybody listened, at first or while the connection was lost, was not heard
      open: () => {
        nowConnected(true);
        nobodyReads();
        [ledgerKey(), ownKey, sheetKey(), submissionKey()].forEach((key) => void fetchAnew(queries, key));
      },
      gone: () => nowConnected(false),
      reading: (data) => {
        const r = JSON.parse(data) as { submissionId: number; readers: string[] };
        nowReading(r.submissionId, r.readers);
      },
      marked: (data) => {
        const m = JSON.parse(data) as Omit<Step, 'state'>;
        void queries.invalidateQueries({ queryKey: submissionKey(m.submissionId) });
        void queries.invalidateQueries({ queryKey: sheetKey(m.exerciseId) });
        void queries.invalidateQueries({ queryKey: secondKey(m.exerciseId) });
        freshen(queries, m.exerciseId, m.studentId);
      },
      decided: () =>
        [ledgerKey(), ['scheme'], ['history'], ['given-back'], sheetKey(), readersKey(), secondKey()].forEach(
          (queryKey) => void queries.invalidateQueries({ queryKey }),
        ),
      step: (data) => takeStep(queries, data),
    };
    const end = listen(({ kind, data }) => on[kind]?.(data));
    const gone = () => nowConnected(false);
    const back = () => nowConnected(true);
    window.addEventListener('offline', gone);
    window.addEventListener('online', back);
    return () => {
      end();
      window.removeEventListener('offline', gone);
      window.removeEventListener('online', back);
    };
  }, [wanted, queries]);
}

/** How far a check is. */
function takeStep(queries: QueryClient, data: string) {
  const step = JSON.parse(data) as Step;
  if (step.state === 'CHECKED' || step.state === 'FAILED') {
    void fetchAnew(queries, ownKey);
    void queries.invalidateQueries({ queryKey: ['queue', step.exerciseId] });
    void fetchAnew(queries, sheetKey(step.exerciseId));
    void fetchAnew(queries, submissionKey(step.submissionId));
    freshen(queries, step.exerciseId, step.studentId);
    return;
  }
  if (step.state === 'QUEUED') {
    void queries.invalidateQueries({ queryKey: ['queue', step.exerciseId] });
  }
  const now = { state: step.state, progress: step.doing };
  queries.setQueryData<Api<'SubmissionView'>>(submissionKey(step.submissionId), (s) => s && { ...s, ...now });
  queries.setQueryData<Api<'Sheet'>>(
    sheetKey(step.exerciseId),
    (sheet) =>
      sheet && {
        ...sheet,
        rows: sheet.rows.map((r) =>
          r.handedIn?.submissionId === step.submissionId ? { ...r, handedIn: { ...r.handedIn, ...now } } : r,
        ),
      },
  );
}
