import { useMutation, useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { api, body, type Api } from './client';

export const sessionKey = ['session'];

/** Who is signed in; `person` is absent for nobody. */
export function useSession() {
  return useQuery({
    queryKey: sessionKey,
    queryFn: async () => body(await api.GET('/api/session')),
    staleTime: 60_000,
  });
}

/** Forgets everything that was fetched for somebody else, and goes on as this person; pages that are open see it at once. */
async function goOnAs(queries: QueryClient, session: Api<'Session'>) {
  await queries.cancelQueries();
  queries.removeQueries({ predicate: (query) => query.queryKey[0] !== sessionKey[0] });
  queries.setQueryData(sessionKey, session);
}

export function useSignIn() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (given: Api<'SignIn'>) => body(await api.POST('/api/session', { body: given })),
    // as long as a code is asked for, nobody is signed in
    onSuccess: (session) => (session.codeNeeded ? undefined : goOnAs(queries, session)),
  });
}

/**
 * Ends the session and loads the sign-in page anew: nothing that was fetched, written or opened by one person is there for
 * the next, who begins on the first page.
 *
 * @param where only here, or wherever else this person is signed in
 */
export function useSignOut(where: 'here' | 'everywhere' = 'here') {
  return useMutation({
    // also where the page is left before the answer is there
    mutationFn: async () =>
      where === 'here'
        ? api.DELETE('/api/session', { keepalive: true })
        : api.DELETE('/api/session/everywhere', { keepalive: true }),
    onSuccess: () => window.location.replace('/sign-in'),
  });
}

export function useOwnPassword() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (given: Api<'OwnPassword'>) =>
      body(await api.PUT('/api/session/password', { body: given })),
    onSuccess: (session) => queries.setQueryData(sessionKey, session),
  });
}
