import { useMutation, useQueryClient } from '@tanstack/react-query';
import { upload, type Api } from './client';
import { sheetKey, submissionKey } from './exercises';
import { ledgerKey } from './ledger';

/** What a table of points would change. */
export function usePointsPlan(exercise: number) {
  return useMutation({
    mutationFn: async (table: File) =>
      (await upload(
        `/api/exercises/${exercise}/points/plan`,
        { table: [table] },
        {},
      )) as Api<'PlannedPoints'>,
  });
}

/** Does what was planned, all of it or nothing. */
export function useTakePoints(exercise: number) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (given: { table: File; fingerprint: string; reason: string }) =>
      (await upload(
        `/api/exercises/${exercise}/points`,
        { table: [given.table] },
        { fingerprint: given.fingerprint, reason: given.reason },
      )) as Api<'PointsTaken'>,
    onSuccess: () =>
      Promise.all(
        [sheetKey(exercise), submissionKey(), ledgerKey()].map((queryKey) =>
          queries.invalidateQueries({ queryKey }),
        ),
      ),
  });
}
