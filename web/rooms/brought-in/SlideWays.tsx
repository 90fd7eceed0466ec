import { RadioGroup } from 'radix-ui';
import type { BroughtSlide } from '../../answers.types';
import { Stage } from '../../stage/Stage';
import type { Way } from './ways';

interface SlideWaysProps {
  slide: BroughtSlide;
  /** How the lesson has it; null where it was deleted. */
  way: Way | null;
  onChoose: (way: Way) => void;
}

const WAYS: [Way, string][] = [
  ['blocks', 'As blocks'],
  ['looked', 'As it looked'],
];

const NO_STEPS: string[] = [];

/** One slide both ways, side by side. */
export function SlideWays({ slide, way, onChoose }: SlideWaysProps) {
  const title = slide.blocks.slide.title;
  const name = `Slide ${slide.number}${title === '' ? '' : `: ${title}`}`;
  if (way === null) return <p className="text-quiet">{name} is not in the lesson any more.</p>;
  return (
    <section aria-label={name}>
      <h3 className="truncate pb-1.5">
        <span className="text-quiet">{slide.number}</span> {title}
      </h3>
      <RadioGroup.Root
        aria-label={name}
        value={way}
        onValueChange={(next) => onChoose(next as Way)}
        className="grid grid-cols-2 gap-3"
      >
        {WAYS.map(([each, label]) => (
          <RadioGroup.Item
            key={each}
            value={each}
            className="flex flex-col rounded-md border-2 border-rule bg-sheet p-2 text-left hover:border-edge data-[state=checked]:border-action"
          >
            <Stage
              svg={slide[each].svg}
              steps={NO_STEPS}
              step={0}
              label={`${name}, ${label.toLowerCase()}`}
              shows="all"
            />
            <span className="flex min-h-8 items-start gap-2 pt-2">
              <span
                aria-hidden="true"
                className={`mt-0.5 inline-block size-4 shrink-0 rounded-full border-2 ${way === each ? 'border-action border-5' : 'border-edge'}`}
              />
              <span>
                <span className={way === each ? 'font-semibold text-action' : ''}>{label}</span>
                {each === 'blocks' && slide.left.length > 0 && (
                  <span className="block text-small text-quiet">left out: {slide.left.join(', ')}</span>
                )}
              </span>
            </span>
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
    </section>
  );
}
