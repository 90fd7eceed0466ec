import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { KeptVersion } from '../../answers.types';
import { moment } from '../../clock';
import { ask } from '../../request';
import { Button } from '../../ui/Button';
import { Sheet } from '../../ui/Sheet';
import { useDesk } from './desk';

/** Versions of the lesson that came too late to be saved and were kept beside it. */
export function KeptVersions() {
  const desk = useDesk();
  const [isOpen, setOpen] = useState(false);
  const kept = useQuery({
    queryKey: ['kept', desk.id, desk.version],
    queryFn: () => ask<KeptVersion[]>('GET', `/api/lessons/${desk.id}/kept`),
    placeholderData: (before) => before,
  });
  const versions = kept.data ?? [];
  if (versions.length === 0) return null;
  return (
    <>
      <Button look="quiet" className="px-2!" onClick={() => setOpen(true)}>
        {versions.length} kept beside
      </Button>
      <Sheet open={isOpen} onClose={() => setOpen(false)} title="Versions kept beside this lesson">
        <p className="mb-4">
          These were changed in another window and saved too late. Going on with one is a change like any other: Undo
          takes it back.
        </p>
        <ul className="divide-y divide-rule border-y border-rule">
          {versions.map((version) => (
            <li key={version.id} className="flex items-center gap-3 py-3">
              <span className="grow">
                {version.title}
                <span className="block text-small text-quiet">
                  {moment(version.at)}, {version.slides} {version.slides === 1 ? 'slide' : 'slides'}
                </span>
              </span>
              <Button
                onClick={() => {
                  desk.takeUp(version.id);
                  setOpen(false);
                }}
              >
                Go on with this one
              </Button>
            </li>
          ))}
        </ul>
      </Sheet>
    </>
  );
}
