import { useState, type ReactNode } from 'react';

/**
 * A line that is sent once it is left or Enter is pressed; Escape puts it back.
 *
 * @param read how it is shown while it is not being written
 */
export function WrittenLine(props: {
  label: string;
  value: string;
  onWritten: (value: string) => void;
  reading?: boolean;
  placeholder?: string;
  read?: ReactNode;
}) {
  const [draft, setDraft] = useState<string>();
  const [writing, setWriting] = useState(props.read === undefined);
  const text = draft ?? props.value;
  const done = () => {
    if (draft !== undefined && draft !== props.value) {
      props.onWritten(draft);
    }
    setDraft(undefined);
    setWriting(props.read === undefined);
  };
  if (!writing) {
    return (
      <button
        type="button"
        aria-label={`${props.label}: ${props.value}. Change it`}
        className={`w-full border-b border-transparent text-left hover:border-rule ${props.reading ? 'reading' : ''}`}
        onClick={() => setWriting(true)}
      >
        {props.read}
      </button>
    );
  }
  return (
    <textarea
      aria-label={props.label}
      rows={1}
      className={`field-sizing-content w-full resize-none border-b border-transparent bg-transparent hover:border-rule focus:border-slate focus:outline-none ${
        props.reading ? 'reading' : ''
      }`}
      placeholder={props.placeholder}
      value={text}
      // eslint-disable-next-line jsx-a11y/no-autofocus -- where it was pressed to be written
      autoFocus={props.read !== undefined}
      onChange={(e) => setDraft(e.target.value)}
      onBlur={done}
      onKeyDown={(e) => {
        if (e.key === 'Enter') {
          e.preventDefault();
          e.currentTarget.blur();
        } else if (e.key === 'Escape') {
          setDraft(undefined);
          setWriting(props.read === undefined);
        }
      }}
    />
  );
}

/** A number of points in quarters, or a whole number. */
export function Points(props: {
  label: string;
  value: number;
  whole?: boolean;
  onWritten: (value: number) => void;
}) {
  const [draft, setDraft] = useState<string>();
  const done = () => {
    const n = Number((draft ?? '').replace(',', '.'));
    if (draft !== undefined && draft.trim() !== '' && Number.isFinite(n) && n !== props.value) {
      props.onWritten(n);
    }
    setDraft(undefined);
  };
  return (
    <input
      aria-label={props.label}
      inputMode="decimal"
      className="w-[46px] justify-self-end self-start border-b border-dashed border-soft bg-transparent px-1 text-right font-semibold hover:bg-tint"
      value={draft ?? String(props.value)}
      onChange={(e) => setDraft(e.target.value)}
      onBlur={done}
      onKeyDown={(e) => {
        if (e.key === 'Enter') {
          done();
        } else if (e.key === 'Escape') {
          setDraft(undefined);
        }
      }}
    />
  );
}
