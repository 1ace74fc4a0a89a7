import { useCallback, useEffect, useRef, useState } from 'react';

/** Milliseconds within which what is typed counts as one step. */
const ONE_STEP = 1_200;
const MOST = 200;

/** Steps back and forth through a text, whoever changed it here. */
export function useUndo(text: string, change: (text: string) => void) {
  const past = useRef<string[]>([]);
  const future = useRef<string[]>([]);
  const last = useRef({ at: 0, typed: false });
  const [depth, setDepth] = useState({ back: 0, forth: 0 });
  const counted = () => setDepth({ back: past.current.length, forth: future.current.length });

  /** @param typed letter by letter, where several changes are one step */
  const write = useCallback(
    (next: string, typed: boolean) => {
      if (next === text) {
        return;
      }
      const now = Date.now();
      const goesOn = typed && last.current.typed && now - last.current.at < ONE_STEP;
      last.current = { at: now, typed };
      if (!goesOn) {
        past.current = [...past.current, text].slice(-MOST);
      }
      future.current = [];
      counted();
      change(next);
    },
    [text, change],
  );

  const step = useCallback(
    (from: typeof past, to: typeof past) => {
      const next = from.current.at(-1);
      if (next !== undefined) {
        from.current = from.current.slice(0, -1);
        to.current = [...to.current, text];
        last.current = { at: 0, typed: false };
        counted();
        change(next);
      }
    },
    [text, change],
  );

  return {
    write,
    undo: useCallback(() => step(past, future), [step]),
    redo: useCallback(() => step(future, past), [step]),
    canUndo: depth.back > 0,
    canRedo: depth.forth > 0,
  };
}

/** Undo and redo by the usual keys, outside of fields that have steps of their own. */
export function useUndoKeys(undo: () => void, redo: () => void) {
  useEffect(() => {
    function onKey(e: KeyboardEvent) {
      const inField = e.target instanceof HTMLElement && e.target.closest('textarea, input, .cm-editor');
      if ((e.ctrlKey || e.metaKey) && e.key.toLowerCase() === 'z' && !inField) {
        e.preventDefault();
        if (e.shiftKey) {
          redo();
        } else {
          undo();
        }
      }
    }
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [undo, redo]);
}
