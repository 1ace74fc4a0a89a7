import { useQuery } from '@tanstack/react-query';
import { api, body } from './client';
import { useSession } from './session';

/** Lines that come at once; a longer file is fetched in such pieces. */
export const PIECE = 4_000;

/** The first line of the piece that a line lies in. */
export const pieceOf = (line: number) => Math.floor((line - 1) / PIECE) * PIECE + 1;

/** A piece of a file that was handed in; it never changes. */
export function useSource(submission: number, path: string, from: number, wanted = true) {
  const own = useSession().data?.person?.role === 'STUDENT';
  return useQuery({
    queryKey: ['source', submission, path, from],
    enabled: wanted,
    staleTime: Infinity,
    queryFn: async () => {
      const params = { path: { id: submission }, query: { path, from } };
      return own
        ? body(await api.GET('/api/submissions/{id}/mine/source', { params }))
        : body(await api.GET('/api/submissions/{id}/source', { params }));
    },
  });
}
