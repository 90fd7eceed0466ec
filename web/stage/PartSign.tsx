import { PARTS, type PartKind } from '../parts';

/** The hour of a part: the sun on its way over the horizon, and a crescent for the night. */
export function PartSign({ kind, size = 18 }: { kind: PartKind; size?: number }) {
  const number = PARTS.findIndex((part) => part.kind === kind);
  const angle = Math.PI - (Math.PI * number) / 6;
  const x = 12 + 8 * Math.cos(angle);
  const y = 17 - 11 * Math.sin(angle);
  return (
    <svg width={size} height={size} viewBox="0 0 24 24" aria-hidden="true" className="shrink-0">
      <path d="M2 19h20" stroke="currentColor" strokeWidth="2" strokeLinecap="round" />
      {kind === 'afterwards' ? (
        <path d="M15 4a6.5 6.5 0 1 0 4 11A7.5 7.5 0 0 1 15 4z" fill="currentColor" />
      ) : (
        <circle cx={x} cy={Math.min(y, 17)} r="4" fill="currentColor" />
      )}
    </svg>
  );
}
