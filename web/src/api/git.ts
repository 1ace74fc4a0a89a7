import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, body, type Api } from './client';
import { ownKey } from './study';

/** Milliseconds between looks at steps that are still being checked. */
const LOOK_AGAIN = 2_000;

/**
 * How a submission came by git, and the steps on the way.
 *
 * @param own whether a student asks for their own
 */
export function usePush(submission: number, own: boolean) {
  return useQuery({
    queryKey: [...(own ? ownKey : ['submission', submission]), 'push', submission],
    queryFn: async () =>
      body(
        own
          ? await api.GET('/api/submissions/{id}/mine/push', { params: { path: { id: submission } } })
          : await api.GET('/api/submissions/{id}/push', { params: { path: { id: submission } } }),
      ),
    refetchInterval: (query) => query.state.data?.steps.some((s) => !s.checked && !s.problem) && LOOK_AGAIN,
  });
}

const tokensKey = ['tokens'];

/** The secrets that one's programs sign in with. */
export function useTokens() {
  return useQuery({ queryKey: tokensKey, queryFn: async () => body(await api.GET('/api/session/tokens')) });
}

export function useMakeToken() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (wanted: Api<'TokenWanted'>) =>
      body(await api.POST('/api/session/tokens', { body: wanted })),
    onSuccess: () => queries.invalidateQueries({ queryKey: tokensKey }),
  });
}

export function useRevokeToken() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (id: number) => api.DELETE('/api/session/tokens/{id}', { params: { path: { id } } }),
    onSettled: () => queries.invalidateQueries({ queryKey: tokensKey }),
  });
}
