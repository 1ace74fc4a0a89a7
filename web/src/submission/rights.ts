import { createContext, use } from 'react';
import type { Api } from '../api/client';

export type Right = Api<'CourseView'>['rights'][number];

/** What whoever reads the page may do in its course. */
export const Rights = createContext<Right[]>([]);

/** Whether whoever reads may do that; what they may not is not offered. */
export function useRight(right: Right): boolean {
  return use(Rights).includes(right);
}
