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

/** A day as it is written where the reader lives. */
export function day(date: string, style: Intl.DateTimeFormatOptions = { day: 'numeric', month: 'long' }): string {
  // A day without an hour is that day everywhere: noon is on it in almost every place.
  return new Date(date.length === 10 ? `${date}T12:00` : date).toLocaleDateString(undefined, style);
}

/** A day and an hour as they are written where the reader lives. */
export function moment(time: string): string {
  return new Date(time).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' });
}

export function bytes(count: number): string {
  return count < 1_000_000 ? `${Math.max(1, Math.round(count / 1000))} kB` : `${(count / 1_000_000).toFixed(1)} MB`;
}
