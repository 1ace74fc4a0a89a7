import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, body, type Api } from './client';
import { sheetKey, submissionKey } from './exercises';
import { handBackKey } from './handBack';
import { ledgerKey } from './ledger';

/** @param exercise left out for all of them */
export const readersKey = (exercise?: number) =>
  exercise === undefined ? ['readers'] : ['readers', exercise];
export const secondKey = (exercise?: number) => (exercise === undefined ? ['second'] : ['second', exercise]);

/** Who reads whose work. */
export function useReadersOf(exercise: number) {
  return useQuery({
    queryKey: readersKey(exercise),
    queryFn: async () =>
      body(await api.GET('/api/exercises/{exercise}/readers', { params: { path: { exercise } } })),
  });
}

type Sharing = { share: Api<'GivenShares'> } | { student: number; from?: number; to?: number };

/** Shares work out, or gives one student's to somebody else. */
export function useSharing(exercise: number) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (given: Sharing) =>
      body(
        'share' in given
          ? await api.POST('/api/exercises/{exercise}/readers', {
              params: { path: { exercise } },
              body: given.share,
            })
          : await api.PUT('/api/exercises/{exercise}/readers/{student}', {
              params: { path: { exercise, student: given.student } },
              body: { from: given.from, to: given.to },
            }),
      ),
    onSuccess: (view) => queries.setQueryData(readersKey(exercise), view),
    onError: () => queries.invalidateQueries({ queryKey: readersKey(exercise) }),
    onSettled: () =>
      Promise.all(
        [sheetKey(exercise), ledgerKey()].map((queryKey) => queries.invalidateQueries({ queryKey })),
      ),
  });
}

/** Takes the next one from the common stack. */
export function useTakeNext(exercise: number) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async () =>
      body(await api.POST('/api/exercises/{exercise}/readers/next', { params: { path: { exercise } } })),
    onSettled: () =>
      Promise.all(
        [readersKey(exercise), sheetKey(exercise), ledgerKey()].map((queryKey) =>
          queries.invalidateQueries({ queryKey }),
        ),
      ),
  });
}

/** What is read a second time, and where the two differ. */
export function useSecond(exercise: number) {
  return useQuery({
    queryKey: secondKey(exercise),
    queryFn: async () =>
      body(await api.GET('/api/exercises/{exercise}/second', { params: { path: { exercise } } })),
  });
}

type SecondDoing =
  | { draw: Api<'GivenSample'> }
  | { callOff: true }
  | { reading: number; item: string; points: number; reason: string; version: string };

/** Draws what is read twice, calls it off, or settles where two differ. */
export function useSecondDoing(exercise: number) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (doing: SecondDoing) => {
      const path = { exercise };
      if ('draw' in doing) {
        return body(
          await api.POST('/api/exercises/{exercise}/second', { params: { path }, body: doing.draw }),
        );
      }
      if ('callOff' in doing) {
        return body(await api.DELETE('/api/exercises/{exercise}/second', { params: { path } }));
      }
      return body(
        await api.PUT('/api/exercises/{exercise}/second/{reading}', {
          params: {
            path: { exercise, reading: doing.reading },
            query: { item: doing.item },
            header: { 'If-Match': `"${doing.version}"` },
          },
          body: { points: doing.points, reason: doing.reason },
        }),
      );
    },
    onSuccess: (view) => queries.setQueryData(secondKey(exercise), view),
    onError: () => queries.invalidateQueries({ queryKey: secondKey(exercise) }),
    onSettled: () =>
      Promise.all(
        [handBackKey(exercise), sheetKey(exercise), submissionKey(), ledgerKey()].map((queryKey) =>
          queries.invalidateQueries({ queryKey }),
        ),
      ),
  });
}

/** Whether those who mark an exercise mark alike. */
export function useEvenness(exercise: number) {
  return useQuery({
    queryKey: ['evenness', exercise],
    queryFn: async () =>
      body(await api.GET('/api/exercises/{exercise}/evenness', { params: { path: { exercise } } })),
  });
}
