import { useMutation, useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { api, body, ProblemError, type Api } from './client';
import { ASK_AGAIN, isBeingChecked, sheetKey, submissionKey } from './exercises';
import { remember } from './undo';

type Submission = Api<'SubmissionView'>;
type Review = Api<'ReviewView'>;

async function fetched(submission: number): Promise<Submission> {
  return body(await api.GET('/api/submissions/{id}', { params: { path: { id: submission } } }));
}

export function useSubmission(submission: number) {
  return useQuery({
    queryKey: submissionKey(submission),
    queryFn: () => fetched(submission),
    refetchInterval: (query) => query.state.data && isBeingChecked(query.state.data.state) && ASK_AGAIN,
  });
}

/** Several submissions at once, for those who lay them side by side. */
export const submissionQuery = (submission: number) => ({
  queryKey: submissionKey(submission),
  queryFn: () => fetched(submission),
});

/** How long what was fetched ahead counts as fresh, in milliseconds. */
const AHEAD = 20_000;

/** Has a submission ready before it is opened. */
export function fetchAhead(queries: QueryClient, submission: number) {
  void queries.prefetchQuery({ ...submissionQuery(submission), staleTime: AHEAD });
}

type Send = (match: string) => Promise<Review>;

/** Sends a change made on the version that is known here, and puts what came of it into everything that shows it. */
async function sent(queries: QueryClient, id: number, send: Send): Promise<Review> {
  const key = submissionKey(id);
  const known: Submission =
    queries.getQueryData<Submission>(key) ?? (await queries.fetchQuery<Submission>(submissionQuery(id)));
  try {
    const review = await send(`"${known.review.version}"`);
    // a fetch that began before the change must not bring back what stood before it
    await queries.cancelQueries({ queryKey: key });
    queries.setQueryData<Submission>(key, (s) => s && { ...s, review });
    void queries.invalidateQueries({ queryKey: sheetKey(known.exercise.exerciseId) });
    return review;
  } catch (error) {
    if (error instanceof ProblemError && error.status === 412) {
      void queries.invalidateQueries({ queryKey: key });
    }
    throw error;
  }
}

/**
 * A change of a submission's marks that can be taken back.
 *
 * @param back what takes it back, worked out from how the marks were; undefined where nothing does
 */
function useMark<Given>(
  submission: Submission,
  send: (given: Given, match: string) => Promise<Review>,
  back?: (given: Given, before: Review, after: Review) => { what: string; send: Send } | undefined,
) {
  const queries = useQueryClient();
  const { id } = submission;
  return useMutation({
    mutationFn: async (given: Given) => {
      const before = (queries.getQueryData<Submission>(submissionKey(id)) ?? submission).review;
      const after = await sent(queries, id, (match) => send(given, match));
      const undo = back?.(given, before, after);
      if (undo) {
        remember({
          submission: id,
          student: submission.student.name,
          what: undo.what,
          undo: () =>
            sent(queries, id, undo.send).then(() =>
              queries.invalidateQueries({ queryKey: submissionKey(id) }),
            ),
        });
      }
      return after;
    },
    // one after the other, so that each is made on the version that the one before it left
    scope: { id: `marks-${id}` },
  });
}

async function put(id: number, item: string, given: Api<'GivenPoints'>, match: string): Promise<Review> {
  return body(
    await api.PUT('/api/submissions/{id}/points', {
      params: { path: { id }, query: { item }, header: { 'If-Match': match } },
      body: given,
    }),
  );
}

async function withdrawn(id: number, item: string, match: string): Promise<Review> {
  return body(
    await api.DELETE('/api/submissions/{id}/points', {
      params: { path: { id }, query: { item }, header: { 'If-Match': match } },
    }),
  );
}

/** What was decided of an item, brought back; where nothing was, what was proposed. */
function asBefore(id: number, item: string, review: Review): Send {
  const decision = review.decisions.find((d) => d.item === item);
  return decision
    ? (match) => put(id, item, { points: decision.points, reason: decision.reason }, match)
    : (match) => withdrawn(id, item, match);
}

/** Points for an item, by its key. */
export type Decided = { item: string; points: number; reason: string };

/** Gives points for any item of a submission. */
export function useDecide(submission: Submission) {
  const { id } = submission;
  return useMark(
    submission,
    ({ item, ...given }: Decided, match) => put(id, item, given, match),
    ({ item }, before) => ({ what: 'points', send: asBefore(id, item, before) }),
  );
}

export function usePoints(submission: Submission, item: string) {
  const { id } = submission;
  return useMark(
    submission,
    (given: Api<'GivenPoints'>, match) => put(id, item, given, match),
    (_, before) => ({ what: 'points', send: asBefore(id, item, before) }),
  );
}

export function useWithdrawPoints(submission: Submission, item: string) {
  const { id } = submission;
  return useMark(
    submission,
    (_: void, match) => withdrawn(id, item, match),
    (_, before) => ({ what: 'the points as proposed', send: asBefore(id, item, before) }),
  );
}

async function wrote(id: number, text: string, match: string): Promise<Review> {
  return body(
    await api.PUT('/api/submissions/{id}/feedback', {
      params: { path: { id }, header: { 'If-Match': match } },
      body: { text },
    }),
  );
}

export function useFeedback(submission: Submission) {
  return useMark(
    submission,
    (text: string, match) => wrote(submission.id, text, match),
    (_, before) => ({ what: 'feedback', send: (match) => wrote(submission.id, before.feedback, match) }),
  );
}

async function settled(id: number, given: Api<'Settled'>, match: string): Promise<Review> {
  return body(
    await api.PUT('/api/submissions/{id}/settled', {
      params: { path: { id }, header: { 'If-Match': match } },
      body: given,
    }),
  );
}

/** @param open whether it is settled although questions are open */
export function useSettle(submission: Submission) {
  const { id } = submission;
  return useMark(
    submission,
    (given: { settled: boolean; open?: boolean }, match) => settled(id, given, match),
    (given) => ({
      what: given.settled ? 'settling' : 'opening again',
      send: (match) => settled(id, { settled: !given.settled, open: true }, match),
    }),
  );
}

async function said(id: number, remark: Api<'NewRemark'>, match: string): Promise<Review> {
  return body(
    await api.POST('/api/submissions/{id}/remarks', {
      params: { path: { id }, header: { 'If-Match': match } },
      body: remark,
    }),
  );
}

async function unsaid(id: number, remark: number, match: string): Promise<Review> {
  return body(
    await api.DELETE('/api/submissions/{id}/remarks/{remark}', {
      params: { path: { id, remark }, header: { 'If-Match': match } },
    }),
  );
}

async function resaid(id: number, remark: number, text: string, match: string): Promise<Review> {
  return body(
    await api.PUT('/api/submissions/{id}/remarks/{remark}', {
      params: { path: { id, remark }, header: { 'If-Match': match } },
      body: { text },
    }),
  );
}

/** Says something of a claim or of lines. */
export function useSay(submission: Submission) {
  const { id } = submission;
  return useMark(
    submission,
    (remark: Api<'NewRemark'>, match) => said(id, remark, match),
    (_, before, after) => {
      const known = new Set(before.remarks.map((r) => r.id));
      const made = after.remarks.find((r) => !known.has(r.id));
      return made && { what: 'a remark', send: (match) => unsaid(id, made.id, match) };
    },
  );
}

export function useRewrite(submission: Submission) {
  const { id } = submission;
  return useMark(
    submission,
    (given: { remark: number; text: string }, match) => resaid(id, given.remark, given.text, match),
    ({ remark }, before) => {
      const was = before.remarks.find((r) => r.id === remark);
      return was && { what: 'a remark', send: (match) => resaid(id, remark, was.text, match) };
    },
  );
}

export function useTakeAway(submission: Submission) {
  const { id } = submission;
  return useMark(
    submission,
    (remark: number, match) => unsaid(id, remark, match),
    (remark, before) => {
      const was = before.remarks.find((r) => r.id === remark);
      return (
        was && {
          what: 'taking a remark away',
          send: (match) =>
            said(
              id,
              { item: was.item, file: was.file, line: was.line, endLine: was.endLine, text: was.text },
              match,
            ),
        }
      );
    },
  );
}

async function bound(id: number, given: Api<'GivenRoles'>, match: string): Promise<Review> {
  return body(
    await api.PUT('/api/submissions/{id}/binding', {
      params: { path: { id }, header: { 'If-Match': match } },
      body: given,
    }),
  );
}

/** Says who plays which role; the submission is checked so. */
export function useBind(submission: Submission) {
  const queries = useQueryClient();
  const { id, binding } = submission;
  const bind = useMark(
    submission,
    (given: Api<'GivenRoles'>, match) => bound(id, given, match),
    () => ({
      what: 'who is who',
      send: (match) => bound(id, { roles: binding?.roles ?? {}, reason: binding?.reason }, match),
    }),
  );
  return {
    ...bind,
    mutate: (given: Api<'GivenRoles'>, done: () => void) =>
      bind.mutate(given, {
        onSuccess: () => {
          void queries.invalidateQueries({ queryKey: submissionKey(id) });
          done();
        },
      }),
  };
}

/** What would follow from other roles. */
export function useOutlook(submission: number) {
  return useMutation({
    mutationFn: async (roles: Record<string, string[]>) =>
      body(
        await api.POST('/api/submissions/{id}/binding/outlook', {
          params: { path: { id: submission } },
          body: { roles },
        }),
      ),
  });
}

export function useCheckAgain(submission: Submission) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async () =>
      api.POST('/api/submissions/{id}/check', { params: { path: { id: submission.id } } }),
    onSuccess: () => queries.invalidateQueries({ queryKey: submissionKey(submission.id) }),
  });
}

const questionsKey = (submission: number) => [...submissionKey(submission), 'questions'];

/** What the student of a submission asks about points. */
export function useQuestions(submission: number, wanted: boolean) {
  return useQuery({
    queryKey: questionsKey(submission),
    enabled: wanted,
    queryFn: async () =>
      body(await api.GET('/api/submissions/{id}/questions', { params: { path: { id: submission } } })),
  });
}

export function useAnswer(submission: number) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (given: { question: number; text: string }) =>
      body(
        await api.PUT('/api/submissions/{id}/questions/{question}', {
          params: { path: { id: submission, question: given.question } },
          body: { text: given.text },
        }),
      ),
    onSuccess: (all) => queries.setQueryData(questionsKey(submission), all),
  });
}
