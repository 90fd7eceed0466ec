import { useState } from 'react';
import { useLatest } from '../../latest';
import type { Medium } from '../../lesson.types';
import { ask, sentence } from '../../request';
import { newId, useDesk } from '../../rooms/lesson/desk';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { LibrarySearch } from './LibrarySearch';
import { PictureFile } from './PictureFile';
import { PictureWords } from './PictureWords';

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

/** A picture from the library or from a file, with what must be said about it. */
export function PictureChoice({ medium, onChoose }: PictureChoiceProps) {
  const desk = useDesk();
  const chooseNow = useLatest(onChoose);
  const [trouble, setTrouble] = useState('');
  const chosen = medium ? desk.document.media[medium] : undefined;
  const use = (found: Medium) => {
    const id = newId('picture');
    desk.edit((draft) => {
      draft.media[id] = found;
    });
    chooseNow.current(id);
  };
  const take = async (file: File | undefined) => {
    if (!file) return;
    try {
      use((await bringInPicture(file)).medium);
      setTrouble('');
    } catch (error) {
      setTrouble(sentence(error));
    }
  };
  return (
    <>
      <LibrarySearch onTake={use}>
        <PictureFile label={chosen ? 'Another file' : 'Choose a file'} onFile={(file) => void take(file)} />
      </LibrarySearch>
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
