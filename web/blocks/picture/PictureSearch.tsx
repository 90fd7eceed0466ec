import { useState } from 'react';
import { useLatest } from '../../latest';
import type { Medium } from '../../lesson.types';
import { ask, sentence } from '../../request';
import { newId, useDesk } from '../../rooms/lesson/desk';
import { Notice } from '../../ui/Notice';
import { LibrarySearch } from './LibrarySearch';
import { PictureFile } from './PictureFile';

/** Sends a picture to the server, which checks it by what it holds. */
export async function bringInPicture(file: File): Promise<{ id: string; medium: Medium }> {
  const form = new FormData();
  form.append('file', file);
  return { id: newId('picture'), medium: await ask<Medium>('POST', '/api/media', form) };
}

interface PictureSearchProps {
  label: string;
  /** Gets the id under which the picture is in the lesson now. */
  onChoose: (medium: string) => void;
}

/** A picture from the library or from a file, put into the lesson. */
export function PictureSearch({ label, onChoose }: PictureSearchProps) {
  const desk = useDesk();
  const chooseNow = useLatest(onChoose);
  const [trouble, setTrouble] = useState('');
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
        <PictureFile label={label} onFile={(file) => void take(file)} />
      </LibrarySearch>
      {trouble && <Notice tone="trouble">{trouble}</Notice>}
    </>
  );
}
