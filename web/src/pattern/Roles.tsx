import type { Api } from '../api/client';
import { Seal } from '../seal/Seal';
import { spoken } from '../seal/roles';
import { RoleDiagram } from './RoleDiagram';

/** The roles of the patterns that an exercise asks for, each pattern as a diagram of its own. */
export function Roles({ patterns }: { patterns: Api<'PatternView'>[] }) {
  return (
    <div className="mt-4 grid gap-8">
      {patterns.map((p) => (
        <div key={p.id}>
          {patterns.length > 1 && <h3 className="text-[17px]">{p.title}</h3>}
          <p className="reading mb-4 text-soft italic">{p.intent}</p>
          <RoleDiagram pattern={p} />
          {p.roles
            .filter((r) => r.sameAs)
            .map((r) => (
              <p key={r.name} className="mt-2">
                <Seal role={r.name} /> {spoken(r.name)} is played by the same type as{' '}
                <Seal role={r.sameAs!} /> {spoken(r.sameAs!)}.
              </p>
            ))}
        </div>
      ))}
    </div>
  );
}
