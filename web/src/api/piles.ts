import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, body, upload, type Api, type Chosen } from './client';
import { sheetKey } from './exercises';

export type Pile = Api<'PileView'>;

const pilesKey = (exercise: number) => ['piles', exercise];

/** The piles of an exercise that are not handed in yet. */
export function usePiles(exercise: number) {
  return useQuery({
    queryKey: pilesKey(exercise),
    queryFn: async () =>
      body(await api.GET('/api/exercises/{exercise}/piles', { params: { path: { exercise } } })),
  });
}

function usePileChange<Given, Answer>(exercise: number, change: (given: Given) => Promise<Answer>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: pilesKey(exercise) });
      await queries.invalidateQueries({ queryKey: sheetKey(exercise) });
    },
  });
}

export function useUploadPile(exercise: number, onSent: (part: number) => void) {
  return usePileChange(
    exercise,
    async (files: Chosen[]) =>
      (await upload(`/api/exercises/${exercise}/piles`, { files }, {}, onSent)) as Pile,
  );
}

/** Says whose a piece is; nobody to leave it out. */
export function useSettlePiece(exercise: number) {
  return usePileChange(exercise, async (given: { pile: number; piece: number; student?: number }) =>
    body(
      await api.PUT('/api/exercises/{exercise}/piles/{pile}/pieces/{piece}', {
        params: { path: { exercise, pile: given.pile, piece: given.piece } },
        body: { student: given.student },
      }),
    ),
  );
}

export function useConfirmPile(exercise: number) {
  return usePileChange(exercise, async (given: { pile: number; at?: string }) =>
    body(
      await api.POST('/api/exercises/{exercise}/piles/{pile}/confirmation', {
        params: { path: { exercise, pile: given.pile } },
        body: { at: given.at },
      }),
    ),
  );
}

export function useDiscardPile(exercise: number) {
  return usePileChange(exercise, async (pile: number) =>
    api.DELETE('/api/exercises/{exercise}/piles/{pile}', { params: { path: { exercise, pile } } }),
  );
}
