export function Wordmark() {
  return (
    <span className="inline-flex items-center gap-2 text-lg font-semibold text-ink">
      <svg width="28" height="24" viewBox="0 0 32 28" aria-hidden="true">
        <path d="M4 20a12 12 0 0 1 24 0z" fill="#FFF6C9" stroke="#6E5800" strokeWidth="2" />
        <path d="M1 24h30" stroke="#0B5A60" strokeWidth="3" strokeLinecap="round" />
      </svg>
      Daybright Lesson
    </span>
  );
}
