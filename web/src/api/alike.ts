import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, body, type Api } from './client';
import { ASK_AGAIN, sheetKey, submissionKey } from './exercises';

const alikeKey = (exercise: number) => ['alike', exercise];

/** Which submissions of an exercise have just the same mistakes. */
export function useAlike(exercise: number) {
  return useQuery({
    queryKey: alikeKey(exercise),
    queryFn: async () =>
      body(await api.GET('/api/exercises/{exercise}/alike', { params: { path: { exercise } } })),
    refetchInterval: (query) => query.state.data && query.state.data.unchecked > 0 && ASK_AGAIN,
  });
}

/** A change of many submissions at once; all that shows them is fetched anew. */
function useChange<Given>(exercise: number, send: (given: Given) => Promise<Api<'Given'>>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: send,
    onSettled: () =>
      Promise.all(
        [alikeKey(exercise), sheetKey(exercise), submissionKey()].map((queryKey) =>
          queries.invalidateQueries({ queryKey }),
        ),
      ),
  });
}

/** Gives one answer to several submissions. */
export function useAnswerAll(exercise: number) {
  return useChange(exercise, async (given: Api<'JointRemark'>) =>
    body(
      await api.POST('/api/exercises/{exercise}/answers', { params: { path: { exercise } }, body: given }),
    ),
  );
}

/** Takes such an answer back everywhere. */
export function useTakeBack(exercise: number) {
  return useChange(exercise, async (answer: number) =>
    body(
      await api.DELETE('/api/exercises/{exercise}/answers/{answer}', {
        params: { path: { exercise, answer } },
      }),
    ),
  );
}
