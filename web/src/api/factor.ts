import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, body } from './client';

const factorKey = ['factor'];

/** How it stands with one's own second factor. */
export function useFactor() {
  return useQuery({ queryKey: factorKey, queryFn: async () => body(await api.GET('/api/session/factor')) });
}

/** A change of one's second factor; how it stands is asked for anew after it. */
function useChange<Given, Result>(send: (given: Given) => Promise<Result>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: send,
    onSuccess: () => queries.invalidateQueries({ queryKey: factorKey }),
  });
}

/** Asks for a secret to give to a device. */
export function useOfferFactor() {
  return useMutation({
    mutationFn: async (password: string) =>
      body(await api.POST('/api/session/factor', { body: { password } })),
  });
}

/** The device's first code; answers the recovery codes. */
export function useConfirmFactor() {
  return useChange(async (code: string) => body(await api.PUT('/api/session/factor', { body: { code } })));
}

export function useRenewCodes() {
  return useChange(async (code: string) =>
    body(await api.POST('/api/session/factor/codes', { body: { code } })),
  );
}

export function useEndFactor() {
  return useChange(async (code: string) => api.POST('/api/session/factor/end', { body: { code } }));
}
