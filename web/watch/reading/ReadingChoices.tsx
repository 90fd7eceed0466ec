import { useEffect, useState } from 'react';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Field';
import { Ruler } from './Ruler';
import { apply, chosenBefore, NAMES, OPTIONS } from './settings';

/** How the page reads: larger, wider, darker; chosen once for this device. */
export function ReadingChoices() {
  const [reading, setReading] = useState(chosenBefore);
  const [isOpen, setOpen] = useState(false);
  useEffect(() => apply(reading), [reading]);
  return (
    <>
      <Button look="quiet" className="px-2!" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
        How it reads
      </Button>
      {isOpen && (
        <section
          aria-label="How it reads"
          className="order-last mt-1 grid w-full gap-3 rounded border border-rule bg-sheet p-4 min-[22rem]:grid-cols-2 lg:grid-cols-4 flat:absolute flat:inset-x-2 flat:top-12 flat:z-20 flat:mt-0 flat:max-h-[calc(100dvh-3.5rem)] flat:w-auto flat:grid-cols-4 flat:overflow-y-auto flat:border-edge"
        >
          {NAMES.map((name) => (
            <Choice
              key={name}
              label={OPTIONS[name].label}
              value={reading[name]}
              choices={OPTIONS[name].options}
              onChoose={(value) => setReading({ ...reading, [name]: value })}
            />
          ))}
        </section>
      )}
      {reading.ruler === 'on' && <Ruler />}
    </>
  );
}
