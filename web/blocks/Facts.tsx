/** The facts that may be used in a text, between braces. */
export function Facts({ facts }: { facts: Record<string, string> }) {
  const names = Object.entries(facts);
  if (names.length === 0) return null;
  return (
    <details className="text-small">
      <summary className="cursor-pointer text-action">Facts of the figure to use in the text</summary>
      <ul className="mt-1 grid grid-cols-2 gap-x-4">
        {names.map(([name, written]) => (
          <li key={name}>
            <code>{`{${name}}`}</code> <span className="text-quiet">{written}</span>
          </li>
        ))}
      </ul>
    </details>
  );
}
