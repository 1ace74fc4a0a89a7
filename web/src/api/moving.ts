import { useMutation, useQueryClient } from '@tanstack/react-query';
import { upload, type Api } from './client';
import { coursesKey } from './courses';

/** A course's file, and those of its people who are somebody else than who has their sign-in here. */
export interface Arriving {
  archive: File;
  others: string[];
}

const fields = (others: string[]): Record<string, string> =>
  others.length > 0 ? { others: others.join(',') } : {};

/** What an archive would bring. */
export function useArrivalPlan(onSent: (part: number) => void) {
  return useMutation({
    mutationFn: async ({ archive, others }: Arriving) =>
      (await upload(
        '/api/courses/arriving/plan',
        { archive: [archive] },
        fields(others),
        onSent,
      )) as Api<'PlannedArrival'>,
  });
}

/** Brings it in, all of it or nothing. */
export function useArrival(onSent: (part: number) => void) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async ({ archive, others, fingerprint }: Arriving & { fingerprint: string }) =>
      (await upload(
        '/api/courses/arriving',
        { archive: [archive] },
        { ...fields(others), fingerprint },
        onSent,
      )) as Api<'Arrived'>,
    onSuccess: () =>
      Promise.all([coursesKey, ['exercises']].map((queryKey) => queries.invalidateQueries({ queryKey }))),
  });
}
