import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api, body, type Api } from './client';

export const sheetKey = (exercise: number) => ['sheet', exercise];
export const submissionKey = (submission: number) => ['submission', submission];

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
    source.addEventListener('step', (event) => {
      const step = JSON.parse((event as MessageEvent<string>).data) as Step;
      if (step.state === 'CHECKED' || step.state === 'FAILED') {
        void queries.invalidateQueries({ queryKey: sheetKey(exercise) });
        void queries.invalidateQueries({ queryKey: submissionKey(step.submissionId) });
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
