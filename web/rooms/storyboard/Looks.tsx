import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { LooksAnswer } from '../../answers.types';
import type { LessonDocument } from '../../lesson.types';
import { ask, sentence } from '../../request';
import { Stage } from '../../stage/Stage';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { Sheet } from '../../ui/Sheet';
import { useDesk } from '../lesson/desk';

/** The look of all slides, chosen by what it makes of this one. */
export function Looks({ slide }: { slide: string }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button onClick={() => setOpen(true)}>Change the look</Button>
      <Sheet open={open} onClose={() => setOpen(false)} title="The look of this lesson" wide>
        {open && <Previews slide={slide} onChosen={() => setOpen(false)} />}
      </Sheet>
    </>
  );
}

function Previews({ slide, onChosen }: { slide: string; onChosen: () => void }) {
  const desk = useDesk();
  const looks = useQuery({
    queryKey: ['looks', desk.id, slide, desk.version],
    queryFn: () => ask<LooksAnswer>('GET', `/api/lessons/${desk.id}/slides/${slide}/looks`),
  });
  if (looks.isError) return <Notice tone="trouble">{sentence(looks.error)}</Notice>;
  if (!looks.data) return <p>Drawing this slide in every look …</p>;
  const chosen = desk.document.look ?? looks.data.looks[0]?.name;
  return (
    <ul className="grid grid-cols-3 gap-3">
      {looks.data.looks.map((look) => (
        <li key={look.name}>
          <button
            type="button"
            aria-pressed={look.name === chosen}
            onClick={() => {
              desk.edit((draft) => {
                draft.look = look.name as LessonDocument['look'];
              });
              onChosen();
            }}
            className="block w-full rounded-md border-2 border-rule p-2 text-left hover:border-edge aria-pressed:border-action"
          >
            <Stage svg={look.svg} steps={STEPS} step={0} label={`This slide in the look ${look.label}`} shows="all" />
            <span className="mt-2 block font-semibold">
              {look.label}
              {look.name === chosen && <span className="font-normal text-quiet">: chosen</span>}
            </span>
            <span className="block text-small text-quiet">{look.sentence}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}

const STEPS: string[] = [];
