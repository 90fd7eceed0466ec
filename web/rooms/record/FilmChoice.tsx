import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Choice, TextField } from '../../ui/Field';
import { Notice } from '../../ui/Notice';
import type { CameraPlace, Films } from './useFilms';

const PLACES = [
  { value: 'away', label: 'Not seen' },
  { value: 'beside', label: 'Beside the slide' },
  { value: 'whole', label: 'In its place' },
];

/** Whether the camera is seen, and a window of the computer. */
export function FilmChoice({ films }: { films: Films }) {
  const [isAsking, setAsking] = useState(false);
  const [description, setDescription] = useState('');
  return (
    <div className="flex w-full flex-col gap-2">
      <Choice
        label="The camera"
        value={films.place}
        choices={PLACES}
        onChoose={(place) => films.show(place as CameraPlace)}
      />
      {films.window ? (
        <Button onClick={films.endWindow}>Back to the slide</Button>
      ) : isAsking ? (
        <form
          className="flex flex-col gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            setAsking(false);
            films.shareWindow(description.trim());
          }}
        >
          <TextField
            label="What the window shows"
            hint="For students who cannot see it"
            value={description}
            maxLength={300}
            required
            onChange={(event) => setDescription(event.target.value)}
            onKeyDown={(event) => event.stopPropagation()}
          />
          <Button type="submit">Choose the window</Button>
        </form>
      ) : (
        <Button onClick={() => setAsking(true)}>Show a window</Button>
      )}
      {films.trouble && <Notice tone="trouble">{films.trouble}</Notice>}
    </div>
  );
}
