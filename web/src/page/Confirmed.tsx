import { useState, type ReactNode } from 'react';

/**
 * Something that takes away, and asks once more before it does.
 *
 * @param text what is pressed first
 * @param label the same for those who do not see beside what it stands
 * @param now what is pressed to do it
 * @param about what is lost by it, shown when it is asked
 */
export function Confirmed(props: {
  text: string;
  label?: string;
  now: string;
  about?: ReactNode;
  busy?: boolean;
  onConfirm: () => void;
}) {
  const [asked, setAsked] = useState(false);
  return asked ? (
    <span>
      {props.about}{' '}
      <button
        type="button"
        className="quiet font-semibold text-madder"
        disabled={props.busy}
        onClick={() => {
          setAsked(false);
          props.onConfirm();
        }}
      >
        {props.now}
      </button>{' '}
      <button type="button" className="quiet ml-2" onClick={() => setAsked(false)}>
        Keep it
      </button>
    </span>
  ) : (
    <button type="button" className="quiet" aria-label={props.label} onClick={() => setAsked(true)}>
      {props.text}
    </button>
  );
}
