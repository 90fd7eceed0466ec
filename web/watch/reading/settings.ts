/** How a student reads: kept on the device alone, and nobody else is told. */
export interface Reading {
  size: '100' | '120' | '145' | '175';
  spacing: 'usual' | 'wide';
  letters: 'usual' | 'early';
  ground: 'paper' | 'dark';
  captions: 'usual' | 'large' | 'largest';
  captionPlace: 'under' | 'above';
  ruler: 'off' | 'on';
}

type Options = { [Name in keyof Reading]: { label: string; options: { value: Reading[Name]; label: string }[] } };

/** What can be chosen, the usual first. */
export const OPTIONS: Options = {
  size: {
    label: 'Size of the text',
    options: [
      { value: '100', label: 'usual' },
      { value: '120', label: 'larger' },
      { value: '145', label: 'large' },
      { value: '175', label: 'very large' },
    ],
  },
  spacing: {
    label: 'Room between letters and lines',
    options: [
      { value: 'usual', label: 'usual' },
      { value: 'wide', label: 'wide' },
    ],
  },
  letters: {
    label: 'Letters',
    options: [
      { value: 'usual', label: 'Lexend' },
      { value: 'early', label: 'Andika, for early readers' },
    ],
  },
  ground: {
    label: 'Ground',
    options: [
      { value: 'paper', label: 'light' },
      { value: 'dark', label: 'dark' },
    ],
  },
  captions: {
    label: 'Size of the captions',
    options: [
      { value: 'usual', label: 'usual' },
      { value: 'large', label: 'large' },
      { value: 'largest', label: 'very large' },
    ],
  },
  captionPlace: {
    label: 'Captions stand',
    options: [
      { value: 'under', label: 'under the slide' },
      { value: 'above', label: 'above the slide' },
    ],
  },
  ruler: {
    label: 'Ruler that follows the pointer',
    options: [
      { value: 'off', label: 'off' },
      { value: 'on', label: 'on' },
    ],
  },
};

export const NAMES = Object.keys(OPTIONS) as (keyof Reading)[];

const KEPT = 'daybright-reading';

/** What was kept of choices; what is not known any more is as usual. */
export function readingOf(kept: string): Reading {
  let known: Record<string, unknown> = {};
  try {
    known = Object(JSON.parse(kept));
  } catch {
    // What cannot be read was never chosen.
  }
  const chosen = NAMES.map((name) => {
    const options = OPTIONS[name].options;
    return [name, options.find((option) => option.value === known[name])?.value ?? options[0]?.value];
  });
  return Object.fromEntries(chosen) as Reading;
}

export function chosenBefore(): Reading {
  try {
    return readingOf(localStorage.getItem(KEPT) ?? '');
  } catch {
    // A device that keeps nothing reads as usual.
    return readingOf('');
  }
}

/** The page as it is wanted; the style sheet does the rest (web/style.css). */
export function apply(reading: Reading): void {
  for (const name of NAMES) document.documentElement.dataset[name] = reading[name];
  try {
    localStorage.setItem(KEPT, JSON.stringify(reading));
  } catch {
    // It is as wanted until the page is closed.
  }
}
