import { useEffect, useRef } from 'react';

/** A field for a code that a device shows, or that stands on a list. */
export function CodeField(props: {
  id: string;
  label: string;
  value: string;
  onChange: (value: string) => void;
}) {
  const field = useRef<HTMLInputElement>(null);
  // it appears where something else was that had the focus
  useEffect(() => field.current?.focus(), []);
  return (
    <>
      <label className="mt-4 block font-semibold" htmlFor={props.id}>
        {props.label}
      </label>
      <input
        id={props.id}
        ref={field}
        className="field name mt-1"
        autoComplete="one-time-code"
        autoCapitalize="none"
        spellCheck={false}
        maxLength={40}
        value={props.value}
        onChange={(e) => props.onChange(e.target.value)}
      />
    </>
  );
}
