import { useEffect, useRef } from 'react';

/** The row with a claim's key. */
function rowOf(item: string): HTMLElement | null {
  return document.querySelector<HTMLElement>(`[data-item="${CSS.escape(item)}"]`);
}

/** Which claim the keyboard is on: the one that has the focus, or had it last. */
export function useCursor() {
  const last = useRef<string>(undefined);
  useEffect(() => {
    function onFocus(e: FocusEvent) {
      const row = (e.target as HTMLElement).closest<HTMLElement>('[data-item]');
      if (row) {
        last.current = row.dataset.item;
      }
    }
    document.addEventListener('focusin', onFocus);
    return () => document.removeEventListener('focusin', onFocus);
  }, []);

  function to(item: string | undefined) {
    const row = item === undefined ? null : rowOf(item);
    if (row) {
      row.focus({ preventScroll: true });
      row.scrollIntoView({ block: 'nearest', behavior: still() ? 'auto' : 'smooth' });
    }
  }

  return {
    at: () => last.current,
    row: rowOf,
    to,
    /** To the next of them, or the one before; from nowhere to the first. */
    move: (items: string[], by: 1 | -1) => {
      const here = last.current === undefined ? -1 : items.indexOf(last.current);
      to(items[here < 0 ? 0 : Math.min(items.length - 1, Math.max(0, here + by))]);
    },
  };
}

/** Whether whoever reads wants nothing to move. */
function still(): boolean {
  return window.matchMedia('(prefers-reduced-motion: reduce)').matches;
}
