import { type DragEvent, useState } from 'react';
import { useLatest } from '../../latest';
import type { Medium } from '../../lesson.types';
import { ask, sentence } from '../../request';
import { newId, useDesk } from '../../rooms/lesson/desk';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { PictureWords } from './PictureWords';

/** The kinds of file that can be brought in. */
export const PICTURE_FILES = 'image/png,image/jpeg,image/webp,image/svg+xml';

/** Sends a picture to the server, which checks it by what it holds. */
export async function bringInPicture(file: File): Promise<{ id: string; medium: Medium }> {
  const form = new FormData();
  form.append('file', file);
  return { id: newId('picture'), medium: await ask<Medium>('POST', '/api/media', form) };
}

interface PictureChoiceProps {
  medium: string | null;
  onChoose: (medium: string | null) => void;
}

/** A picture by dropping, pasting or choosing a file, with what must be said about it. */
export function PictureChoice({ medium, onChoose }: PictureChoiceProps) {
  const desk = useDesk();
  const chooseNow = useLatest(onChoose);
  const [trouble, setTrouble] = useState('');
  const chosen = medium ? desk.document.media[medium] : undefined;
  const take = async (file: File | undefined) => {
    if (!file) return;
    try {
      const brought = await bringInPicture(file);
      desk.edit((draft) => {
        draft.media[brought.id] = brought.medium;
      });
      chooseNow.current(brought.id);
      setTrouble('');
    } catch (error) {
      setTrouble(sentence(error));
    }
  };
  const drop = (event: DragEvent) => {
    event.preventDefault();
    event.stopPropagation();
    void take(event.dataTransfer.files[0]);
  };
  return (
    <>
      <label
        className="flex min-h-20 cursor-pointer flex-col items-center justify-center rounded border-2 border-dashed border-edge bg-sheet p-3 text-center focus-within:outline-3 focus-within:outline-action hover:border-action"
        onDragOver={(event) => event.preventDefault()}
        onDrop={drop}
      >
        <span className="text-action">{chosen ? 'Choose another picture' : 'Choose a picture'}</span>
        <span className="text-small text-quiet">
          {chosen ? chosen.name : 'or drop or paste it here: PNG, JPEG, WebP or SVG'}
        </span>
        <input
          type="file"
          accept={PICTURE_FILES}
          className="sr-only"
          onChange={(event) => void take(event.target.files?.[0])}
          onPaste={(event) => void take(event.clipboardData.files[0])}
        />
      </label>
      {trouble && <Notice tone="trouble">{trouble}</Notice>}
      {chosen && (
        <>
          <PictureWords medium={medium ?? ''} />
          <Button look="quiet" className="self-start" onClick={() => onChoose(null)}>
            Take the picture off
          </Button>
        </>
      )}
    </>
  );
}
