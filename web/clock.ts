/** 75 becomes “1:15”. */
export function clock(seconds: number): string {
  const whole = Math.max(0, Math.round(seconds));
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

/** For the ear: “1 minute 15 seconds”. */
export function spokenTime(seconds: number): string {
  const whole = Math.max(0, Math.round(seconds));
  const minutes = Math.floor(whole / 60);
  const rest = whole % 60;
  const parts = [
    minutes > 0 ? `${minutes} ${minutes === 1 ? 'minute' : 'minutes'}` : '',
    rest > 0 || minutes === 0 ? `${rest} ${rest === 1 ? 'second' : 'seconds'}` : '',
  ];
  return parts.filter(Boolean).join(' ');
}

export function bytes(count: number): string {
  return count < 1_000_000 ? `${Math.max(1, Math.round(count / 1000))} kB` : `${(count / 1_000_000).toFixed(1)} MB`;
}
