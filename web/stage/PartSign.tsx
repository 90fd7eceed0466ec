import { PARTS, type PartKind } from '../parts';

/** The hour of a part: the sun on its way over the horizon, and a crescent for the night. */
export function PartSign({ kind, size = 18 }: { kind: PartKind; size?: number }) {
  const number = PARTS.findIndex((part) => part.kind === kind);
  const angle = Math.PI * (0.92 - 0.14 * number);
  const x = 12 + 8 * Math.cos(angle);
  const y = 19 - 13 * Math.sin(angle);
  return (
    <svg width={size} height={size} viewBox="0 0 24 24" aria-hidden="true" className="shrink-0">
      <path d="M2 19h20" stroke="currentColor" strokeWidth="2" strokeLinecap="round" />
      {kind === 'afterwards' ? (
        <path d="M15 4a6.5 6.5 0 1 0 4 11A7.5 7.5 0 0 1 15 4z" fill="currentColor" />
      ) : (
        <circle cx={x} cy={y} r="4" fill="currentColor" />
      )}
    </svg>
  );
}
