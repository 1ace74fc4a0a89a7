import { useEffect, useState, type ReactNode } from 'react';

/** Milliseconds in which what is read first is painted. */
const FIRST = 40;

/** What stands further down and is drawn once the beginning of the page can be read. */
export function Later({ children }: { children: ReactNode }) {
  const [now, setNow] = useState(false);
  useEffect(() => {
    const wait = setTimeout(() => setNow(true), FIRST);
    return () => clearTimeout(wait);
  }, []);
  return now ? children : null;
}
