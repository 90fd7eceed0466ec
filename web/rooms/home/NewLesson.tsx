import { type FormEvent, useState } from 'react';
import { useNavigate } from 'react-router';
import { ask } from '../../request';
import { useTrouble } from '../../trouble';
import { Button } from '../../ui/Button';
import { Choice, TextField } from '../../ui/Field';
import { Notice } from '../../ui/Notice';
import { Sheet } from '../../ui/Sheet';
import { ShapeChoice } from './ShapeChoice';

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
  const [shape, setShape] = useState('');
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
        shape: shape || undefined,
      });
      // A shape is filled slide by slide; without one, the plan comes first.
      navigate(`/lesson/${made.id}/${shape ? 'storyboard' : 'plan'}`);
    });
  };
  return (
    <Sheet open={open} onClose={onClose} title="New lesson" wide>
      <form onSubmit={create} className="flex flex-col gap-4">
        <TextField label="Title" name="title" required maxLength={200} />
        <div className="grid grid-cols-2 gap-4">
          <TextField label="Subject" name="subject" maxLength={100} />
          <TextField label="Class" name="className" maxLength={100} />
        </div>
        <div className="grid grid-cols-2 gap-4">
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
        </div>
        {place === NEW && <TextField label="Title of the series" name="newSeries" required maxLength={200} />}
        <ShapeChoice value={shape} onChoose={setShape} />
        {trouble && <Notice tone="trouble">{trouble}</Notice>}
        <div className="sticky -bottom-6 -mx-6 -mb-6 flex justify-end gap-3 border-t border-rule bg-paper px-6 py-4">
          <Button onClick={onClose}>Not now</Button>
          <Button type="submit" look="main">
            {shape ? 'Begin the lesson' : 'Start planning'}
          </Button>
        </div>
      </form>
    </Sheet>
  );
}
