import { useMemo } from 'react';
import type { Api } from '../api/client';
import { ClassDiagram } from '../diagram/ClassDiagram';
import { ofPattern } from '../diagram/drawing';
import { Seal } from '../seal/Seal';
import { spoken } from '../seal/roles';

/** The roles of a pattern as a UML class diagram, and what each is for. */
export function RoleDiagram({ pattern }: { pattern: Api<'PatternView'> }) {
  const drawing = useMemo(() => ofPattern(pattern), [pattern]);
  return (
    <>
      <ClassDiagram drawing={drawing} about={`Class diagram of the roles of ${pattern.title}`} fixed />
      <dl className="mt-4 grid gap-y-1">
        {pattern.roles.map((r) => (
          <div key={r.name} className="flex items-baseline gap-2">
            <dt className="flex items-baseline gap-2 whitespace-nowrap">
              <Seal role={r.name} />
              <span className="font-semibold">{spoken(r.name)}</span>
            </dt>
            <dd className="font-read text-[15px] text-soft">{r.doc}</dd>
          </div>
        ))}
      </dl>
    </>
  );
}
