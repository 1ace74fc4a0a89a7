import { useQuery } from '@tanstack/react-query';
import { api, body } from './client';

/** Lines that come at once; a longer file is fetched in such pieces. */
export const PIECE = 4_000;

/** The first line of the piece that a line lies in. */
export const pieceOf = (line: number) => Math.floor((line - 1) / PIECE) * PIECE + 1;

/** A piece of a file that was handed in; it never changes. */
export function useSource(submission: number, path: string, from: number, wanted = true) {
  return useQuery({
    queryKey: ['source', submission, path, from],
    enabled: wanted,
    staleTime: Infinity,
    queryFn: async () =>
      body(
        await api.GET('/api/submissions/{id}/source', {
          params: { path: { id: submission }, query: { path, from } },
        }),
      ),
  });
}
