import { useQueries, useQuery } from '@tanstack/react-query';
import { api, body } from './client';
import { submissionQuery } from './marks';

/** Every claim at every submission of an exercise. */
export function useWeave(exercise: number) {
  return useQuery({
    queryKey: ['weave', exercise],
    queryFn: async () =>
      body(await api.GET('/api/exercises/{exercise}/weave', { params: { path: { exercise } } })),
  });
}

/** Submissions that are equal but for the names in them. */
export function useTwins(exercise: number) {
  return useQuery({
    queryKey: ['twins', exercise],
    queryFn: async () =>
      body(await api.GET('/api/exercises/{exercise}/twins', { params: { path: { exercise } } })),
  });
}

/** What an exercise brings to compare with. */
export function useModels(exercise: number | undefined) {
  return useQuery({
    queryKey: ['models', exercise],
    enabled: exercise !== undefined,
    queryFn: async () =>
      body(await api.GET('/api/exercises/{exercise}/models', { params: { path: { exercise: exercise! } } })),
  });
}

/** Models with what their checks find. */
export function useOpenedModels(exercise: number, models: string[]) {
  return useQueries({
    queries: models.map((model) => ({
      queryKey: ['models', exercise, model],
      staleTime: 60_000,
      queryFn: async () =>
        body(
          await api.GET('/api/exercises/{exercise}/models/{model}', {
            params: { path: { exercise, model } },
          }),
        ),
    })),
  });
}

/** Several submissions at once. */
export function useSubmissions(ids: number[]) {
  return useQueries({ queries: ids.map(submissionQuery) });
}
