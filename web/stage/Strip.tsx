import { spokenTime } from '../clock';
import { type PartKind, partLabel } from '../parts';
import { PartSign } from './PartSign';

export interface StripSlide {
  id: string;
  title: string;
  side?: boolean;
  /** Seconds. */
  planned: number;
  /** Seconds; null before it is recorded, left out where a lesson is only watched. */
  recorded?: number | null;
  work: number;
}

export interface StripPart {
  id: string;
  kind: PartKind;
  slides: StripSlide[];
}

interface StripProps {
  parts: StripPart[];
  current?: string;
  onChoose?: (slide: string) => void;
  /** Seconds of the whole, to show how far a lesson runs over or under. */
  target?: number;
  /** Slides on which the ready check found something. */
  found?: Set<string>;
  /** A place on the strip, as a share of the slide it is in. */
  place?: { slide: string; share: number };
  small?: boolean;
}

const LEAST = 8;

/**
 * The lesson as time, from dawn to dusk: a stretch for every slide, notches for pause points, their work hanging under the line.
 *
 * A part is never narrower than its name, where there is room for names.
 */
export function Strip({ parts, current, onChoose, target, found, place, small = false }: StripProps) {
  const shown = parts.filter((part) => part.slides.some((slide) => !slide.side));
  const total = shown.flatMap((part) => part.slides).reduce((sum, slide) => sum + weight(slide), 0);
  return (
    <div className="w-full select-none">
      <ol className="flex w-full gap-1" aria-label="The lesson as time">
        {shown.map((part) => {
          const width = part.slides.filter((slide) => !slide.side).reduce((sum, slide) => sum + weight(slide), 0);
          return (
            <li
              key={part.id}
              className={`part-${part.kind} min-w-0 ${small ? '' : isHere(part, current) ? 'min-w-auto' : 'lg:min-w-auto'}`}
              style={{ flex: `${width} 1 0` }}
            >
              {!small && (
                <span className="flex h-6 items-center gap-1 text-small whitespace-nowrap text-(--strong)">
                  <PartSign kind={part.kind} />
                  <span className={`pr-1 ${isHere(part, current) ? '' : 'hidden lg:inline'}`}>
                    {partLabel(part.kind)}
                  </span>
                </span>
              )}
              <ol className="flex gap-px">
                {part.slides
                  .filter((slide) => !slide.side)
                  .map((slide) => (
                    <Stretch
                      key={slide.id}
                      slide={slide}
                      part={part.kind}
                      isCurrent={slide.id === current}
                      onChoose={onChoose}
                      isFound={found?.has(slide.id) ?? false}
                      share={place?.slide === slide.id ? place.share : undefined}
                      small={small}
                    />
                  ))}
              </ol>
              {part.slides.some((slide) => slide.side) && (
                <span className="flex">
                  {part.slides
                    .filter((slide) => slide.side)
                    .map((slide) => (
                      <button
                        key={slide.id}
                        type="button"
                        onClick={() => onChoose?.(slide.id)}
                        className="grid size-6 place-items-center"
                        title={`Side slide: ${slide.title || 'without a title'}`}
                        aria-label={`Side slide: ${slide.title || 'without a title'}`}
                      >
                        <span
                          className={`size-3.5 rounded-full border-2 bg-(--tint) ${slide.id === current ? 'border-ink' : 'border-(--strong)'}`}
                        />
                      </button>
                    ))}
                </span>
              )}
            </li>
          );
        })}
        {target !== undefined && total < target && (
          <li
            aria-hidden="true"
            className="rounded border border-dashed border-rule"
            style={{ flex: `${target - total} 1 0`, marginTop: small ? 0 : 24 }}
          />
        )}
      </ol>
    </div>
  );
}

/** Where there is no room for every name, the part that one is in still says its own. */
function isHere(part: StripPart, current: string | undefined): boolean {
  return part.slides.some((slide) => slide.id === current);
}

function weight(slide: StripSlide): number {
  return Math.max(LEAST, slide.planned, slide.recorded ?? 0);
}

/** A slide with its part, which is not said twice where the title begins with it. */
function inPart(part: PartKind, title: string): string {
  return title.startsWith(partLabel(part)) ? title : `${partLabel(part)}: ${title || 'slide without a title'}`;
}

function duration(slide: StripSlide): string {
  if (slide.recorded) return `recorded, ${spokenTime(slide.recorded)}`;
  return slide.recorded === null ? `planned, ${spokenTime(slide.planned)}` : spokenTime(slide.planned);
}

interface StretchProps {
  slide: StripSlide;
  part: PartKind;
  isCurrent: boolean;
  onChoose?: (slide: string) => void;
  isFound: boolean;
  share?: number;
  small: boolean;
}

function Stretch({ slide, part, isCurrent, onChoose, isFound, share, small }: StretchProps) {
  const filled = slide.recorded ? Math.min(1, slide.recorded / weight(slide)) : 0;
  const label = [
    inPart(part, slide.title),
    duration(slide),
    slide.work > 0 ? `pause of ${spokenTime(slide.work)}` : '',
    isFound ? 'the ready check found something' : '',
  ]
    .filter(Boolean)
    .join(', ');
  const look = (
    <>
      <span
        className={`relative block w-full overflow-hidden rounded-sm border-2 bg-(--tint) ${small ? 'h-4' : 'h-7'} ${isCurrent ? 'border-ink' : 'border-(--strong)'}`}
      >
        <span className="absolute inset-y-0 left-0 bg-(--strong) opacity-75" style={{ width: `${filled * 100}%` }} />
        {isFound && <span className="absolute top-1 right-1 size-2.5 rotate-45 border border-paper bg-caution-edge" />}
        {share !== undefined && (
          <span
            className="absolute inset-y-0 w-1 bg-ink outline-2 outline-paper"
            style={{ left: `calc(${share * 100}% - 2px)` }}
          />
        )}
      </span>
      <span className={`block ${small ? 'h-1.5' : 'h-2.5'}`}>
        {slide.work > 0 && (
          <span
            className="ml-auto block h-full rounded-b-sm border-x-2 border-b-2 border-(--strong) bg-paper"
            style={{ width: `${Math.min(100, Math.max(12, (slide.work / weight(slide)) * 100))}%` }}
          />
        )}
      </span>
    </>
  );
  return (
    <li style={{ flex: `${weight(slide)} 1 0` }} className="min-w-0">
      {onChoose ? (
        <button
          type="button"
          className="block w-full text-left"
          aria-label={label}
          title={label}
          aria-current={isCurrent ? 'true' : undefined}
          onClick={() => onChoose(slide.id)}
        >
          {look}
        </button>
      ) : (
        <span className="block" role="img" aria-label={label}>
          {look}
        </span>
      )}
    </li>
  );
}
