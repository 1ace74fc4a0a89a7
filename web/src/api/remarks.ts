import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, body, type Api } from './client';

const libraryKey = (course: number) => ['remarks', course];

/** What the staff of a course say again and again, most used first. */
export function useLibrary(course: number, wanted = true) {
  return useQuery({
    queryKey: libraryKey(course),
    enabled: wanted,
    queryFn: async () =>
      body(await api.GET('/api/courses/{course}/remarks', { params: { path: { course } } })),
  });
}

function useLibraryChange<Given>(course: number, send: (given: Given) => Promise<unknown>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: send,
    onSettled: () => queries.invalidateQueries({ queryKey: libraryKey(course) }),
  });
}

export function useKeep(course: number) {
  return useLibraryChange(course, (body: Api<'RemarkToKeep'>) =>
    api.POST('/api/courses/{course}/remarks', { params: { path: { course } }, body }),
  );
}

export function useChangeKept(course: number) {
  return useLibraryChange(course, ({ id, ...body }: Api<'RemarkToKeep'> & { id: number }) =>
    api.PUT('/api/courses/{course}/remarks/{remark}', { params: { path: { course, remark: id } }, body }),
  );
}

export function useTakeOut(course: number) {
  return useLibraryChange(course, (remark: number) =>
    api.DELETE('/api/courses/{course}/remarks/{remark}', { params: { path: { course, remark } } }),
  );
}
