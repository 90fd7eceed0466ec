import { useState } from 'react';
import type { LessonDocument } from '../../lesson.types';
import { Button } from '../../ui/Button';
import { Sheet } from '../../ui/Sheet';
import { useDesk } from '../lesson/desk';
import { LookGrid } from '../lesson/LookGrid';

/** The look that lessons begin with. */
const FIRST = 'dew';

/** The look of all slides, chosen by what it makes of this one. */
export function Looks({ slide }: { slide: string }) {
  const desk = useDesk();
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button onClick={() => setOpen(true)}>Change the look</Button>
      <Sheet open={open} onClose={() => setOpen(false)} title="The look of this lesson" wide>
        {open && (
          <LookGrid
            lesson={desk.id}
            slide={slide}
            version={desk.version}
            chosen={desk.document.look ?? FIRST}
            onChoose={(look) => {
              desk.edit((draft) => {
                draft.look = look as LessonDocument['look'];
              });
              setOpen(false);
            }}
          />
        )}
      </Sheet>
    </>
  );
}
