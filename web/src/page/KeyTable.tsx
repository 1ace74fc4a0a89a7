import { useState } from 'react';
import { OverSheet } from './Sheet';
import { useKeys, useKeysOn } from './useKeys';

/** Keys and what they do. */
export type KeyLine = { keys: string[]; does: string };

/** Tells the keys of a page, and lets them be switched off; opened by a button and by the question mark. */
export function KeyTable({ groups }: { groups: { title: string; lines: KeyLine[] }[] }) {
  const [open, setOpen] = useState(false);
  const [on, setOn] = useKeysOn();
  useKeys({ '?': () => setOpen(true) });
  return (
    <>
      <button type="button" className="quiet mt-7 text-[14px]" onClick={() => setOpen(true)}>
        Keys {on ? <kbd className="key">?</kbd> : '(off)'}
      </button>
      <OverSheet title="Keys of this page" open={open} onClose={() => setOpen(false)}>
        <div className="mt-3 grid gap-x-10 gap-y-5 sm:grid-cols-2">
          {groups.map((g) => (
            <section key={g.title} aria-label={g.title}>
              <p className="margin-heading">{g.title}</p>
              <dl className="mt-1">
                {g.lines.map((l) => (
                  <div key={l.does} className="flex gap-3 border-b border-dotted border-rule py-1">
                    <dt className="w-[64px] shrink-0">
                      {l.keys.map((k) => (
                        <kbd key={k} className="key mr-1">
                          {k}
                        </kbd>
                      ))}
                    </dt>
                    <dd>{l.does}</dd>
                  </div>
                ))}
              </dl>
            </section>
          ))}
        </div>
        <label className="mt-5 flex items-baseline gap-2">
          <input type="checkbox" checked={on} onChange={(e) => setOn(e.target.checked)} />
          Single keys act on pages
        </label>
        <p className="text-[13.5px] text-soft">
          Switch them off where speech or other input may send letters. Everything they do has a button as
          well.
        </p>
        <button type="button" className="act mt-4" onClick={() => setOpen(false)}>
          Go on
        </button>
      </OverSheet>
    </>
  );
}
