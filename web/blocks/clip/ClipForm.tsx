import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { ClipBounds } from '../../answers.types';
import { bytes } from '../../clock';
import type { ClipMedium } from '../../lesson.types';
import { newPublicId } from '../../outbox/Outbox';
import { ask, sentence } from '../../request';
import { useDesk } from '../../rooms/lesson/desk';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { Sheet } from '../../ui/Sheet';
import type { FormProps } from '../BlockForm';
import { PictureWords } from '../picture/PictureWords';
import { ClipCaptions } from './ClipCaptions';
import { ClipCut } from './ClipCut';
import { ComingClip } from './ComingClip';
import { FilmClip } from './FilmClip';
import { sendFile } from './outbox';

/** What is played of which clip, what is said in it, and whose it is. */
export function ClipForm({ content, onChange }: FormProps<'clip'>) {
  const desk = useDesk();
  const bounds = useQuery({
    queryKey: ['clip bounds'],
    queryFn: () => ask<ClipBounds>('GET', '/api/clips'),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const [trouble, setTrouble] = useState('');
  const [isFilming, setFilming] = useState(false);
  const [isCutting, setCutting] = useState(false);
  const found = content.medium ? desk.document.media[content.medium] : undefined;
  const medium = found && 'seconds' in found ? (found as ClipMedium) : undefined;
  const { coming } = content;

  if (!bounds.data) return null;
  const { bytes: most, piece, seconds } = bounds.data;
  const choose = async (file: File | undefined) => {
    if (!file) return;
    if (file.size > most) {
      setTrouble(`This clip has ${bytes(file.size)}, and at most ${bytes(most)} can be sent. Make it shorter.`);
      return;
    }
    setTrouble('');
    const id = newPublicId();
    onChange({ ...content, coming: id });
    await sendFile(id, file, piece).catch((error) => setTrouble(sentence(error)));
  };
  if (isFilming) {
    return (
      <FilmClip
        seconds={seconds}
        onStart={(id) => onChange({ ...content, coming: id })}
        onClose={() => setFilming(false)}
      />
    );
  }
  if (coming) return <ComingClip id={coming} onStop={() => onChange({ ...content, coming: null })} />;
  return (
    <>
      <div className="flex flex-wrap items-center gap-3">
        <label className="inline-flex min-h-10 shrink-0 cursor-pointer items-center rounded border border-edge bg-sheet px-3.5 text-action hover:border-action focus-within:outline-3 focus-within:outline-action">
          {medium ? 'Another clip' : 'Choose a clip'}
          <input
            type="file"
            accept="video/*,audio/*"
            className="sr-only"
            onChange={(event) => void choose(event.target.files?.[0])}
          />
        </label>
        <Button onClick={() => setFilming(true)}>Film a clip</Button>
        {medium && <Button onClick={() => setCutting(true)}>Cut and captions</Button>}
        {medium ? (
          <Button
            look="quiet"
            onClick={() => onChange({ ...content, medium: null, poster: null, from: 0, to: 0, captions: [] })}
          >
            Take the clip off
          </Button>
        ) : (
          <p className="grow basis-40 text-small text-quiet">
            MP4, WebM, MOV, MP3, M4A, WAV or OGG, up to {bytes(most)} and {Math.floor(seconds / 60)} minutes
          </p>
        )}
      </div>
      {trouble && <Notice tone="trouble">{trouble}</Notice>}
      {medium && content.medium && <PictureWords medium={content.medium} />}
      {medium && (
        <p className="text-small text-quiet">
          It plays when its step has been spoken, and the narration waits.
          {medium.type === 'video/mp4' &&
            ' To speak while it plays, without its sound, press “Play clip” in the Record room.'}
        </p>
      )}
      {medium && (
        <Sheet open={isCutting} wide title="Cut and captions" onClose={() => setCutting(false)}>
          <div className="flex flex-col gap-3">
            <ClipCut medium={medium} content={content} onChange={onChange} />
            {medium.wave !== '' && <ClipCaptions content={content} onChange={onChange} />}
            <Button look="main" className="self-start" onClick={() => setCutting(false)}>
              Done
            </Button>
          </div>
        </Sheet>
      )}
    </>
  );
}
