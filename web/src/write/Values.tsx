import { useState, type FormEvent } from 'react';
import type { Sentences } from '../api/notation';
import type { ChangePart } from './parts';
import { quoted } from './step';

type Sort = 'text' | 'shape' | 'number' | 'range' | 'type';

const sorts: Record<Sort, { words: string; hint: string }> = {
  text: { words: 'these texts', hint: 'B-117, C-020' },
  shape: { words: 'texts of the shape', hint: '[A-Z]-[0-9]{3}' },
  number: { words: 'these numbers', hint: '1, 5, 40' },
  range: { words: 'numbers from … to …', hint: '1 to 40' },
  type: { words: 'constants or texts of a type', hint: 'SPRING, NEAP' },
};

function listed(text: string): string[] {
  return text
    .split(',')
    .map((t) => t.trim())
    .filter(Boolean);
}

/** A line of the notation made of what was chosen. */
export function valuesLine(given: {
  sort: Sort;
  type: string;
  role: string;
  words: string;
  values: string;
}): string {
  const of = given.role ? ` of ${given.role}` : '';
  const called = given.words.trim() ? ` ${quoted(given.words.trim())}` : '';
  switch (given.sort) {
    case 'text':
      return `  values text${of}${called} ${listed(given.values).map(quoted).join(', ')}`;
    case 'shape':
      return `  values text${of}${called} matching ${quoted(given.values.trim())}`;
    case 'number':
      return `  values number${of}${called} ${listed(given.values).join(', ')}`;
    case 'range':
      return `  values number${of}${called} ${given.values.trim()}`;
    case 'type':
      return `  values ${given.type.trim()}${of} ${listed(given.values).map(quoted).join(', ')}`;
  }
}

/** Which values are valid in this exercise's world, so that programs with rules of their own can be run. */
export function Values(props: { parts: Sentences[]; change: ChangePart }) {
  const [given, setGiven] = useState({ sort: 'text' as Sort, type: '', role: '', words: '', values: '' });
  const roles = props.parts.flatMap((s) => s.names.filter((n) => n.kind === 'ROLE'));
  const values = props.parts.flatMap((s, part) => s.values.map((v) => ({ ...v, part })));
  // a line that names a role stands with the pattern that has it
  const part = Math.max(
    0,
    props.parts.findIndex((s) => s.names.some((n) => n.name === given.role)),
  );
  const set = (part: Partial<typeof given>) => setGiven({ ...given, ...part });

  function add(event: FormEvent) {
    event.preventDefault();
    void props.change({ kind: 'ADDITION', text: valuesLine(given) }, part);
    set({ values: '', words: '' });
  }

  return (
    <section id="values" aria-labelledby="values-heading" className="mt-10 scroll-mt-16">
      <h2 id="values-heading" className="border-b border-rule pb-1 text-[21px]">
        Values that are valid
      </h2>
      <p className="reading mt-2 max-w-[62ch] text-soft">
        Programs refuse what makes no sense in their world. What is said here is tried first when they are
        run.
      </p>
      <ul aria-label="Valid values">
        {values.map((v) => (
          <li
            key={`${v.part} ${v.place}`}
            className="flex items-baseline justify-between gap-4 border-b border-dotted border-rule py-1.5"
          >
            <code className="min-w-0 font-code text-[13.5px] break-words">{v.text}</code>
            <button
              type="button"
              className="quiet shrink-0 text-[14px]"
              aria-label={`Leave out: ${v.text}`}
              onClick={() => void props.change({ kind: 'REMOVAL', place: v.place }, v.part)}
            >
              leave out
            </button>
          </li>
        ))}
      </ul>
      <form
        onSubmit={add}
        aria-label="One more line of values"
        className="mt-3 flex flex-wrap items-end gap-3"
      >
        <label className="grid justify-items-start text-[14px]">
          Valid are
          <select
            className="field mt-1 w-auto"
            value={given.sort}
            onChange={(e) => set({ sort: e.target.value as Sort })}
          >
            {(Object.keys(sorts) as Sort[]).map((s) => (
              <option key={s} value={s}>
                {sorts[s].words}
              </option>
            ))}
          </select>
        </label>
        {given.sort === 'type' ? (
          <label className="grid justify-items-start text-[14px]">
            Type
            <input
              className="field mt-1 w-[120px]"
              value={given.type}
              onChange={(e) => set({ type: e.target.value })}
            />
          </label>
        ) : (
          <label className="grid justify-items-start text-[14px]">
            for names with
            <input
              className="field mt-1 w-[150px]"
              placeholder="berth, platz"
              value={given.words}
              onChange={(e) => set({ words: e.target.value })}
            />
          </label>
        )}
        <label className="grid justify-items-start text-[14px]">
          in
          <select
            className="field mt-1 w-auto"
            value={given.role}
            onChange={(e) => set({ role: e.target.value })}
          >
            <option value="">any type</option>
            {roles.map((r) => (
              <option key={r.name}>{r.name}</option>
            ))}
          </select>
        </label>
        <label className="grid min-w-[160px] flex-1 text-[14px]">
          Values
          <input
            className="field mt-1"
            placeholder={sorts[given.sort].hint}
            value={given.values}
            onChange={(e) => set({ values: e.target.value })}
          />
        </label>
        <button type="submit" className="act" disabled={given.values.trim() === ''}>
          Add them
        </button>
      </form>
    </section>
  );
}
