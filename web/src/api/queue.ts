import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, body, type Api } from './client';
import { sheetKey } from './exercises';

const queueKey = (exercise: number) => ['queue', exercise];
/** Milliseconds between looks at a queue in which something waits. */
const LOOK_AGAIN = 2_000;

/** How far the checks of an exercise are. */
export function useQueue(exercise: number, wanted: boolean) {
  return useQuery({
    queryKey: queueKey(exercise),
    enabled: wanted,
    queryFn: async () =>
      body(await api.GET('/api/exercises/{exercise}/queue', { params: { path: { exercise } } })),
    refetchInterval: (query) =>
      query.state.data && query.state.data.waiting + query.state.data.running > 0 && LOOK_AGAIN,
  });
}

/** Has some of what was handed in checked again. */
export function useCheckSome(exercise: number) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (submissions: number[]) =>
      body(
        await api.POST('/api/exercises/{exercise}/submissions/check', {
          params: { path: { exercise } },
          body: { submissions },
        }),
      ),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: queueKey(exercise) });
      await queries.invalidateQueries({ queryKey: sheetKey(exercise) });
    },
  });
}

/** Which machines make the checks. */
export function useWorkers() {
  return useQuery({
    queryKey: ['workers'],
    queryFn: async () => body(await api.GET('/api/workers')),
    refetchInterval: 2 * LOOK_AGAIN,
  });
}

function useQueueChange<Given>(exercise: number, change: (given: Given) => Promise<Api<'QueueView'>>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSuccess: async (view) => {
      queries.setQueryData(queueKey(exercise), view);
      await queries.invalidateQueries({ queryKey: sheetKey(exercise) });
    },
  });
}

export function useHoldBack(exercise: number) {
  return useQueueChange(exercise, async (paused: boolean) =>
    body(
      await api.PUT('/api/exercises/{exercise}/queue/paused', {
        params: { path: { exercise } },
        body: { paused },
      }),
    ),
  );
}

export function useCallOff(exercise: number) {
  return useQueueChange(exercise, async () =>
    body(await api.DELETE('/api/exercises/{exercise}/queue', { params: { path: { exercise } } })),
  );
}
