import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, body, type Api } from './client';

export const sessionKey = ['session'];

/** Who is signed in; `staff` is absent for nobody. */
export function useSession() {
  return useQuery({
    queryKey: sessionKey,
    queryFn: async () => body(await api.GET('/api/session')),
    staleTime: 60_000,
  });
}

export function useSignIn() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (given: Api<'SignIn'>) => body(await api.POST('/api/session', { body: given })),
    onSuccess: (session) => {
      queries.clear();
      queries.setQueryData(sessionKey, session);
    },
  });
}

export function useSignOut() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async () => api.DELETE('/api/session'),
    onSuccess: () => {
      queries.clear();
      queries.setQueryData(sessionKey, {});
    },
  });
}
