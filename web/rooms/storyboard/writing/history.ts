/** The wording of one text through its changes, taken back word by word. */
export class WritingHistory {
  private readonly before: string[] = [];
  private readonly after: string[] = [];

  constructor(private text: string) {}

  /** A change by a teacher: each word, and each that is more than a letter, is a step of its own. */
  typed(text: string): void {
    if (text === this.text) return;
    if (this.before.length === 0 || beginsWord(this.text, text)) this.before.push(this.text);
    this.after.length = 0;
    this.text = text;
  }

  /** The text was changed elsewhere: what was typed here before is not taken back over it. */
  replaced(text: string): void {
    if (text === this.text) return;
    this.before.length = 0;
    this.after.length = 0;
    this.text = text;
  }

  undo(): string | undefined {
    return this.go(this.before, this.after);
  }

  redo(): string | undefined {
    return this.go(this.after, this.before);
  }

  private go(from: string[], to: string[]): string | undefined {
    const text = from.pop();
    if (text === undefined) return undefined;
    to.push(this.text);
    this.text = text;
    return text;
  }
}

function beginsWord(before: string, after: string): boolean {
  const grown = after.length - before.length;
  if (Math.abs(grown) !== 1) return true;
  // One letter more, behind a space, or the first that is deleted after typing.
  const at = firstDifference(before, after);
  return grown === 1 ? /\s/.test(after[at - 1] ?? ' ') : /\s/.test(before[at] ?? '');
}

function firstDifference(one: string, other: string): number {
  let at = 0;
  while (at < one.length && one[at] === other[at]) at++;
  return at;
}
