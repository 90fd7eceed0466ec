/** A stretch of a take, in samples. */
export interface Range {
  from: number;
  to: number;
}

/** A stretch of one of the takes of a lesson. */
export interface TakeRange extends Range {
  take: string;
}

/** In the order of time, those that touch joined. */
export function joined(ranges: Range[]): Range[] {
  const all: Range[] = [];
  for (const { from, to } of [...ranges].sort((one, other) => one.from - other.from)) {
    const last = all[all.length - 1];
    if (last && from <= last.to) last.to = Math.max(last.to, to);
    else all.push({ from, to });
  }
  return all;
}

/** What is left of ranges when a stretch is taken out of them. */
export function without(ranges: Range[], hole: Range): Range[] {
  return ranges.flatMap((range) =>
    [
      { from: range.from, to: Math.min(range.to, hole.from) },
      { from: Math.max(range.from, hole.to), to: range.to },
    ].filter((left) => left.from < left.to),
  );
}

/** Whether a stretch lies in ranges for the most part: its middle does. */
export function isIn(ranges: Range[], { from, to }: Range): boolean {
  const middle = (from + to) / 2;
  return ranges.some((range) => range.from <= middle && middle < range.to);
}

export function meets(one: Range, other: Range): boolean {
  return one.from < other.to && other.from < one.to;
}

/** Ranges of several takes, by take. */
export function byTake(ranges: TakeRange[]): Map<string, Range[]> {
  const map = new Map<string, Range[]>();
  for (const { take, from, to } of ranges) map.set(take, [...(map.get(take) ?? []), { from, to }]);
  return map;
}

type Word = Range & { text: string; isSilence?: boolean };

/** Where a marked stretch is once it is known where each word was said; nowhere if other words were said. */
export function movedWith(range: TakeRange, before: Word[], now: Word[]): TakeRange[] {
  const [old, found] = [before, now].map((words) => words.filter((word) => !word.isSilence));
  const marked = (old ?? []).flatMap((word, number) =>
    meets(range, word) ? [{ text: word.text, found: found?.[number] }] : [],
  );
  if (!marked.every((each) => each.text === each.found?.text)) return [];
  const [from, to] = [marked[0]?.found?.from ?? 0, marked.at(-1)?.found?.to ?? 0];
  return from < to ? [{ take: range.take, from, to }] : [];
}
