import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, body, type Api } from './client';

export type Sentences = Api<'Sentences'>;
export type Claim = Api<'Claim'>;
export type Said = Api<'Said'>;
export type Part = Api<'Part'>;
export type Edit = Api<'SentenceEdit'>;

/** What a text of the notation says, or what is wrong with it; while it is being asked, what was said of the text before. */
export function useReading(text: string) {
  return useQuery({
    queryKey: ['notation', text],
    queryFn: async () => body(await api.POST('/api/notation/read', { body: { text } })),
    staleTime: Infinity,
    gcTime: 60_000,
    placeholderData: keepPreviousData,
  });
}

/** Everything that can be said. */
export function useVocabulary() {
  return useQuery({
    queryKey: ['vocabulary'],
    queryFn: async () => body(await api.GET('/api/notation/vocabulary')),
    staleTime: Infinity,
  });
}

/**
 * The text with one change made.
 *
 * @param part which of its patterns is changed, from 0
 */
export async function editText(text: string, edit: Edit, part: number): Promise<string> {
  return body(await api.POST('/api/notation/edit', { body: { text, part, edit } })).text;
}

/** The text in the usual layout. */
export async function layOut(text: string): Promise<string> {
  return body(await api.POST('/api/notation/layout', { body: { text } })).text;
}

/** What could stand where is being written. */
export async function complete(text: string, at: number): Promise<Api<'PatternCompletion'>> {
  return body(await api.POST('/api/notation/complete', { body: { text, at } }));
}
