/** What ten seconds of a microphone told: levels in decibels below the loudest that it can take. */
export interface Heard {
  /** Of the room while nobody spoke. */
  noise: number;
  /** Of the voice. */
  voice: number;
  /** Share of the moments of speaking that were cut off. */
  clipped: number;
  /** By how much the tone from the loudspeaker stood out of the room, in decibels. */
  echo: number;
  /** Milliseconds from playing the tone to hearing it; nothing where it was not heard. */
  delay: number | null;
}

export interface Advice {
  isGood: boolean;
  sentence: string;
}

/** Decibels by which a tone stands out that is heard for certain. */
const HEARD = 12;

/** Speech is followed with ease when it stands so far out of the room (common practice in recording). */
const STANDS_OUT = 20;

const QUIETEST_VOICE = -36;
const LOUDEST_VOICE = -12;
const LOUD_ROOM = -48;
const LONG_DELAY = 250;

/** What to do about it, the most important first; one sentence where all is well. */
export function advise(heard: Heard): Advice[] {
  const found: string[] = [];
  const isLoud = heard.clipped > 0.01 || heard.voice > LOUDEST_VOICE;
  const isHeard = isLoud || heard.voice - heard.noise >= STANDS_OUT / 2;
  if (isLoud) found.push('The voice is too loud and will crackle. Move the microphone away a little.');
  else if (!isHeard) found.push('Hardly any voice was heard. Choose another microphone, or move closer and try again.');
  else if (heard.voice < QUIETEST_VOICE)
    found.push('The voice is quiet. Move closer to the microphone, about a hand’s width, and try again.');
  if (heard.noise > LOUD_ROOM || (isHeard && !isLoud && heard.voice - heard.noise < STANDS_OUT))
    found.push('The room is loud. Close the window and the door, and turn off what hums.');
  if (heard.echo > HEARD)
    found.push('The microphone hears the loudspeaker. Use headphones when a clip or the practice voice plays.');
  if (heard.delay !== null && heard.delay > LONG_DELAY)
    found.push(
      'The sound comes late, as with wireless headphones. Use the microphone of the computer, or one with a cable.',
    );
  return found.length > 0
    ? found.map((sentence) => ({ isGood: false, sentence }))
    : [{ isGood: true, sentence: 'The voice is clear and the room is quiet. You can begin.' }];
}

/** In decibels below full scale, as the root of the mean square. */
export function level(samples: Float32Array): number {
  const sum = samples.reduce((total, each) => total + each * each, 0);
  return 10 * Math.log10(sum / Math.max(1, samples.length) + 1e-10);
}

/** The strength of one frequency (Goertzel), in decibels. */
export function tone(samples: Float32Array, frequency: number, rate: number): number {
  const turn = 2 * Math.cos((2 * Math.PI * frequency) / rate);
  let [before, last] = [0, 0];
  for (const sample of samples) [before, last] = [last, sample + turn * last - before];
  const power = last * last + before * before - turn * last * before;
  return 10 * Math.log10((4 * power) / samples.length ** 2 + 1e-10);
}

/** The value below which a share of them lie. */
export function quantile(values: number[], share: number): number {
  const sorted = [...values].sort((one, other) => one - other);
  return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))] ?? Number.NEGATIVE_INFINITY;
}
