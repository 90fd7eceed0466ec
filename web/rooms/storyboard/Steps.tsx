import type { Finding } from '../../answers.types';
import type { Slide } from '../../lesson.types';
import { Button } from '../../ui/Button';
import { TextArea } from '../../ui/Field';
import { addAndFocus } from '../../ui/focus';
import { findSlide, newId, useDesk } from '../lesson/desk';
import { useKinds } from '../lesson/kinds';
import { Refused } from '../lesson/Refused';

interface StepsProps {
  slide: Slide;
  shown: number;
  onShow: (step: number) => void;
  findings: Finding[];
}

/** Letters of a script line, and steps of a slide, as the schema has them. */
const LONGEST_SCRIPT = 4000;
const MOST_STEPS = 40;

/** What is said: the steps of a slide one under another, each with its line of script and its seconds. */
export function Steps({ slide, shown, onShow, findings }: StepsProps) {
  const desk = useDesk();
  const labels = useLabels();
  const seconds = desk.timing.slides[slide.id]?.steps ?? [];
  const add = (after: number) => {
    const id = newId('step');
    addAndFocus(
      () =>
        desk.edit((draft) => {
          findSlide(draft, slide.id).steps.splice(after + 1, 0, { id, script: '', pause: 0 });
        }),
      () => document.getElementById(`script-${id}`),
    );
  };
  return (
    <ol className="flex flex-col gap-3 pl-4">
      {slide.steps.map((step, index) => (
        // biome-ignore lint/a11y/useKeyWithClickEvents: focusing the script field does the same by keyboard
        <li
          key={step.id}
          className={`border-l-4 py-1 pl-3 ${index === shown ? 'border-(--strong)' : 'border-rule'}`}
          onFocusCapture={() => onShow(index)}
          onClick={() => onShow(index)}
        >
          <div className="flex items-center gap-2 text-small text-quiet">
            <span className="whitespace-nowrap">Step {index + 1}</span>
            <span className="truncate">{appears(slide, step.id, desk.scenes[slide.id]?.pieces ?? {}, labels)}</span>
            <span className="ml-auto shrink-0">{Math.round(seconds[index] ?? 0)} s</span>
          </div>
          <TextArea
            id={`script-${step.id}`}
            label={`Script of step ${index + 1}`}
            hideLabel
            value={step.script}
            maxLength={LONGEST_SCRIPT}
            placeholder="What you will say"
            onChange={(event) =>
              desk.edit((draft) => {
                const found = findSlide(draft, slide.id).steps.find((each) => each.id === step.id);
                if (found) found.script = event.target.value;
              })
            }
          />
          <Refused slide={slide.id} step={step.id} />
          {findings
            .filter((finding) => finding.step === step.id)
            .map((finding, at) => (
              <p key={at} className="mt-1 border-l-4 border-caution-edge bg-caution-ground px-3 py-1.5">
                {finding.sentence}
              </p>
            ))}
          {index === shown && (
            <div className="flex flex-wrap items-center gap-1 pt-1">
              <label className="flex items-center gap-2 text-small text-quiet">
                Pause after it
                <input
                  type="number"
                  min={0}
                  max={120}
                  step={0.5}
                  value={step.pause}
                  onChange={(event) =>
                    desk.edit((draft) => {
                      const found = findSlide(draft, slide.id).steps.find((each) => each.id === step.id);
                      if (found) found.pause = Math.min(120, Math.max(0, Number(event.target.value)));
                    })
                  }
                  className="min-h-10 w-18 rounded border border-edge bg-sheet px-2 text-base text-ink"
                />
                s
              </label>
              <Button
                look="quiet"
                className="ml-auto px-2!"
                disabled={slide.steps.length >= MOST_STEPS}
                onClick={(event) => {
                  // The new step is the one shown, not the one whose button was pressed.
                  event.stopPropagation();
                  add(index);
                }}
              >
                Add a step
              </Button>
              <Button
                look="quiet"
                className="px-2!"
                disabled={index === 0}
                onClick={() => desk.edit((draft) => moveUp(findSlide(draft, slide.id), index))}
              >
                Up
              </Button>
              <Button
                look="quiet"
                className="px-2!"
                disabled={slide.steps.length === 1 || !canBeJoined(slide, step.id)}
                title={
                  canBeJoined(slide, step.id) ? undefined : `Its script and its neighbour’s are too long for one line.`
                }
                onClick={() => desk.edit((draft) => removeStep(findSlide(draft, slide.id), step.id))}
              >
                Remove
              </Button>
            </div>
          )}
        </li>
      ))}
    </ol>
  );
}

function useLabels(): Record<string, string> {
  const kinds = useKinds();
  return Object.fromEntries((kinds.data?.blocks ?? []).map((kind) => [kind.name, kind.label.toLowerCase()]));
}

/** What becomes visible with a step, in words. */
function appears(
  slide: Slide,
  step: string,
  pieces: Record<string, { name: string; label: string }[]>,
  labels: Record<string, string>,
): string {
  const things = slide.blocks.flatMap((block) => [
    ...(block.step === step ? [labels[block.kind] ?? block.kind] : []),
    ...(pieces[block.id] ?? [])
      .filter((piece) => block.reveals[piece.name] === step && step !== block.step)
      .map((piece) => piece.label),
  ]);
  return things.length === 0 ? '' : `shows ${things.join(', ')}`;
}

function moveUp(slide: Slide, index: number): void {
  const [step] = slide.steps.splice(index, 1);
  if (step) slide.steps.splice(index - 1, 0, step);
}

/** The script of a step joined to that of the one before it, or of the first to that of the second. */
function joined(slide: Slide, index: number): string {
  return [slide.steps[Math.max(0, index - 1)], slide.steps[Math.max(1, index)]]
    .map((step) => step?.script ?? '')
    .filter(Boolean)
    .join(' ');
}

function canBeJoined(slide: Slide, id: string): boolean {
  return (
    joined(
      slide,
      slide.steps.findIndex((step) => step.id === id),
    ).length <= LONGEST_SCRIPT
  );
}

/** What appeared with the step appears with the one before it, and its script is joined to that one's. */
function removeStep(slide: Slide, id: string): void {
  const index = slide.steps.findIndex((step) => step.id === id);
  const heir = slide.steps[index === 0 ? 1 : index - 1];
  if (!heir) return;
  heir.script = joined(slide, index);
  for (const block of slide.blocks) {
    if (block.step === id) block.step = heir.id;
    for (const [piece, step] of Object.entries(block.reveals)) if (step === id) block.reveals[piece] = heir.id;
  }
  slide.steps = slide.steps.filter((step) => step.id !== id);
}
