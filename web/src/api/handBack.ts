import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, body, type Api } from './client';
import { sheetKey, submissionKey } from './exercises';
import { ledgerKey } from './ledger';

export const handBackKey = (exercise: number) => ['given-back', exercise];

/** How far an exercise is on the way back to its students. */
export function useHandBack(exercise: number) {
  return useQuery({
    queryKey: handBackKey(exercise),
    // what waits for its time is done by the server
    refetchInterval: (query) => query.state.data?.orders.some((o) => !o.doneAt && !o.calledOff) && 5_000,
    queryFn: async () =>
      body(await api.GET('/api/exercises/{exercise}/returned', { params: { path: { exercise } } })),
  });
}

type Doing = { give: Api<'GivenOrder'> } | { takeBack: Api<'GivenWithdrawal'> } | { callOff: number };

/** Gives back, takes back, or calls off. */
export function useHandingBack(exercise: number) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (doing: Doing) => {
      const params = { path: { exercise } };
      if ('give' in doing) {
        return body(await api.POST('/api/exercises/{exercise}/returned', { params, body: doing.give }));
      }
      if ('takeBack' in doing) {
        return body(
          await api.POST('/api/exercises/{exercise}/returned/withdrawn', { params, body: doing.takeBack }),
        );
      }
      return body(
        await api.DELETE('/api/exercises/{exercise}/returned/{order}', {
          params: { path: { exercise, order: doing.callOff } },
        }),
      );
    },
    onSuccess: (view) => queries.setQueryData(handBackKey(exercise), view),
    onSettled: () =>
      Promise.all(
        [handBackKey(exercise), sheetKey(exercise), submissionKey(), ledgerKey()].map((queryKey) =>
          queries.invalidateQueries({ queryKey }),
        ),
      ),
  });
}
