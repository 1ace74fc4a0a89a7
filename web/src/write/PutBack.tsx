import type { Edit, Sentences } from '../api/notation';

/** What was left out, or never taken over, can be put in again. */
export function PutBack(props: {
  ready: Sentences['ready'];
  title: string;
  change: (edit: Edit) => Promise<void>;
}) {
  if (props.ready.length === 0) {
    return null;
  }
  return (
    <details className="mt-3">
      <summary className="quiet w-fit text-[14px]">
        {props.title}: {props.ready.length}
      </summary>
      <ul>
        {props.ready.map((r) => (
          <li
            key={r.text}
            className="flex items-baseline justify-between gap-4 border-b border-dotted border-rule py-1.5"
          >
            <span className="reading min-w-0 text-soft">{r.text}</span>
            <button
              type="button"
              className="quiet shrink-0 text-[14px]"
              aria-label={`Put in: ${r.text}`}
              onClick={() => void props.change({ kind: 'ADDITION', text: r.block })}
            >
              put in
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
