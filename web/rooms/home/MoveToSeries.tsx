import { useState } from 'react';
import type { HomeAnswer } from '../../answers.types';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Field';
import { Sheet } from '../../ui/Sheet';

interface MoveToSeriesProps {
  open: boolean;
  onClose: () => void;
  current: string | null;
  series: HomeAnswer['series'];
  onMove: (series: string | null) => void;
}

const NONE = 'none';

export function MoveToSeries({ open, onClose, current, series, onMove }: MoveToSeriesProps) {
  const [wanted, setWanted] = useState(current ?? NONE);
  return (
    <Sheet open={open} onClose={onClose} title="Move to a series">
      <div className="flex flex-col gap-4">
        <Choice
          label="Series"
          value={wanted}
          onChoose={setWanted}
          choices={[
            { value: NONE, label: 'On its own' },
            ...series.map((each) => ({ value: each.id, label: each.title })),
          ]}
        />
        <div className="flex justify-end gap-3">
          <Button onClick={onClose}>Not now</Button>
          <Button
            look="main"
            onClick={() => {
              if (wanted !== (current ?? NONE)) onMove(wanted === NONE ? null : wanted);
              onClose();
            }}
          >
            Move it there
          </Button>
        </div>
      </div>
    </Sheet>
  );
}
