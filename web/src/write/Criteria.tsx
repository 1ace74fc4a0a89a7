import type { Api } from '../api/client';
import { Deeds } from './Choice';
import { Points, WrittenLine } from './fields';

type Criterion = Api<'Criterion'>;

/** What a person judges and no check can: a sentence, and levels of which one is chosen for each submission. */
export function Criteria(props: { criteria: Criterion[]; onChange: (criteria: Criterion[]) => void }) {
  const { criteria, onChange } = props;
  const set = (i: number, next: Criterion) => onChange(criteria.map((c, k) => (k === i ? next : c)));
  const exchanged = (i: number, k: number) => {
    const all = [...criteria];
    [all[i], all[k]] = [all[k]!, all[i]!];
    onChange(all);
  };
  return (
    <section id="criteria" aria-labelledby="criteria-heading" className="mt-10 scroll-mt-16">
      <h2 id="criteria-heading" className="border-b border-rule pb-1 text-[21px]">
        What a person judges
      </h2>
      {criteria.length === 0 && (
        <p className="reading mt-2 max-w-[62ch] text-soft">
          Nothing. Names, a decision that is explained: what no check can tell is a criterion with levels. Its
          points stay open until somebody has chosen one.
        </p>
      )}
      <ol aria-label="Criteria">
        {criteria.map((c, i) => (
          <li key={c.id} className="grid grid-cols-[minmax(0,1fr)_28px] gap-x-3 border-b border-rule py-3">
            <div className="min-w-0">
              <WrittenLine
                label={`Criterion ${c.id}`}
                value={c.text}
                reading
                onWritten={(text) => text.trim() !== '' && set(i, { ...c, text: text.trim() })}
              />
              <ol aria-label={`Levels of ${c.id}`} className="mt-1 grid gap-1">
                {c.levels.map((l, k) => (
                  <li key={k} className="grid grid-cols-[54px_minmax(0,1fr)_auto] items-baseline gap-3">
                    <Points
                      label={`Points of level ${k + 1} of ${c.id}`}
                      value={l.points}
                      onWritten={(points) =>
                        set(i, { ...c, levels: c.levels.map((x, n) => (n === k ? { ...x, points } : x)) })
                      }
                    />
                    <WrittenLine
                      label={`Level ${k + 1} of ${c.id}`}
                      value={l.text}
                      onWritten={(text) =>
                        text.trim() !== '' &&
                        set(i, { ...c, levels: c.levels.map((x, n) => (n === k ? { ...x, text } : x)) })
                      }
                    />
                    {c.levels.length > 1 && (
                      <button
                        type="button"
                        className="quiet text-[13px]"
                        aria-label={`Leave out level ${k + 1} of ${c.id}`}
                        onClick={() => set(i, { ...c, levels: c.levels.filter((_, n) => n !== k) })}
                      >
                        leave out
                      </button>
                    )}
                  </li>
                ))}
              </ol>
            </div>
            <Deeds
              label={`More for criterion ${c.id}`}
              deeds={[
                {
                  text: 'One more level',
                  run: () =>
                    set(i, { ...c, levels: [...c.levels, { points: 0, text: 'what such work is like' }] }),
                },
                { text: 'One place up', run: () => exchanged(i, i - 1), off: i === 0 },
                { text: 'One place down', run: () => exchanged(i, i + 1), off: i === criteria.length - 1 },
                { text: 'Leave it out', run: () => onChange(criteria.filter((_, k) => k !== i)) },
              ]}
            />
          </li>
        ))}
      </ol>
      <button type="button" className="act mt-3" onClick={() => onChange([...criteria, begun(criteria)])}>
        One more criterion
      </button>
    </section>
  );
}

function begun(criteria: Criterion[]): Criterion {
  const taken = new Set(criteria.map((c) => c.id));
  let n = criteria.length + 1;
  while (taken.has(`criterion-${n}`)) {
    n++;
  }
  return {
    id: `criterion-${n}`,
    text: 'Names say what things are.',
    levels: [
      { points: 2, text: 'throughout' },
      { points: 1, text: 'mostly' },
      { points: 0, text: 'one has to guess' },
    ],
  };
}
