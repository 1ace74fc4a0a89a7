import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, body, type Api } from './client';

const accountsKey = ['accounts'];

export function useAccounts() {
  return useQuery({ queryKey: accountsKey, queryFn: async () => body(await api.GET('/api/accounts')) });
}

/** A change of accounts; the list is fetched anew after it. */
function useChange<Given, Result>(send: (given: Given) => Promise<Result>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: send,
    onSuccess: () => queries.invalidateQueries({ queryKey: accountsKey }),
  });
}

export function useInvite() {
  return useChange(async (given: Api<'Invitation'>) =>
    body(await api.POST('/api/accounts', { body: given })),
  );
}

/** Makes a link by which a password is chosen; those made before no longer work. */
export function useMakeLink() {
  return useChange(async (id: number) =>
    body(await api.POST('/api/accounts/{id}/link', { params: { path: { id } } })),
  );
}

export function useTakeAway() {
  return useChange(async ({ id, disabled }: { id: number; disabled: boolean }) =>
    body(await api.PUT('/api/accounts/{id}/disabled', { params: { path: { id } }, body: { disabled } })),
  );
}

/** Ends the second factor of somebody who lost what it takes. */
export function useRemoveFactor() {
  return useChange(async (id: number) =>
    api.DELETE('/api/accounts/{id}/factor', { params: { path: { id } } }),
  );
}

/** Lets go of whom the provider outside knows an account by. */
export function useForgetOutside() {
  return useChange(async (id: number) =>
    body(await api.DELETE('/api/accounts/{id}/outside', { params: { path: { id } } })),
  );
}

/** Whose password a link chooses. */
export function useWelcome(token: string) {
  return useQuery({
    queryKey: ['welcome', token],
    queryFn: async () => body(await api.POST('/api/links', { body: { token } })),
    retry: false,
    staleTime: Infinity,
  });
}

export function useChoosePassword() {
  return useMutation({
    mutationFn: async (given: Api<'ChosenPassword'>) => api.POST('/api/links/password', { body: given }),
  });
}

/** The whole address that a token stands for. */
export function linkOf(token: string): string {
  return `${window.location.origin}/welcome#${token}`;
}
