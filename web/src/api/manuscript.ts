import { useMutation, useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { api, body, upload, type Api } from './client';

export type Manuscript = Api<'ManuscriptView'>;

/** Milliseconds between looks at what others may have written meanwhile. */
const LOOK_AGAIN = 5_000;

export const manuscriptKey = (exercise: number) => ['manuscript', exercise];

/** The exercise as it is being written. */
export function useManuscript(exercise: number) {
  return useQuery({
    queryKey: manuscriptKey(exercise),
    queryFn: async () =>
      body(await api.GET('/api/exercises/{id}/manuscript', { params: { path: { id: exercise } } })),
    refetchInterval: LOOK_AGAIN,
  });
}

export type FileText = Api<'FileText'>;

export async function fetchFile(exercise: number, path: string): Promise<FileText> {
  return body(
    await api.GET('/api/exercises/{id}/manuscript/file', {
      params: { path: { id: exercise }, query: { path } },
    }),
  );
}

/** A text of the manuscript in the revision that is there now. */
export function useFile(exercise: number, path: string, wanted: boolean) {
  return useQuery({
    queryKey: [...manuscriptKey(exercise), 'file', path],
    enabled: wanted,
    queryFn: () => fetchFile(exercise, path),
  });
}

/** Stores a text that was written on `revision`, and gives the new one; fails with 412 where somebody else wrote since. */
export async function saveFile(exercise: number, path: string, text: string, revision: number) {
  const written = body(
    await api.PUT('/api/exercises/{id}/manuscript/file', {
      params: { path: { id: exercise }, query: { path }, header: { 'If-Match': String(revision) } },
      body: { text },
    }),
  );
  return written.revision;
}

export async function saveSettings(exercise: number, settings: Api<'SettingsForm'>, revision: number) {
  const written = body(
    await api.PUT('/api/exercises/{id}/manuscript/settings', {
      params: { path: { id: exercise }, header: { 'If-Match': String(revision) } },
      body: settings,
    }),
  );
  return written.revision;
}

async function anew(queries: QueryClient, exercise?: number) {
  await Promise.all(
    [
      ['exercises'],
      ['course'],
      ...(exercise === undefined ? [] : [manuscriptKey(exercise), ['exercise', exercise]]),
    ].map((queryKey) => queries.invalidateQueries({ queryKey })),
  );
}

/** A change of an exercise as a whole; what is shown of it is fetched anew. */
function useExerciseChange<Given, Answer>(exercise: number, change: (given: Given) => Promise<Answer>) {
  const queries = useQueryClient();
  return useMutation({ mutationFn: change, onSuccess: () => anew(queries, exercise) });
}

export function useBegin(course: number) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (given: Api<'Beginning'>) =>
      body(await api.POST('/api/courses/{course}/exercises', { params: { path: { course } }, body: given })),
    onSuccess: () => anew(queries),
  });
}

/** Takes an exercise in that comes as a zip. */
export function useTakeIn(course: number) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (zip: File) =>
      (await upload(`/api/courses/${course}/exercises/folder`, { folder: [zip] })) as Api<'Begun'>,
    onSuccess: () => anew(queries),
  });
}

export function useUpload(exercise: number) {
  return useExerciseChange(exercise, async (given: { folder: string; files: File[] }) => {
    await upload(`/api/exercises/${exercise}/manuscript/files?folder=${encodeURIComponent(given.folder)}`, {
      files: given.files,
    });
  });
}

export function useRemoveFile(exercise: number) {
  return useExerciseChange(exercise, async (path: string) =>
    api.DELETE('/api/exercises/{id}/manuscript/file', {
      params: { path: { id: exercise }, query: { path } },
    }),
  );
}

export function useNewFile(exercise: number) {
  return useExerciseChange(exercise, async (given: { path: string; text: string }) =>
    saveFile(exercise, given.path, given.text, 0),
  );
}

/** Puts what is written in force as a new version. */
export function usePutInForce(exercise: number) {
  return useExerciseChange(exercise, async (note: string) =>
    body(
      await api.POST('/api/exercises/{id}/versions', { params: { path: { id: exercise } }, body: { note } }),
    ),
  );
}

export function useRestore(exercise: number) {
  return useExerciseChange(exercise, async (version: number) =>
    api.POST('/api/exercises/{id}/versions/{version}/restored', {
      params: { path: { id: exercise, version } },
    }),
  );
}

export function useDeleteExercise(exercise: number) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async () => api.DELETE('/api/exercises/{id}', { params: { path: { id: exercise } } }),
    onSuccess: () => anew(queries),
  });
}

export function useMoveExercise() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (given: { exercise: number; up: boolean }) =>
      api.PUT('/api/exercises/{id}/place', {
        params: { path: { id: given.exercise } },
        body: { up: given.up },
      }),
    onSuccess: () => anew(queries),
  });
}

/** Has everything that was handed in checked with the version in force. */
export function useCheckAll(exercise: number) {
  return useExerciseChange(exercise, async () =>
    body(await api.POST('/api/exercises/{exercise}/checks', { params: { path: { exercise } } })),
  );
}

/** Has a solution that lies in the exercise judged by what is written. */
export async function runTrial(exercise: number, solution: string): Promise<Api<'Trial'>> {
  return body(
    await api.POST('/api/exercises/{id}/trial', {
      params: { path: { id: exercise }, query: { solution } },
    }),
  );
}
