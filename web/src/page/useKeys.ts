import { useEffect, useRef, useSyncExternalStore } from 'react';

const STORED = 'hausaufgabe.single-keys';
const listeners = new Set<() => void>();

/** Whether single keys act; whoever steers by voice or types with tremor switches them off. */
export function useKeysOn(): [boolean, (on: boolean) => void] {
  const on = useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    keysOn,
    () => true,
  );
  return [
    on,
    (next) => {
      localStorage.setItem(STORED, next ? 'on' : 'off');
      listeners.forEach((l) => l());
    },
  ];
}

function keysOn(): boolean {
  return localStorage.getItem(STORED) !== 'off';
}

/** Single keys that do something on a page, while nothing is being typed and nothing lies over the page. */
export function useKeys(keys: Record<string, () => void>) {
  const current = useRef(keys);
  useEffect(() => {
    current.current = keys;
  });
  useEffect(() => {
    function onKey(event: KeyboardEvent) {
      const target = event.target as HTMLElement;
      const typing = target.closest('input, textarea, select, [contenteditable], [role=menu]') !== null;
      const covered = document.querySelector('[role=dialog]') !== null;
      if (typing || covered || event.ctrlKey || event.metaKey || event.altKey || !keysOn()) {
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
