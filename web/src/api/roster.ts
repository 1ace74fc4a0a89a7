import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, body, upload, type Api } from './client';
import { courseKey } from './courses';

export type StudentLine = Api<'StudentLine'>;
export type Field = Api<'RosterColumn'>['field'];

const studentsKey = (course: number) => ['students', course];

/** Everybody who studies in a course, or did. */
export function useStudents(course: number) {
  return useQuery({
    queryKey: studentsKey(course),
    queryFn: async () =>
      body(await api.GET('/api/courses/{id}/students', { params: { path: { id: course } } })),
  });
}

function useRosterChange<Given, Answer>(course: number, change: (given: Given) => Promise<Answer>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSuccess: async () => {
      await Promise.all(
        [studentsKey(course), courseKey(course), ['exercise'], ['sheet']].map((queryKey) =>
          queries.invalidateQueries({ queryKey }),
        ),
      );
    },
  });
}

/** What a roster would change. */
export function usePlan(course: number) {
  return useMutation({
    mutationFn: async (given: { roster: File; columns?: Field[] }) =>
      (await upload(
        `/api/courses/${course}/roster/plan`,
        { roster: [given.roster] },
        given.columns ? { columns: given.columns.join(',') } : {},
      )) as Api<'PlannedRoster'>,
  });
}

/** Does what a plan said. */
export function useEnrol(course: number) {
  return useRosterChange(
    course,
    async (given: { roster: File; columns: Field[]; fingerprint: string; missingLeave: boolean }) =>
      upload(
        `/api/courses/${course}/roster`,
        { roster: [given.roster] },
        {
          columns: given.columns.join(','),
          fingerprint: given.fingerprint,
          missingLeave: String(given.missingLeave),
        },
      ),
  );
}

/** Adds somebody, or changes somebody whose id is given. */
export function usePutStudent(course: number) {
  return useRosterChange(course, async (given: { id?: number; student: Api<'GivenStudent'> }) =>
    given.id === undefined
      ? body(
          await api.POST('/api/courses/{id}/students', {
            params: { path: { id: course } },
            body: given.student,
          }),
        )
      : body(
          await api.PUT('/api/courses/{id}/students/{student}', {
            params: { path: { id: course, student: given.id } },
            body: given.student,
          }),
        ),
  );
}

/** Removes what is kept of a student, for good. */
export function useRemoval(course: number) {
  return useRosterChange(course, async (given: { student: number; number: string }) =>
    body(
      await api.POST('/api/courses/{course}/students/{student}/removal', {
        params: { path: { course, student: given.student } },
        body: { number: given.number },
      }),
    ),
  );
}

export function useLeave(course: number) {
  return useRosterChange(course, async (given: { id: number; left: boolean }) =>
    api.PUT('/api/courses/{id}/students/{student}/left', {
      params: { path: { id: course, student: given.id } },
      body: { left: given.left },
    }),
  );
}

/** Makes links by which students choose their passwords; for all who have not signed in where none are named. */
export function useLinks(course: number) {
  return useRosterChange(course, async (students?: number[]) =>
    body(
      await api.POST('/api/courses/{id}/roster/links', {
        params: { path: { id: course } },
        body: { students },
      }),
    ),
  );
}
