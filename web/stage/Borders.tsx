import { useEffect, useRef, useState } from 'react';

interface Border {
  /** Shares of the stage. */
  left: number;
  top: number;
  width: number;
  height: number;
  area: SVGRectElement;
}

/** Borders between two pictures, which whoever watches can move. */
export function Borders({ svg, step }: { svg: string; step: number }) {
  const layer = useRef<HTMLDivElement>(null);
  const [borders, setBorders] = useState<Border[]>([]);
  // Once the stage has hidden what comes later.
  // biome-ignore lint/correctness/useExhaustiveDependencies: another picture, or another step of it, has borders of its own
  useEffect(() => {
    const stage = layer.current?.closest('.stage');
    const frame = stage?.getBoundingClientRect();
    if (!stage || !frame || frame.width === 0) return;
    const areas = [...stage.querySelectorAll<SVGRectElement>('[data-part="border-area"]')];
    const seen = areas.filter((area) => !area.closest('[data-hidden]'));
    setBorders(
      seen.map((area) => {
        const box = area.getBoundingClientRect();
        return {
          left: (box.left - frame.left) / frame.width,
          top: (box.top - frame.top) / frame.height,
          width: box.width / frame.width,
          height: box.height / frame.height,
          area,
        };
      }),
    );
  }, [svg, step]);
  return (
    <div ref={layer} className="pointer-events-none absolute inset-0">
      {borders.map(({ left, top, width, height, area }) => (
        <input
          key={`${left} ${top}`}
          type="range"
          aria-label="Border between the two pictures"
          min={0}
          max={100}
          defaultValue={Math.round(100 * placeOf(area))}
          onInput={(event) => moveBorder(area, event.currentTarget.valueAsNumber / 100)}
          className="pointer-events-auto absolute m-0 cursor-ew-resize touch-pan-y appearance-none bg-transparent focus-visible:outline-3 focus-visible:outline-action [&::-moz-range-thumb]:opacity-0 [&::-webkit-slider-thumb]:opacity-0"
          style={{ left: `${100 * left}%`, top: `${100 * top}%`, width: `${100 * width}%`, height: `${100 * height}%` }}
        />
      ))}
    </div>
  );
}

/** Where the border of an area stands, as a share of its width. */
function placeOf(area: SVGRectElement): number {
  const { x, width } = area.getBBox();
  return width > 0 ? (Number(secondOf(area)?.getAttribute('x') ?? x) - x) / width : 0;
}

/** Shows as much of the second picture as lies to the right of a place, and the line with its knob there. */
function moveBorder(area: SVGRectElement, share: number): void {
  const second = secondOf(area);
  if (!second) return;
  const { x, y, width, height } = area.getBBox();
  const at = x + share * width;
  second.dataset.from ??= second.getAttribute('x') ?? '0';
  second.setAttribute('x', String(at));
  second.setAttribute('width', String(x + width - at));
  second.setAttribute('viewBox', `${at} ${y} ${x + width - at} ${height}`);
  for (const line of area.parentElement?.querySelectorAll('[data-part="border-line"]') ?? [])
    line.setAttribute('transform', `translate(${at - Number(second.dataset.from)} 0)`);
}

function secondOf(area: SVGRectElement): SVGSVGElement | null {
  return area.parentElement?.querySelector<SVGSVGElement>('[data-part="border-second"]') ?? null;
}
