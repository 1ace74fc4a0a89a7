import { useMutation, useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { api, body, type Api } from './client';

export type CourseSheet = Api<'CourseSheet'>;
export type SheetLine = Api<'SheetLine'>;
export type SheetCell = Api<'SheetCell'>;

/** @param course left out for all of them */
export const ledgerKey = (course?: number) => (course === undefined ? ['ledger'] : ['ledger', course]);
export const historyKey = (course: number) => ['history', course];

/** Every student of a course with every exercise. */
export function useLedger(course: number) {
  return useQuery({
    queryKey: ledgerKey(course),
    queryFn: async () =>
      body(await api.GET('/api/courses/{course}/grades', { params: { path: { course } } })),
  });
}

/** How long changes are gathered before they are asked for together, in milliseconds. */
const GATHERED = 30;
const waiting = new Map<number, Set<number>>();

/** Fetches the lines of students anew whose marks were changed, in every course sheet that shows them. */
export function freshen(queries: QueryClient, exercise: number, student: number) {
  for (const [key, sheet] of queries.getQueriesData<CourseSheet>({ queryKey: ledgerKey() })) {
    const course = key[1] as number;
    if (!sheet?.columns.some((c) => c.exercise === exercise)) {
      continue;
    }
    const students = waiting.get(course);
    if (students) {
      students.add(student);
    } else {
      waiting.set(course, new Set([student]));
      setTimeout(() => void fetchLines(queries, course), GATHERED);
    }
  }
}

async function fetchLines(queries: QueryClient, course: number) {
  const student = [...(waiting.get(course) ?? [])];
  waiting.delete(course);
  const fresh = await api
    .GET('/api/courses/{course}/grades', { params: { path: { course }, query: { student } } })
    .then(body)
    .catch(() => undefined);
  if (!fresh) {
    void queries.invalidateQueries({ queryKey: ledgerKey(course) });
    return;
  }
  const lines = new Map(fresh.lines.map((l) => [l.student.id, l]));
  queries.setQueryData<CourseSheet>(
    ledgerKey(course),
    (sheet) =>
      sheet && {
        ...sheet,
        // the same ones stay: what is drawn by them need not be drawn anew
        columns:
          JSON.stringify(fresh.columns) === JSON.stringify(sheet.columns) ? sheet.columns : fresh.columns,
        lines: sheet.lines.map((l) => lines.get(l.student.id) ?? l),
      },
  );
}

/** When work of a course came, and when it was settled. */
export function usePace(course: number) {
  return useQuery({
    queryKey: ['pace', course],
    queryFn: async () => body(await api.GET('/api/courses/{course}/pace', { params: { path: { course } } })),
  });
}

export type GivenScheme = Api<'GivenScheme'>;

export function useScheme(course: number) {
  return useQuery({
    queryKey: ['scheme', course],
    queryFn: async () =>
      body(await api.GET('/api/courses/{course}/scheme', { params: { path: { course } } })),
  });
}

/** @param version of the scheme that was read */
export function useWriteScheme(course: number, version: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (given: GivenScheme) =>
      body(
        await api.PUT('/api/courses/{course}/scheme', {
          params: { path: { course }, header: { 'If-Match': `"${version}"` } },
          body: given,
        }),
      ),
    onSuccess: (kept) => {
      queries.setQueryData(['scheme', course], kept);
      return Promise.all(
        [ledgerKey(course), historyKey(course)].map((queryKey) => queries.invalidateQueries({ queryKey })),
      );
    },
  });
}

/** What everybody would get by a scheme that is not kept. */
export function useSchemeOutlook(course: number) {
  return useMutation({
    mutationFn: async (given: GivenScheme) =>
      body(
        await api.POST('/api/courses/{course}/scheme/outlook', {
          params: { path: { course } },
          body: given,
        }),
      ),
  });
}

/** Excuses a student from an exercise, or takes that back where there is no reason; refused where somebody came first. */
export function useExcuse(course: number) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (given: { exercise: number; student: number; reason?: string; seen?: string }) => {
      const params = { path: { exercise: given.exercise, student: given.student } };
      return given.reason === undefined
        ? body(
            await api.DELETE('/api/exercises/{exercise}/excuses/{student}', {
              params: { ...params, query: { seen: given.seen } },
            }),
          )
        : body(
            await api.PUT('/api/exercises/{exercise}/excuses/{student}', {
              params,
              body: { reason: given.reason, seen: given.seen },
            }),
          );
    },
    onSuccess: (_, given) => {
      freshen(queries, given.exercise, given.student);
      return queries.invalidateQueries({ queryKey: historyKey(course) });
    },
  });
}

export type Wanted = { exercise?: number; student?: number; who?: number; what?: string };

/** @param before only what is older than this moment */
export async function historyPage(course: number, wanted: Wanted, before?: string) {
  return body(
    await api.GET('/api/courses/{course}/history', {
      params: { path: { course }, query: { ...wanted, before } },
    }),
  );
}
