import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { HandoutAnswer } from '../../answers.types';
import type { PracticeSet } from '../../lesson.types';
import { freshSeed } from '../../questions/practice/PracticeForm';
import { ask, sentence } from '../../request';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { Notice } from '../../ui/Notice';
import { useDesk } from '../lesson/desk';
import { useKinds } from '../lesson/kinds';

/** Pages that are shown small. */
const SHOWN = 6;

/** What is printed: practice sets with room to write, and their answers for the teacher. */
export function HandoutPages() {
  const desk = useDesk();
  const kinds = useKinds();
  const sets = desk.document.handout ?? [];
  const pages = useQuery({
    queryKey: ['handout', desk.id, JSON.stringify(sets), desk.document.title],
    queryFn: () => ask<HandoutAnswer>('GET', `/api/lessons/${desk.id}/handout`),
    enabled: sets.length > 0 && !desk.isSaving,
    placeholderData: (before) => before,
  });
  const change = (id: string, some: Partial<PracticeSet>) =>
    desk.edit((draft) => {
      draft.handout = draft.handout?.map((set) => (set.id === id ? { ...set, ...some } : set));
    });
  const takeOff = (id: string) =>
    desk.edit((draft) => {
      draft.handout = draft.handout?.filter((set) => set.id !== id);
    });
  const labelOf = (set: PracticeSet) =>
    (set.source === 'worked' ? kinds.data?.methods : kinds.data?.figures)?.find((each) => each.name === set.maker)
      ?.label ?? set.maker;
  if (sets.length === 0) {
    return (
      <p>
        Practice can be printed, with room to write and an answer key. Press “On the handout” at a figure or at a worked
        example{' '}
        <Link to="../storyboard" className="text-action underline">
          in the Storyboard
        </Link>
        .
      </p>
    );
  }
  return (
    <div className="flex flex-col gap-4">
      <ul className="divide-y divide-rule border-y border-rule">
        {sets.map((set, number) => (
          <li key={set.id} className="flex flex-wrap items-end gap-3 py-3">
            {pages.data?.troubles[number] && (
              <div className="w-full">
                <Notice tone="trouble">This set is left out of the handout. {pages.data.troubles[number]}</Notice>
              </div>
            )}
            <div className="min-w-48 grow">
              <TextField
                label="Heading"
                value={set.title ?? ''}
                placeholder={`Practice: ${labelOf(set)}`}
                maxLength={120}
                onChange={(event) => change(set.id, { title: event.target.value })}
              />
            </div>
            <div className="w-28">
              <TextField
                label="At each level"
                type="number"
                min={1}
                max={6}
                value={set.count}
                onChange={(event) =>
                  change(set.id, { count: Math.min(6, Math.max(1, Math.round(Number(event.target.value)))) })
                }
              />
            </div>
            <div className="w-28">
              <TextField
                label="Set number"
                type="number"
                min={0}
                max={1000000}
                value={set.seed}
                onChange={(event) =>
                  change(set.id, { seed: Math.min(1_000_000, Math.max(0, Math.round(Number(event.target.value)))) })
                }
              />
            </div>
            <Button onClick={() => change(set.id, { seed: freshSeed() })}>Other numbers</Button>
            <Button look="quiet" onClick={() => takeOff(set.id)}>
              Take off
            </Button>
          </li>
        ))}
      </ul>
      {pages.isError && <Notice tone="trouble">{sentence(pages.error)}</Notice>}
      {pages.data && (
        <>
          <ol className="flex flex-wrap gap-2" aria-label="Pages of the handout">
            {pages.data.pages.slice(0, SHOWN).map((page, number) => (
              <li key={number} className="w-36 border border-rule">
                <div
                  role="img"
                  aria-label={`Page ${number + 1} of ${pages.data.pages.length}`}
                  dangerouslySetInnerHTML={{ __html: page }}
                />
              </li>
            ))}
          </ol>
          {pages.data.pages.length > SHOWN && <p>And {pages.data.pages.length - SHOWN} more.</p>}
          <p className="text-small text-quiet">
            Students find the handout with the lesson when you share it. The answer key is among the files to take away,
            and stays with you.
          </p>
        </>
      )}
    </div>
  );
}
