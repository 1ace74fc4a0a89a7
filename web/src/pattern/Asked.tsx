import type { Api } from '../api/client';
import { Seal } from '../seal/Seal';
import { spoken } from '../seal/roles';
import { points } from '../page/count';

/** What every submission is asked, with the places of the student's own names held by the roles' seals. */
export function Asked({
  patterns,
  criteria = [],
  hints = false,
}: {
  patterns: Api<'PatternView'>[];
  criteria?: Api<'Criterion'>[];
  hints?: boolean;
}) {
  const roles = patterns.flatMap((p) => p.roles.map((r) => r.name));
  const scenarios = patterns.flatMap((p) => p.scenarios);
  return (
    <section id="asked" aria-labelledby="asked-heading" className="mt-9 scroll-mt-16">
      <h2 id="asked-heading" className="border-b border-rule pb-1 text-[21px]">
        What is asked
      </h2>
      {patterns.map((p) => (
        <div key={p.id}>
          {patterns.length > 1 && <h3 className="mt-4 text-[17px]">{p.title}</h3>}
          {p.forms.length > 1 && (
            <p className="mt-2 text-soft">
              As it is asked of the form “{p.forms[0]?.name}”. Also taken:{' '}
              {p.forms
                .slice(1)
                .map((f) => f.name)
                .join(', ')}
              .
            </p>
          )}
          <ol className="mt-2">
            {p.requirements.map((r) => (
              <li
                key={r.id}
                className="grid grid-cols-[1fr_auto] gap-6 border-b border-dotted border-rule py-2"
              >
                <span className="reading">
                  <Template text={r.text} roles={roles} />
                  {r.essential && <span className="ml-2 font-ui text-[13px] text-soft">essential</span>}
                  {hints && r.hint && (
                    <span className="block text-soft italic">
                      <Template text={r.hint} roles={roles} />
                    </span>
                  )}
                </span>
                <Worth n={r.points} />
              </li>
            ))}
          </ol>
        </div>
      ))}
      {scenarios.length > 0 && <h3 className="mt-5 text-[17px]">What it must do when run</h3>}
      <ol>
        {scenarios.map((s) => (
          <li
            key={s.id}
            className="grid grid-cols-[1fr_auto] gap-6 border-b border-dotted border-rule py-1.5"
          >
            <span className="reading">{s.text}.</span>
            <Worth n={s.points} />
          </li>
        ))}
      </ol>
      {criteria.length > 0 && <h3 className="mt-5 text-[17px]">What a person judges</h3>}
      <ol>
        {criteria.map((c) => (
          <li
            key={c.id}
            className="grid grid-cols-[1fr_auto] gap-6 border-b border-dotted border-rule py-1.5"
          >
            <span className="reading">
              {c.text}{' '}
              <span className="text-soft">
                {c.levels.map((l) => `${l.text} (${points(l.points)})`).join(', ')}
              </span>
            </span>
            <Worth n={Math.max(...c.levels.map((l) => l.points))} />
          </li>
        ))}
      </ol>
    </section>
  );
}

function Worth({ n }: { n: number }) {
  return (
    <span className="pt-1 text-soft">
      {points(n)} {n === 1 ? 'point' : 'points'}
    </span>
  );
}

/** A sentence whose names in braces are shown as seals and code. */
export function Template({ text, roles }: { text: string; roles: string[] }) {
  return (
    <>
      {text.split(/(\{[^}]*\})/).map((part, i) => {
        const name = part.startsWith('{') ? part.slice(1, -1) : null;
        if (!name) {
          return part;
        }
        return roles.includes(name) ? (
          <span key={i} className="whitespace-nowrap">
            <Seal role={name} /> {i === 1 && text.startsWith('{') ? spoken(name) : spoken(name).toLowerCase()}
          </span>
        ) : (
          <code key={i} className="name">
            {name}()
          </code>
        );
      })}
    </>
  );
}
