import { diffWordsWithSpace } from 'diff';
import { useMemo } from 'react';
import type { Api } from '../api/client';

/** Where the texts are longer than this, only lines are compared and shown. */
const LONGEST = 6_000;

/** What came beside what was expected, with what differs marked: what is missing struck in madder, what is too much underlined. */
export function Compared({ comparison }: { comparison: Api<'Comparison'> }) {
  const { expected, came } = comparison;
  const parts = useMemo(
    () => diffWordsWithSpace(expected.slice(0, LONGEST), came.slice(0, LONGEST)),
    [expected, came],
  );
  return (
    <figure className="mt-2 border border-rule bg-paper">
      <figcaption className="flex flex-wrap gap-x-5 px-2 py-1 text-[12.5px] text-soft">
        <span>{comparison.of}</span>
        <span>
          <del className="bg-madder-wash text-madder">expected and not there</del>
        </span>
        <span>
          <ins className="bg-ochre-wash text-ochre">there and not expected</ins>
        </span>
      </figcaption>
      <pre
        tabIndex={0}
        aria-label={`${comparison.of}, compared with what was expected`}
        className="max-h-[320px] overflow-auto px-2 pb-2 font-code text-[12.8px] leading-[20px] whitespace-pre-wrap"
      >
        {parts.map((p, i) =>
          p.added ? (
            <ins key={i} className="bg-ochre-wash text-ochre">
              {visible(p.value)}
            </ins>
          ) : p.removed ? (
            <del key={i} className="bg-madder-wash text-madder">
              {visible(p.value)}
            </del>
          ) : (
            <span key={i}>{p.value}</span>
          ),
        )}
        {(expected.length > LONGEST || came.length > LONGEST) && ' …'}
      </pre>
    </figure>
  );
}

/** The end of a line that differs can be seen. */
function visible(text: string): string {
  return text.replace(/\n/g, '⏎\n');
}
