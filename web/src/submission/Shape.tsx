import { useMemo, useState } from 'react';
import type { Api } from '../api/client';
import { ClassDiagram } from '../diagram/ClassDiagram';
import { ofPattern, ofSubmission, SMALL } from '../diagram/drawing';
import { counted } from '../page/count';

/** The submission as a class diagram, and the pattern's own beside it when asked. */
export function Shape(props: {
  diagram: Api<'ClassDiagram'> | undefined;
  patterns: Api<'PatternView'>[];
  name: string;
  onType?: (id: string) => void;
}) {
  const { diagram, patterns } = props;
  const others = diagram?.classifiers.filter((c) => c.roles.length === 0).length ?? 0;
  const [whole, setWhole] = useState((diagram?.classifiers.length ?? 0) <= SMALL);
  const [beside, setBeside] = useState(false);
  const nobody = diagram?.classifiers.every((c) => c.roles.length === 0) ?? true;
  const drawing = useMemo(() => diagram && ofSubmission(diagram, whole || nobody), [diagram, whole, nobody]);
  const roles = useMemo(
    () => patterns.map((p) => ({ id: p.id, title: p.title, drawing: ofPattern(p) })),
    [patterns],
  );
  return (
    <section id="shape" aria-labelledby="shape-heading" className="mt-8 scroll-mt-16">
      <h2 id="shape-heading" tabIndex={-1} className="border-b border-rule pb-1 text-[21px]">
        Its shape
      </h2>
      {!diagram || !drawing ? (
        <p className="reading mt-2 text-soft">
          This was checked before shapes were drawn. Have it checked again to see its class diagram.
        </p>
      ) : drawing.boxes.length === 0 ? (
        <p className="reading mt-2 text-soft">It declares no types, so there is nothing to draw.</p>
      ) : (
        <>
          <div className="mt-2 mb-2 flex flex-wrap gap-x-6 gap-y-1 text-[14px]">
            {others > 0 && !nobody && (
              <label className="flex items-baseline gap-2">
                <input type="checkbox" checked={whole} onChange={(e) => setWhole(e.target.checked)} />
                {counted(others, 'type')} that {others === 1 ? 'plays' : 'play'} no role
              </label>
            )}
            {patterns.length > 0 && (
              <label className="flex items-baseline gap-2">
                <input type="checkbox" checked={beside} onChange={(e) => setBeside(e.target.checked)} />
                the pattern itself
              </label>
            )}
            {diagram.leftOut > 0 && (
              <span className="text-soft">{counted(diagram.leftOut, 'type')} more than can be drawn</span>
            )}
          </div>
          <ClassDiagram
            drawing={drawing}
            about={`Class diagram, ${counted(drawing.boxes.length, 'type')}`}
            name={props.name}
            onBox={props.onType}
          />
          {beside &&
            roles.map((p) => (
              <div key={p.id} className="mt-5">
                <p className="margin-heading mb-2">{p.title}, as it is asked for</p>
                <ClassDiagram
                  drawing={p.drawing}
                  about={`Class diagram of the roles of ${p.title}`}
                  name={p.id}
                />
              </div>
            ))}
        </>
      )}
    </section>
  );
}
