import { useState, type FormEvent } from 'react';
import type { Edit, Sentences } from '../api/notation';
import { Points } from './fields';
import { quoted } from './step';

type Change = (edit: Edit) => Promise<void>;
type How = 'exact' | 'like' | 'matching' | 'before';

const hows: Record<How, string> = {
  exact: 'exactly',
  like: 'whatever its spaces',
  matching: 'of the shape (a regular expression)',
  before: 'the same as the code that is handed out prints',
};

function lines(text: string): string {
  return text
    .replace(/\n+$/, '')
    .split('\n')
    .map((l) => quoted(l))
    .join(' ');
}

/** A run of the program as a whole, as the notation writes it. */
export function runBlock(given: {
  name: string;
  main: string;
  words: string;
  input: string;
  how: How;
  output: string;
}): string {
  const words = given.words.trim() === '' ? [] : given.words.trim().split(/\s+/);
  const expected =
    given.how === 'before'
      ? 'expect output as before'
      : given.how === 'matching'
        ? `expect output matching ${quoted(given.output.trim())}`
        : `expect output ${given.how === 'like' ? 'like ' : ''}${lines(given.output)}`;
  return [
    `  run ${quoted(given.name.trim())} 1`,
    ...(given.main.trim() ? [`    main ${quoted(given.main.trim())}`] : []),
    ...(words.length > 0 ? [`    arguments ${words.map(quoted).join(' ')}`] : []),
    ...(given.input.trim() ? [`    input ${lines(given.input)}`] : []),
    `    ${expected}`,
  ].join('\n');
}

const nothing = { name: '', main: '', words: '', input: '', how: 'exact' as How, output: '' };

/** Puts in a run that starts the program as a whole and looks at what it prints. */
export function NewRun({ change }: { change: Change }) {
  const [given, setGiven] = useState(nothing);
  const set = (part: Partial<typeof given>) => setGiven({ ...given, ...part });
  const whole = given.name.trim() !== '' && (given.how === 'before' || given.output.trim() !== '');
  function add(event: FormEvent) {
    event.preventDefault();
    void change({ kind: 'ADDITION', text: runBlock(given) });
    setGiven(nothing);
  }
  return (
    <details className="mt-3">
      <summary className="quiet w-fit text-[14px]">One more run of the program as a whole</summary>
      <form onSubmit={add} aria-label="One more run" className="mt-2 grid max-w-[680px] gap-3 text-[14px]">
        <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-3">
          <label>
            What it shows
            <input
              className="field mt-1"
              placeholder="a quiet day"
              value={given.name}
              onChange={(e) => set({ name: e.target.value })}
            />
          </label>
          <label>
            Class that is started <span className="text-soft">left empty: the only one there is</span>
            <input
              className="field mt-1 font-code text-[13.5px]"
              value={given.main}
              onChange={(e) => set({ main: e.target.value })}
            />
          </label>
        </div>
        <label>
          Arguments <span className="text-soft">parted by spaces</span>
          <input
            className="field mt-1 font-code text-[13.5px]"
            value={given.words}
            onChange={(e) => set({ words: e.target.value })}
          />
        </label>
        <label>
          What it is given to read
          <textarea
            rows={2}
            className="field mt-1 font-code text-[13.5px]"
            value={given.input}
            onChange={(e) => set({ input: e.target.value })}
          />
        </label>
        <label>
          It prints
          <select
            className="field mt-1"
            value={given.how}
            onChange={(e) => set({ how: e.target.value as How })}
          >
            {(Object.keys(hows) as How[]).map((h) => (
              <option key={h} value={h}>
                {hows[h]}
              </option>
            ))}
          </select>
        </label>
        {given.how !== 'before' && (
          <textarea
            aria-label="What it prints"
            rows={3}
            className="field font-code text-[13.5px]"
            value={given.output}
            onChange={(e) => set({ output: e.target.value })}
          />
        )}
        <button type="submit" className="act justify-self-start" disabled={!whole}>
          Add the run
        </button>
      </form>
    </details>
  );
}

const limited: Record<string, string> = {
  seconds: 'seconds for everything that is run',
  'seconds of CPU': 'seconds of CPU for one process',
  'MB of memory': 'MB of memory',
  threads: 'threads',
  'MB of output': 'MB of output',
};

/** What running one submission may cost. */
export function Limits({ limits, change }: { limits: Sentences['limits']; change: Change }) {
  const own = limits.filter((l) => l.amount !== l.usual);
  return (
    <details className="mt-3">
      <summary className="quiet w-fit text-[14px]">
        What running one submission may cost:{' '}
        {own.length === 0 ? 'the usual' : own.map((l) => `${l.amount} ${l.of}`).join(', ')}
      </summary>
      <ul className="mt-1 grid max-w-[460px] gap-1 text-[14px]">
        {limits.map((l) => (
          <li key={l.of} className="grid grid-cols-[54px_minmax(0,1fr)] items-baseline gap-3">
            <Points
              label={`Limit: ${l.of}`}
              value={l.amount}
              whole
              onWritten={(n) => void change({ kind: 'LIMIT', place: l.of, index: Math.round(n) })}
            />
            <span>
              {limited[l.of] ?? l.of}{' '}
              <span className="text-soft">
                usual {l.usual}, at most {l.most}
              </span>
            </span>
          </li>
        ))}
      </ul>
    </details>
  );
}
