import type { LiveHandle } from '../../answers.types';
import type { Patch } from '../../tracks/acts/mergePatch';

/** In a change of the server, where the value that is turned or typed belongs (core/Figure/Live/Handle.php). */
const VALUE = '⟨value⟩';
const SIGNED = '⟨± value⟩';
const WORDS = '⟨words⟩';
const CLOCK = '⟨hours:minutes⟩';

/** A number as it is written in a formula. */
function written(value: number): string {
  return `${value < 0 ? '−' : ''}${Math.abs(value)}`;
}

function signed(value: number): string {
  return `${value < 0 ? '−' : '+'} ${Math.abs(value)}`;
}

function onClock(minutes: number): string {
  return `${Math.floor(minutes / 60) || 12}:${String(minutes % 60).padStart(2, '0')}`;
}

/** What turning a number to a value changes. */
export function turned(handle: LiveHandle, value: number): Patch {
  const [number, sum] = [written(value), signed(value)];
  return withText(handle.change, (text) =>
    text
      .replaceAll(SIGNED, sum)
      .replaceAll(VALUE, number)
      .replaceAll(CLOCK, () => onClock(value)),
  );
}

/** What typing a text changes. */
export function typed(handle: LiveHandle, text: string): Patch {
  return withText(handle.change, (each) => each.replaceAll(VALUE, () => text));
}

/** What is done with words that were marked; they are named in it. */
export function swept(change: Patch, phrase: string): Patch {
  return renamed(change, phrase) as Patch;
}

function renamed(value: unknown, phrase: string): unknown {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return value;
  return Object.fromEntries(
    Object.entries(value).map(([name, each]) => [name === WORDS ? phrase : name, renamed(each, phrase)]),
  );
}

function withText(change: Patch, write: (text: string) => string): Patch {
  return JSON.parse(JSON.stringify(change), (_, value) => (typeof value === 'string' ? write(value) : value));
}
