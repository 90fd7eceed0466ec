/** What was said or drawn for an answer, where it can be played or seen. */
export function HeardOrSeen({ address, answered }: { address: string; answered: string }) {
  return answered.startsWith('a recording') ? (
    <audio controls preload="none" src={address} aria-label={answered} className="my-1 w-full max-w-md" />
  ) : (
    <a href={address} target="_blank" rel="noreferrer" className="my-1 block max-w-md">
      <img src={address} alt={answered} loading="lazy" className="w-full border border-rule" />
    </a>
  );
}
