import { useQuery } from '@tanstack/react-query';
import type { LooksAnswer } from '../../answers.types';
import { ask, sentence } from '../../request';
import { Stage } from '../../stage/Stage';
import { Notice } from '../../ui/Notice';

interface LookGridProps {
  lesson: string;
  slide: string;
  /** Counts the changes of the lesson: another one draws the slide anew. */
  version?: number;
  /** Name of the look that it has. */
  chosen: string | undefined;
  onChoose: (look: string) => void;
}

/** A slide in every look, to choose from. */
export function LookGrid({ lesson, slide, version = 0, chosen, onChoose }: LookGridProps) {
  const looks = useQuery({
    queryKey: ['looks', lesson, slide, version],
    queryFn: () => ask<LooksAnswer>('GET', `/api/lessons/${lesson}/slides/${slide}/looks`),
  });
  if (looks.isError) return <Notice tone="trouble">{sentence(looks.error)}</Notice>;
  if (!looks.data) return <p>Drawing this slide in every look …</p>;
  return (
    <ul className="grid grid-cols-3 gap-3">
      {looks.data.looks.map((look) => (
        <li key={look.name}>
          <button
            type="button"
            aria-pressed={look.name === chosen}
            onClick={() => onChoose(look.name)}
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
