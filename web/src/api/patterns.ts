import { useQuery } from '@tanstack/react-query';
import { api, body } from './client';

/** The catalogue; it does not change while the server runs. */
export function usePatterns() {
  return useQuery({
    queryKey: ['patterns'],
    queryFn: async () => body(await api.GET('/api/patterns')),
    staleTime: Infinity,
  });
}

/** @param id empty for none */
export function usePattern(id: string) {
  return useQuery({
    queryKey: ['pattern', id],
    queryFn: async () => body(await api.GET('/api/patterns/{id}', { params: { path: { id } } })),
    staleTime: Infinity,
    enabled: id !== '',
  });
}
