import { useRef, useState } from 'react';
import { clock } from '../../clock';
import type { ClipMedium, Medium } from '../../lesson.types';
import { ask, sentence } from '../../request';
import { newId, useDesk } from '../../rooms/lesson/desk';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import type { ContentOf } from '../BlockForm';

/** Seconds that must be between the beginning and the end. */
const LEAST = 0.5;

const FINE = 10;

/** Name, place, time and press: the wave stands over the places. */
const ROW = 'grid grid-cols-[4rem_minmax(0,1fr)_4rem_7rem] items-center gap-2';

interface ClipCutProps {
  medium: ClipMedium;
  content: ContentOf<'clip'>;
  onChange: (content: ContentOf<'clip'>) => void;
}

/** Where the clip begins and ends, marked on its sound while its picture is seen, and the picture that stands for it. */
export function ClipCut({ medium, content, onChange }: ClipCutProps) {
  const desk = useDesk();
  const player = useRef<HTMLVideoElement>(null);
  const [trouble, setTrouble] = useState('');
  const from = content.from ?? 0;
  const to = content.to ?? medium.seconds;
  const show = (at: number) => {
    if (player.current) player.current.currentTime = at;
  };
  const mark = (change: { from?: number; to?: number }) => {
    const begins = Math.max(0, Math.min(change.from ?? from, (change.to ?? to) - LEAST));
    const ends = Math.min(medium.seconds, Math.max(change.to ?? to, begins + LEAST));
    onChange({ ...content, from: fine(begins), to: ends === medium.seconds ? ends : fine(ends) });
    show(change.from === undefined ? ends : begins);
  };
  const here = () => player.current?.currentTime ?? 0;
  const takePicture = async () => {
    try {
      const asked = { sha256: medium.sha256, at: here(), name: medium.name };
      const picture = await ask<Medium>('POST', '/api/clips/stills', asked);
      const id = newId('picture');
      desk.edit((draft) => {
        draft.media[id] = picture;
      });
      onChange({ ...content, poster: id });
      setTrouble('');
    } catch (error) {
      setTrouble(sentence(error));
    }
  };
  const isFilm = medium.type === 'video/mp4';
  return (
    <>
      <video
        ref={player}
        src={`/api/media/${medium.sha256}`}
        controls
        preload="metadata"
        aria-label={medium.description || 'The clip'}
        className={isFilm ? 'aspect-video max-h-64 w-full bg-ink' : 'h-12 w-full'}
      />
      <div className={ROW}>
        <span />
        <Wave wave={medium.wave} from={from / medium.seconds} to={to / medium.seconds} />
      </div>
      {(['from', 'to'] as const).map((end) => (
        <div key={end} className={ROW}>
          <span>{end === 'from' ? 'Begins' : 'Ends'}</span>
          <input
            type="range"
            aria-label={end === 'from' ? 'Begins at' : 'Ends at'}
            aria-valuetext={clock(end === 'from' ? from : to)}
            min={0}
            max={medium.seconds}
            step={0.1}
            value={end === 'from' ? from : to}
            onChange={(event) => mark({ [end]: Number(event.target.value) })}
            className="h-8 accent-action"
          />
          <span className="tabular-nums">{tenths(end === 'from' ? from : to)}</span>
          <Button className="min-h-8! px-2!" onClick={() => mark({ [end]: here() })}>
            {end === 'from' ? 'Begin here' : 'End here'}
          </Button>
        </div>
      ))}
      {isFilm && (
        <Button className="self-start" onClick={() => void takePicture()}>
          Show this picture on the slide
        </Button>
      )}
      {trouble && <Notice tone="trouble">{trouble}</Notice>}
    </>
  );
}

/** How loud it is, what is played of it dark. */
function Wave({ wave, from, to }: { wave: string; from: number; to: number }) {
  if (wave === '') return null;
  return (
    <svg viewBox={`0 0 ${wave.length} 20`} preserveAspectRatio="none" className="h-10 w-full" aria-hidden="true">
      {[...wave].map((digit, index) => {
        const isPlayed = index / wave.length >= from && index / wave.length < to;
        const height = Math.max(0.6, Number(digit) * 2.1);
        return (
          <rect
            key={index}
            x={index + 0.15}
            y={10 - height / 2}
            width={0.7}
            height={height}
            className={isPlayed ? 'fill-action' : 'fill-rule'}
          />
        );
      })}
    </svg>
  );
}

function fine(seconds: number): number {
  return Math.round(seconds * FINE) / FINE;
}

/** 75.25 becomes “1:15.3”. */
function tenths(seconds: number): string {
  const whole = Math.floor(fine(seconds));
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}.${Math.round(fine(seconds) * FINE) % FINE}`;
}
