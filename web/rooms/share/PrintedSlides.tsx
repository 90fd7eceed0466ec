import type { Slide } from '../../lesson.types';
import { partLabel } from '../../parts';
import { Choice } from '../../ui/Field';
import { useDesk } from '../lesson/desk';

const WHEN = [
  { value: 'asks', label: 'when it asks' },
  { value: 'always', label: 'always' },
  { value: 'never', label: 'never' },
];

/** Which slides stand on the sheets that a teacher prints, one by one. */
export function PrintedSlides() {
  const desk = useDesk();
  const { parts, printed = [] } = desk.document;
  const whenOf = (slide: Slide) => {
    const chosen = printed.find((each) => each.slide === slide.id);
    return chosen === undefined ? 'asks' : chosen.always ? 'always' : 'never';
  };
  const choose = (slide: Slide, when: string) =>
    desk.edit((draft) => {
      const others = (draft.printed ?? []).filter((each) => each.slide !== slide.id);
      draft.printed = when === 'asks' ? others : [...others, { slide: slide.id, always: when === 'always' }];
    });
  return (
    <details>
      <summary className="min-h-10 cursor-pointer py-1.5 text-action">Choose slide by slide what is printed</summary>
      <ul className="divide-y divide-rule border-y border-rule">
        {parts.flatMap((part) =>
          part.slides
            .filter((slide) => !slide.side)
            .map((slide) => (
              <li key={slide.id} className="grid grid-cols-[minmax(0,1fr)_16rem] items-center gap-3 py-1.5">
                <span className="truncate">{slide.title || partLabel(part.kind)}</span>
                <Choice
                  label={`When “${slide.title || partLabel(part.kind)}” is printed`}
                  hideLabel
                  value={whenOf(slide)}
                  choices={WHEN}
                  onChoose={(when) => choose(slide, when)}
                />
              </li>
            )),
        )}
      </ul>
    </details>
  );
}
