import type { ShownVerdict } from '@lupin/core';

export const verdictWords: Record<ShownVerdict, string> = {
  clear: 'clear',
  check: 'check',
  adaptable: 'adaptable',
  conflict: 'conflict',
};

export const verdictMeaning: Record<ShownVerdict, string> = {
  clear: 'nothing in the way that is known',
  check: 'something to read or ask',
  adaptable: 'not as written; a swap does it',
  conflict: 'not for this guest',
};

/** A verdict's own shape: a small full disc, a question in a broken ring, a half-filled disc, a barred square turned on its corner. */
export function VerdictMark({
  verdict,
  size = 20,
  quiet = false,
}: {
  verdict: ShownVerdict;
  size?: number;
  quiet?: boolean;
}) {
  return (
    <svg
      className={`v-${verdict}`}
      width={size}
      height={size}
      viewBox="0 0 20 20"
      role="img"
      aria-label={verdictWords[verdict]}
      opacity={quiet ? 0.45 : 1}
    >
      {verdict === 'clear' && <circle cx="10" cy="10" r="4.6" fill="currentColor" />}
      {verdict === 'check' && (
        <>
          <circle
            cx="10"
            cy="10"
            r="8.2"
            fill="var(--straw-soft)"
            stroke="currentColor"
            strokeWidth="1.8"
            strokeDasharray="3.2 2"
          />
          <text x="10" y="14.2" textAnchor="middle" fontSize="12" fontWeight="800" fill="currentColor">
            ?
          </text>
        </>
      )}
      {verdict === 'adaptable' && (
        <>
          <circle cx="10" cy="10" r="8" fill="var(--card)" stroke="currentColor" strokeWidth="1.8" />
          <path d="M10 2a8 8 0 0 1 0 16z" fill="currentColor" />
        </>
      )}
      {verdict === 'conflict' && (
        <>
          <rect
            x="3.9"
            y="3.9"
            width="12.2"
            height="12.2"
            rx="2"
            transform="rotate(45 10 10)"
            fill="var(--clay-soft)"
            stroke="currentColor"
            strokeWidth="1.8"
          />
          <path d="M6.4 10h7.2" stroke="currentColor" strokeWidth="2.4" strokeLinecap="round" />
        </>
      )}
    </svg>
  );
}
