import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, body, type Api } from './client';

export type Right = Api<'CourseView'>['rights'][number];
/** What staff do; students come from the roster. */
export type Duty = Exclude<Api<'Member'>['duty'], 'STUDENT'>;

export const coursesKey = ['courses'];
export const courseKey = (course: number) => ['course', course];

/** Those that whoever is signed in has something to do in. */
export function useCourses() {
  return useQuery({ queryKey: coursesKey, queryFn: async () => body(await api.GET('/api/courses')) });
}

export function useCourse(course: number) {
  return useQuery({
    queryKey: courseKey(course),
    queryFn: async () => body(await api.GET('/api/courses/{id}', { params: { path: { id: course } } })),
  });
}

/** Those with an account who have no duty in the course yet. */
export function useColleagues(course: number, wanted: boolean) {
  return useQuery({
    queryKey: [...courseKey(course), 'colleagues'],
    enabled: wanted,
    queryFn: async () =>
      body(await api.GET('/api/courses/{id}/colleagues', { params: { path: { id: course } } })),
  });
}

/** A change of a course; what is shown of courses is fetched anew. */
function useCourseChange<Given, Answer>(change: (given: Given) => Promise<Answer>) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSuccess: async () => {
      await Promise.all(
        [coursesKey, ['course'], ['exercises']].map((queryKey) => queries.invalidateQueries({ queryKey })),
      );
    },
  });
}

export function useMakeCourse() {
  return useCourseChange(async (given: Api<'CourseHead'>) =>
    body(await api.POST('/api/courses', { body: given })),
  );
}

export function useRenameCourse(course: number) {
  return useCourseChange(async (given: Api<'CourseHead'>) =>
    body(await api.PUT('/api/courses/{id}', { params: { path: { id: course } }, body: given })),
  );
}

export function useGiveDuty(course: number) {
  return useCourseChange(async (given: { account: number; duty: Duty }) =>
    body(
      await api.PUT('/api/courses/{id}/staff/{account}', {
        params: { path: { id: course, account: given.account } },
        body: { duty: given.duty },
      }),
    ),
  );
}

/** Says which groups somebody looks after. */
export function useLookAfter(course: number) {
  return useCourseChange(async (given: { account: number; groups: string[] }) =>
    body(
      await api.PUT('/api/courses/{id}/staff/{account}/groups', {
        params: { path: { id: course, account: given.account } },
        body: { groups: given.groups },
      }),
    ),
  );
}

export function useRelease(course: number) {
  return useCourseChange(async (account: number) =>
    api.DELETE('/api/courses/{id}/staff/{account}', { params: { path: { id: course, account } } }),
  );
}
