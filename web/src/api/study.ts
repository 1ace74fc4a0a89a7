import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, body, upload, type Api, type Chosen } from './client';
import { ASK_AGAIN, isBeingChecked } from './exercises';

/** What a student sees of their own. */
export const ownKey = ['own'];

export function useOwnExercises() {
  return useQuery({
    queryKey: [...ownKey, 'exercises'],
    queryFn: async () => body(await api.GET('/api/mine')),
    refetchInterval: (query) =>
      query.state.data?.some((e) => e.last && isBeingChecked(e.last.state)) && ASK_AGAIN,
  });
}

export function useOwnExercise(exercise: number) {
  return useQuery({
    queryKey: [...ownKey, 'exercise', exercise],
    queryFn: async () =>
      body(await api.GET('/api/exercises/{id}/mine', { params: { path: { id: exercise } } })),
    refetchInterval: (query) => query.state.data?.attempts.some((a) => isBeingChecked(a.state)) && ASK_AGAIN,
  });
}

export function useOwnAttempt(submission: number) {
  return useQuery({
    queryKey: [...ownKey, 'attempt', submission],
    queryFn: async () =>
      body(await api.GET('/api/submissions/{id}/mine', { params: { path: { id: submission } } })),
    refetchInterval: (query) =>
      query.state.data && isBeingChecked(query.state.data.attempt.state) ? ASK_AGAIN : false,
  });
}

/** What the student of a submission would see if it were given back now. */
export function useAsStudent(submission: number) {
  return useQuery({
    queryKey: ['as-student', submission],
    queryFn: async () =>
      body(await api.GET('/api/submissions/{id}/as-student', { params: { path: { id: submission } } })),
  });
}

/** What was asked about the points of an attempt of one's own. */
export function useOwnQuestions(submission: number) {
  return useQuery({
    queryKey: [...ownKey, 'questions', submission],
    queryFn: async () =>
      body(await api.GET('/api/submissions/{id}/mine/questions', { params: { path: { id: submission } } })),
  });
}

export function useAsk(submission: number) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (given: { item: string; text: string }) =>
      body(
        await api.POST('/api/submissions/{id}/mine/questions', {
          params: { path: { id: submission } },
          body: given,
        }),
      ),
    onSuccess: (all) => queries.setQueryData([...ownKey, 'questions', submission], all),
  });
}

/** Has files read to say what is in them; nothing counts yet. */
export function usePreview(exercise: number) {
  return useMutation({
    mutationFn: async (files: Chosen[]) =>
      (await upload(`/api/exercises/${exercise}/mine/preview`, { files })) as Api<'Preview'>,
  });
}

/** Hands in what was looked at. */
export function useOwnHandIn(exercise: number) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (given: { files: Chosen[]; hash: string }) =>
      (await upload(
        `/api/exercises/${exercise}/mine`,
        { files: given.files },
        { hash: given.hash },
      )) as Api<'OwnAttempt'>,
    onSuccess: () => queries.invalidateQueries({ queryKey: ownKey }),
  });
}
