import { useMutation, useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { api, body, ProblemError, type Api } from './client';
import { ASK_AGAIN, isBeingChecked, sheetKey, submissionKey } from './exercises';

type Submission = Api<'SubmissionView'>;

export function useSubmission(submission: number) {
  return useQuery({
    queryKey: submissionKey(submission),
    queryFn: async () =>
      body(await api.GET('/api/submissions/{id}', { params: { path: { id: submission } } })),
    refetchInterval: (query) => query.state.data && isBeingChecked(query.state.data.state) && ASK_AGAIN,
  });
}

/** A change of a submission's marks, made on the version that is shown. */
function useMark<Given>(
  submission: Submission,
  send: (given: Given, match: string) => Promise<Api<'ReviewView'>>,
) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (given: Given) => send(given, `"${currentVersion(queries, submission)}"`),
    // one after the other, so that each is made on the version that the one before it left
    scope: { id: `marks-${submission.id}` },
    onSuccess: async (review) => {
      // a fetch that began before the change must not bring back what stood before it
      await queries.cancelQueries({ queryKey: submissionKey(submission.id) });
      queries.setQueryData<Submission>(submissionKey(submission.id), (s) => s && { ...s, review });
      void queries.invalidateQueries({ queryKey: submissionKey(submission.id) });
      void queries.invalidateQueries({ queryKey: sheetKey(submission.exercise.exerciseId) });
    },
    onError: (error) => {
      if (error instanceof ProblemError && error.status === 412) {
        void queries.invalidateQueries({ queryKey: submissionKey(submission.id) });
      }
    },
  });
}

function currentVersion(queries: QueryClient, submission: Submission): string {
  return (queries.getQueryData<Submission>(submissionKey(submission.id)) ?? submission).review.version;
}

export function usePoints(submission: Submission, item: string) {
  return useMark(submission, async (given: Api<'GivenPoints'>, match) =>
    body(
      await api.PUT('/api/submissions/{id}/points', {
        params: { path: { id: submission.id }, query: { item }, header: { 'If-Match': match } },
        body: given,
      }),
    ),
  );
}

export function useWithdrawPoints(submission: Submission, item: string) {
  return useMark(submission, async (_: void, match) =>
    body(
      await api.DELETE('/api/submissions/{id}/points', {
        params: { path: { id: submission.id }, query: { item }, header: { 'If-Match': match } },
      }),
    ),
  );
}

export function useFeedback(submission: Submission) {
  return useMark(submission, async (text: string, match) =>
    body(
      await api.PUT('/api/submissions/{id}/feedback', {
        params: { path: { id: submission.id }, header: { 'If-Match': match } },
        body: { text },
      }),
    ),
  );
}

export function useSettle(submission: Submission) {
  return useMark(submission, async (settled: boolean, match) =>
    body(
      await api.PUT('/api/submissions/{id}/settled', {
        params: { path: { id: submission.id }, header: { 'If-Match': match } },
        body: { settled },
      }),
    ),
  );
}

export function useCheckAgain(submission: Submission) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async () =>
      api.POST('/api/submissions/{id}/check', { params: { path: { id: submission.id } } }),
    onSuccess: () => queries.invalidateQueries({ queryKey: submissionKey(submission.id) }),
  });
}
