import { type DragEvent, useState } from 'react';
import { useLatest } from '../../latest';
import type { Medium } from '../../lesson.types';
import { ask, sentence } from '../../request';
import { newId, useDesk } from '../../rooms/lesson/desk';
import { Button } from '../../ui/Button';
import { Choice, TextArea, TextField } from '../../ui/Field';
import { Notice } from '../../ui/Notice';

const LICENCES: { value: Medium['licence']; label: string }[] = [
  { value: '', label: 'Choose a licence' },
  { value: 'own', label: 'My own picture' },
  { value: 'public domain', label: 'Public domain' },
  { value: 'cc0', label: 'CC0' },
  { value: 'cc by', label: 'CC BY' },
  { value: 'cc by-sa', label: 'CC BY-SA' },
  { value: 'cc by-nc', label: 'CC BY-NC' },
  { value: 'cc by-nc-sa', label: 'CC BY-NC-SA' },
  { value: 'with permission', label: 'Used with permission' },
];

/** Sends a picture to the server, which checks it by what it holds. */
export async function bringInPicture(file: File): Promise<{ id: string; medium: Medium }> {
  const form = new FormData();
  form.append('file', file);
  return { id: newId('picture'), medium: await ask<Medium>('POST', '/api/pictures', form) };
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
  const say = (change: Partial<Medium>) =>
    desk.edit((draft) => {
      const found = medium ? draft.media[medium] : undefined;
      if (found) Object.assign(found, change);
    });
  return (
    <>
      <label
        className="flex min-h-20 cursor-pointer flex-col items-center justify-center rounded border-2 border-dashed border-[#8d8a7d] bg-sheet p-3 text-center focus-within:outline-3 focus-within:outline-action hover:border-action"
        onDragOver={(event) => event.preventDefault()}
        onDrop={drop}
      >
        <span className="text-action">{chosen ? 'Choose another picture' : 'Choose a picture'}</span>
        <span className="text-[15px] text-quiet">
          {chosen ? chosen.name : 'or drop or paste it here: PNG, JPEG, WebP or SVG'}
        </span>
        <input
          type="file"
          accept="image/png,image/jpeg,image/webp,image/svg+xml"
          className="sr-only"
          onChange={(event) => void take(event.target.files?.[0])}
          onPaste={(event) => void take(event.clipboardData.files[0])}
        />
      </label>
      {trouble && <Notice tone="trouble">{trouble}</Notice>}
      {chosen && (
        <>
          <TextArea
            label="What it shows, for someone who cannot see it"
            value={chosen.description}
            maxLength={1000}
            onChange={(event) => say({ description: event.target.value })}
          />
          <div className="grid grid-cols-2 gap-3">
            <TextField
              label="Whose it is"
              value={chosen.credit}
              maxLength={300}
              onChange={(event) => say({ credit: event.target.value })}
            />
            <Choice
              label="Licence"
              value={chosen.licence}
              choices={LICENCES}
              onChoose={(licence) => say({ licence: licence as Medium['licence'] })}
            />
          </div>
          <Button look="quiet" className="self-start" onClick={() => onChoose(null)}>
            Take the picture off
          </Button>
        </>
      )}
    </>
  );
}
