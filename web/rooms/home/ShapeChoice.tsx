import { useQuery } from '@tanstack/react-query';
import type { ShapesAnswer } from '../../answers.types';
import { ask } from '../../request';
import { Strip } from '../../stage/Strip';

interface ShapeChoiceProps {
  /** Name of a shape; empty for none. */
  value: string;
  onChoose: (shape: string) => void;
}

/** What a lesson begins with: a shape, shown by its line and its strip, or nothing. */
export function ShapeChoice({ value, onChoose }: ShapeChoiceProps) {
  const shapes = useQuery({
    queryKey: ['shapes'],
    queryFn: () => ask<ShapesAnswer>('GET', '/api/shapes'),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const offered = [
    { name: '', label: 'Empty', sentence: 'One slide with the title, and nothing else.', strip: [] },
    ...(shapes.data?.shapes ?? []),
  ];
  return (
    <fieldset>
      <legend className="mb-1 text-small text-quiet">Begins with</legend>
      <div className="grid grid-cols-2 gap-2">
        {offered.map((shape) => (
          <label
            key={shape.name}
            className="flex cursor-pointer flex-col gap-1 rounded border-2 border-rule p-2.5 hover:border-edge has-checked:border-action has-checked:bg-action-ground has-focus-visible:outline-3 has-focus-visible:outline-action"
          >
            <input
              type="radio"
              name="shape"
              value={shape.name}
              checked={shape.name === value}
              onChange={() => onChoose(shape.name)}
              className="sr-only"
            />
            <span className="font-semibold">{shape.label}</span>
            <span className="text-small text-quiet">{shape.sentence}</span>
            {shape.strip.length > 0 && (
              <span aria-hidden="true" className="mt-auto">
                <Strip parts={shape.strip} small />
              </span>
            )}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
