import type { ReactNode } from 'react';
import { useSession } from '../api/session';

/** One address, and a page each for staff and for students. */
export function ByRole({ staff, student }: { staff: ReactNode; student: ReactNode }) {
  return useSession().data?.person?.role === 'STUDENT' ? student : staff;
}
