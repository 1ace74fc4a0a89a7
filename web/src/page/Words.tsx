import type { Api } from '../api/client';
import { Seal } from '../seal/Seal';

/** A sentence of a report: names of the submission stand out, and carry the seal of the role they play. */
export function Words({ sentence }: { sentence: Api<'Sentence'> }) {
  return (
    <>
      {sentence.pieces.map((p, i) => (
        <span key={i}>
          {p.role && (
            <>
              <Seal role={p.role} />{' '}
            </>
          )}
          {p.isCode ? <code className="name">{p.text}</code> : p.text}
        </span>
      ))}
    </>
  );
}
