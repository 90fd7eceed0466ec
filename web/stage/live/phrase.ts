/**
 * The name of some words that stand together in a text: themselves, and which time they stand there when it is not the first. Its twin
 * on the server is core/Language/Phrase.php.
 */
export function phrase(words: string[], from: number, to: number): string {
  const name = words.slice(from, to + 1).join(' ');
  const earlier = words
    .slice(0, from)
    .filter((_, place) => words.slice(place, place + to - from + 1).join(' ') === name);
  return earlier.length > 0 ? `${name} (${earlier.length + 1})` : name;
}
