import { useEffect, useRef } from 'react';

/** Single keys that do something on a page, while nothing is being typed. */
export function useKeys(keys: Record<string, () => void>) {
  const current = useRef(keys);
  useEffect(() => {
    current.current = keys;
  });
  useEffect(() => {
    function onKey(event: KeyboardEvent) {
      const target = event.target as HTMLElement;
      const typing = target.closest('input, textarea, select, [contenteditable], [role=menu]') !== null;
      if (typing || event.ctrlKey || event.metaKey || event.altKey) {
        return;
      }
      const act = current.current[event.key];
      if (act) {
        event.preventDefault();
        act();
      }
    }
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}
