import { type FormEvent, useState } from 'react';
import { useNavigate } from 'react-router';
import { ask } from '../../request';
import { useTrouble } from '../../trouble';
import { Button } from '../../ui/Button';
import { Choice, TextField } from '../../ui/Field';
import { Notice } from '../../ui/Notice';
import { Sheet } from '../../ui/Sheet';

interface NewLessonProps {
  open: boolean;
  onClose: () => void;
  series: { id: string; title: string }[];
}

const NONE = 'none';
const NEW = 'new';

export function NewLesson({ open, onClose, series }: NewLessonProps) {
  const navigate = useNavigate();
  const [place, setPlace] = useState(NONE);
  const [trouble, attempt] = useTrouble();
  const create = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const given = Object.fromEntries(new FormData(event.currentTarget));
    await attempt(async () => {
      const made = await ask<{ id: string }>('POST', '/api/lessons', {
        title: given.title,
        subject: given.subject,
        className: given.className,
        minutes: Number(given.minutes),
        series: place === NONE || place === NEW ? undefined : place,
        newSeries: place === NEW ? given.newSeries : undefined,
      });
      navigate(`/lesson/${made.id}/plan`);
    });
  };
  return (
    <Sheet open={open} onClose={onClose} title="New lesson">
      <form onSubmit={create} className="flex flex-col gap-4">
        <TextField label="Title" name="title" required maxLength={200} />
        <div className="grid grid-cols-2 gap-4">
          <TextField label="Subject" name="subject" maxLength={100} />
          <TextField label="Class" name="className" maxLength={100} />
        </div>
        <TextField
          label="Minutes of video"
          name="minutes"
          type="number"
          min={1}
          max={90}
          step={0.5}
          defaultValue={6}
          required
        />
        <Choice
          label="Series"
          value={place}
          onChoose={setPlace}
          choices={[
            { value: NONE, label: 'On its own' },
            ...series.map((each) => ({ value: each.id, label: each.title })),
            { value: NEW, label: 'A new series' },
          ]}
        />
        {place === NEW && <TextField label="Title of the series" name="newSeries" required maxLength={200} />}
        {trouble && <Notice tone="trouble">{trouble}</Notice>}
        <div className="flex justify-end gap-3">
          <Button onClick={onClose}>Not now</Button>
          <Button type="submit" look="main">
            Start planning
          </Button>
        </div>
      </form>
    </Sheet>
  );
}
