import { useQuery, useQueryClient, type QueryClient, type QueryKey } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api, body, type Api } from './client';

export const sheetKey = (exercise: number) => ['sheet', exercise];
/** Milliseconds between looks at what is being checked, for networks that hold the news back. */
export const ASK_AGAIN = 5_000;

export const isBeingChecked = (state: Api<'SubmissionView'>['state']) =>
  state === 'QUEUED' || state === 'RUNNING';

/** @param submission left out for all of them */
export const submissionKey = (submission?: number) =>
  submission === undefined ? ['submission'] : ['submission', submission];

/** Fetches again, also what is being fetched for the first time: that answer may be older than the news. */
async function fetchAnew(queries: QueryClient, queryKey: QueryKey) {
  await queries.cancelQueries({ queryKey });
  await queries.invalidateQueries({ queryKey });
}

export function useExercises() {
  return useQuery({ queryKey: ['exercises'], queryFn: async () => body(await api.GET('/api/exercises')) });
}

export function useExercise(exercise: number) {
  return useQuery({
    queryKey: ['exercise', exercise],
    queryFn: async () => body(await api.GET('/api/exercises/{id}', { params: { path: { id: exercise } } })),
  });
}

/** Whether student code can be run here, and how. */
export function useSandbox() {
  return useQuery({
    queryKey: ['sandbox'],
    queryFn: async () => body(await api.GET('/api/sandbox')),
    staleTime: Infinity,
  });
}

/** Every student of an exercise with the last attempt and its marks. */
export function useSheet(exercise: number | undefined) {
  return useQuery({
    queryKey: sheetKey(exercise ?? 0),
    enabled: exercise !== undefined,
    queryFn: async () =>
      body(await api.GET('/api/exercises/{exercise}/grades', { params: { path: { exercise: exercise! } } })),
    refetchInterval: (query) =>
      query.state.data?.rows.some((r) => r.handedIn && isBeingChecked(r.handedIn.state)) && ASK_AGAIN,
  });
}

type Step = { submissionId: number; state: Api<'SubmissionView'>['state']; doing?: string };

/** Keeps the sheet and the submissions of an exercise up to date while their checks run. */
export function useProgress(exercise: number | undefined) {
  const queries = useQueryClient();
  useEffect(() => {
    if (exercise === undefined || typeof EventSource === 'undefined') {
      return;
    }
    const source = new EventSource(`/api/exercises/${exercise}/progress`);
    // what ended before anybody listened, at first or while the connection was lost, was not heard
    source.addEventListener('open', () => {
      void fetchAnew(queries, sheetKey(exercise));
      void fetchAnew(queries, submissionKey());
    });
    source.addEventListener('step', (event) => {
      const step = JSON.parse((event as MessageEvent<string>).data) as Step;
      if (step.state === 'CHECKED' || step.state === 'FAILED') {
        void fetchAnew(queries, sheetKey(exercise));
        void fetchAnew(queries, submissionKey(step.submissionId));
        return;
      }
      const now = { state: step.state, progress: step.doing };
      queries.setQueryData<Api<'SubmissionView'>>(
        submissionKey(step.submissionId),
        (s) => s && { ...s, ...now },
      );
      queries.setQueryData<Api<'Sheet'>>(
        sheetKey(exercise),
        (sheet) =>
          sheet && {
            ...sheet,
            rows: sheet.rows.map((r) =>
              r.handedIn?.submissionId === step.submissionId
                ? { ...r, handedIn: { ...r.handedIn, ...now } }
                : r,
            ),
          },
      );
    });
    return () => source.close();
  }, [exercise, queries]);
}
