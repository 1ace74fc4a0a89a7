import { useQuery } from '@tanstack/react-query';
import { api, body, type Api } from './client';

/** @param exercise left out for all of them */
export const sheetKey = (exercise?: number) => (exercise === undefined ? ['sheet'] : ['sheet', exercise]);
/** Milliseconds between looks at what is being checked, for networks that hold the news back. */
export const ASK_AGAIN = 5_000;

export const isBeingChecked = (state: Api<'SubmissionView'>['state']) =>
  state === 'QUEUED' || state === 'RUNNING';

/** @param submission left out for all of them */
export const submissionKey = (submission?: number) =>
  submission === undefined ? ['submission'] : ['submission', submission];

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
