import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, body, type Api } from './client';
import { sheetKey } from './exercises';

const extensionsKey = (exercise: number) => ['extensions', exercise];

/** The other deadlines that some students have. */
export function useExtensions(exercise: number) {
  return useQuery({
    queryKey: extensionsKey(exercise),
    queryFn: async () =>
      body(await api.GET('/api/exercises/{exercise}/extensions', { params: { path: { exercise } } })),
  });
}

function useExtensionChange<Given>(
  exercise: number,
  change: (given: Given) => Promise<Api<'ExtensionLine'>[]>,
) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSuccess: async (lines) => {
      queries.setQueryData(extensionsKey(exercise), lines);
      await queries.invalidateQueries({ queryKey: sheetKey(exercise) });
      await queries.invalidateQueries({ queryKey: ['submission'] });
    },
  });
}

export function useExtend(exercise: number) {
  return useExtensionChange(
    exercise,
    async (given: { student: number; dueAt: string; reason: string; seen?: string }) =>
      body(
        await api.PUT('/api/exercises/{exercise}/extensions/{student}', {
          params: { path: { exercise, student: given.student } },
          body: { dueAt: given.dueAt, reason: given.reason, seen: given.seen },
        }),
      ),
  );
}

export function useWithdrawExtension(exercise: number) {
  return useExtensionChange(exercise, async (given: { student: number; seen: string }) =>
    body(
      await api.DELETE('/api/exercises/{exercise}/extensions/{student}', {
        params: { path: { exercise, student: given.student }, query: { seen: given.seen } },
      }),
    ),
  );
}
