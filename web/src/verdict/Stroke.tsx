import { inks, words, type Verdict } from './verdict';

const dashes: Record<Verdict, string | undefined> = {
  MET: undefined,
  PARTLY: '7 4',
  MISSING: undefined,
  UNCLEAR: '0.1 8',
  NOT_APPLICABLE: undefined,
};

/**
 * The rule in the margin that stands for a verdict: whole, dashed, broken in the middle, dotted, or none. It fills the
 * height it is given.
 */
export function Stroke({ verdict }: { verdict: Verdict }) {
  return (
    <span aria-hidden className={`relative min-h-[26px] w-[5px] shrink-0 self-stretch ${inks[verdict]}`}>
      <svg className="absolute inset-0 h-full w-full" preserveAspectRatio="none">
        {verdict === 'MISSING' ? (
          <>
            <line x1="2.5" x2="2.5" y1="0" y2="38%" stroke="currentColor" strokeWidth="4.5" />
            <line x1="2.5" x2="2.5" y1="62%" y2="100%" stroke="currentColor" strokeWidth="4.5" />
          </>
        ) : verdict === 'NOT_APPLICABLE' ? null : (
          <line
            x1="2.5"
            x2="2.5"
            y1={verdict === 'UNCLEAR' ? 3 : 0}
            y2="100%"
            stroke="currentColor"
            strokeWidth={verdict === 'UNCLEAR' ? 4 : 4.5}
            strokeLinecap={verdict === 'UNCLEAR' ? 'round' : 'butt'}
            strokeDasharray={dashes[verdict]}
          />
        )}
      </svg>
    </span>
  );
}

/** The same stroke, small, in a row with others: what it is about is told on hover and to screen readers. */
export function SmallStroke({ verdict, label }: { verdict: Verdict; label: string }) {
  const text = `${words[verdict]}: ${label}`;
  return (
    <svg role="img" aria-label={text} viewBox="0 0 6 18" className={`h-[18px] w-[6px] ${inks[verdict]}`}>
      <title>{text}</title>
      {verdict === 'MISSING' && <path d="M3 0v6.5M3 11.5v6.5" stroke="currentColor" strokeWidth="3.2" />}
      {verdict === 'MET' && <path d="M3 0v18" stroke="currentColor" strokeWidth="3.2" />}
      {verdict === 'PARTLY' && (
        <path d="M3 0v18" stroke="currentColor" strokeWidth="3.2" strokeDasharray="4 2.9" />
      )}
      {verdict === 'UNCLEAR' && (
        <path
          d="M3 2v15"
          stroke="currentColor"
          strokeWidth="3.2"
          strokeLinecap="round"
          strokeDasharray="0.1 4.6"
        />
      )}
      {verdict === 'NOT_APPLICABLE' && <path d="M3 8v2" stroke="currentColor" strokeWidth="2" />}
    </svg>
  );
}
