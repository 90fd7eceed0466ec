import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Proposal, Shortening } from '../../answers.types';
import { clock } from '../../clock';
import { ask } from '../../request';
import { Button } from '../../ui/Button';
import { Choice, TextField, Tick } from '../../ui/Field';
import { RATE } from '../lesson/takes';
import { MakeTwo } from './MakeTwo';
import type { TakeRange } from './ranges';

const PAUSES = [400, 700, 1000, 1500, 2000];

const NAMES: Record<Proposal['kind'], string> = {
  restart: 'Begun again',
  pause: 'Long pauses',
  aside: 'Beside the script',
  recap: 'Said again in the recap',
  repetition: 'Said before',
};

interface ShortenProps {
  lesson: string;
  /** Changes whenever what is kept does. */
  edition: string;
  onCut: (ranges: TakeRange[]) => void;
  onListen: (ranges: TakeRange[]) => void;
}

/** Something that can be ticked: one stretch, or all long pauses. */
interface Offer {
  kind: Proposal['kind'];
  label: string;
  ranges: Proposal[];
  isNeeded: boolean;
}

/** Makes a lesson shorter: all long pauses at once, or what is missed least until it takes the minutes that it should. */
export function Shorten({ lesson, edition, onCut, onListen }: ShortenProps) {
  const [pause, setPause] = useState(700);
  const [minutes, setMinutes] = useState('');
  const [changed, setChanged] = useState<Record<string, boolean>>({});
  const wanted = Number(minutes.replace(',', '.'));
  const isAsked = minutes.trim() !== '' && wanted >= 0.5 && wanted <= 180;
  const answer = useQuery({
    queryKey: ['shortening', lesson, edition, pause, isAsked ? wanted : null],
    queryFn: () =>
      ask<Shortening>('GET', `/api/lessons/${lesson}/shortening?pause=${pause}${isAsked ? `&minutes=${wanted}` : ''}`),
    placeholderData: (before) => before,
  });
  if (!answer.data) return null;
  // What is shown meanwhile was found for another length or other cuts: pressed now, it would leave out what nobody asked for.
  const isOutdated = answer.isPlaceholderData;
  const { length, needed, parting, proposals } = answer.data;
  const pauses = proposals.filter((each) => each.kind === 'pause');
  const offers = offered(proposals, needed);
  const isTicked = (offer: Offer) => changed[keyOf(offer)] ?? offer.isNeeded;
  const ticked = offers.filter(isTicked).flatMap((offer) => offer.ranges);
  const left = (length - samples(ticked)) / RATE;
  return (
    <section aria-label="Make it shorter" className="mt-5 border-t border-rule pt-4">
      <h2 className="mb-2 text-lg">Make it shorter</h2>
      <div className="flex flex-wrap items-end gap-3">
        <Choice
          label="A pause lasts at most"
          value={String(pause)}
          choices={PAUSES.map((each) => ({ value: String(each), label: `${(each / 1000).toFixed(1)} s` }))}
          onChoose={(value) => setPause(Number(value))}
        />
        <Button disabled={isOutdated || pauses.length === 0} onClick={() => onCut(pauses)}>
          {pauses.length === 0
            ? 'No pause is longer'
            : `Shorten ${pauses.length} ${pauses.length === 1 ? 'pause' : 'pauses'}: wins ${clock(samples(pauses) / RATE)}`}
        </Button>
        <div className="w-40">
          <TextField
            label="Minutes it should take"
            inputMode="decimal"
            value={minutes}
            placeholder={(length / RATE / 60).toFixed(1)}
            onChange={(event) => {
              setMinutes(event.target.value);
              setChanged({});
            }}
          />
        </div>
      </div>
      {minutes.trim() !== '' && !isAsked && (
        <p className="mt-2 text-small text-trouble">Type between half a minute and 180.</p>
      )}
      {isAsked && (
        <>
          <ul className="mt-3 divide-y divide-rule border-y border-rule">
            {offers.map((offer) => (
              <li key={keyOf(offer)} className="flex items-center gap-3 py-1">
                <div className="min-w-0 grow">
                  <Tick
                    label={`${offer.label} (${clock(samples(offer.ranges) / RATE)})`}
                    checked={isTicked(offer)}
                    onChange={(isNow) => setChanged({ ...changed, [keyOf(offer)]: isNow })}
                  />
                </div>
                <Button look="quiet" onClick={() => onListen(offer.ranges)}>
                  Listen
                </Button>
              </li>
            ))}
          </ul>
          <p className="my-2" role="status">
            {verdict(offers, ticked, left, wanted)}
          </p>
          <Button look="main" disabled={isOutdated || ticked.length === 0} onClick={() => onCut(ticked)}>
            Leave out what is ticked
          </Button>
        </>
      )}
      {parting && <MakeTwo lesson={lesson} parting={parting} />}
    </section>
  );
}

function verdict(offers: Offer[], ticked: Proposal[], left: number, wanted: number): string {
  if (offers.length === 0)
    return 'Nothing was found to leave out. Mark what you can do without in the text, and cut it.';
  const now = `${ticked.length === 0 ? 'As it is, the lesson takes' : 'Without what is ticked, the lesson takes'} ${clock(left)} with its pause points.`;
  return left <= wanted * 60 || ticked.length === 0
    ? now
    : `${now} To make it ${clock(wanted * 60)}, tick more or cut more in the text.`;
}

/** Pauses stand in one line; everything else in a line of its own. */
function offered(proposals: Proposal[], needed: number): Offer[] {
  const offers: Offer[] = [];
  proposals.forEach((each, number) => {
    const last = offers[offers.length - 1];
    if (each.kind === 'pause' && last?.kind === 'pause') {
      last.ranges.push(each);
      last.isNeeded ||= number < needed;
      return;
    }
    const label = each.text === '' ? NAMES[each.kind] : `${NAMES[each.kind]}: “${each.text}”`;
    offers.push({ kind: each.kind, label, ranges: [each], isNeeded: number < needed });
  });
  return offers;
}

function keyOf({ ranges: [first] }: Offer): string {
  return `${first?.take}-${first?.from}`;
}

function samples(ranges: TakeRange[]): number {
  return ranges.reduce((sum, { from, to }) => sum + to - from, 0);
}
