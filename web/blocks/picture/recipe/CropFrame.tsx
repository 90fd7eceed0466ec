import { type KeyboardEvent, type PointerEvent, useRef } from 'react';
import { type Crop, cropTo } from './recipe';

interface CropFrameProps {
  crop: Crop;
  onCrop: (crop: Crop) => void;
}

const CORNERS = [
  { left: true, top: true, label: 'Upper left corner' },
  { left: false, top: true, label: 'Upper right corner' },
  { left: true, top: false, label: 'Lower left corner' },
  { left: false, top: false, label: 'Lower right corner' },
];

/** How far an arrow key moves a corner, as a share of the picture. */
const STEP = 0.02;

/** What is kept of the picture: its corners are dragged, or moved with the arrow keys. */
export function CropFrame({ crop, onCrop }: CropFrameProps) {
  const frame = useRef<HTMLDivElement>(null);
  const held = useRef<(typeof CORNERS)[number] | null>(null);
  const move = (event: PointerEvent) => {
    const box = frame.current?.getBoundingClientRect();
    if (!held.current || !box) return;
    onCrop(cropTo(crop, held.current, (event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height));
  };
  const press = (event: KeyboardEvent, corner: (typeof CORNERS)[number]) => {
    const by = { ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, -STEP], ArrowDown: [0, STEP] }[event.key];
    if (!by) return;
    event.preventDefault();
    const x = corner.left ? crop.x : crop.x + crop.width;
    const y = corner.top ? crop.y : crop.y + crop.height;
    onCrop(cropTo(crop, corner, x + (by[0] ?? 0), y + (by[1] ?? 0)));
  };
  const percent = (share: number) => `${share * 100}%`;
  return (
    <div ref={frame} className="absolute inset-0">
      <div className="absolute inset-0 overflow-hidden">
        <div
          className="absolute border-2 border-white shadow-[0_0_0_9999px_rgb(0_0_0/0.5)]"
          style={{
            left: percent(crop.x),
            top: percent(crop.y),
            width: percent(crop.width),
            height: percent(crop.height),
          }}
        />
      </div>
      {CORNERS.map((corner) => (
        <button
          key={corner.label}
          type="button"
          aria-label={`${corner.label} of what is kept: drag it, or press an arrow key`}
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            held.current = corner;
          }}
          onPointerMove={move}
          onPointerUp={() => {
            held.current = null;
          }}
          onKeyDown={(event) => press(event, corner)}
          className="absolute flex size-10 -translate-x-1/2 -translate-y-1/2 touch-none items-center justify-center"
          style={{
            left: percent(corner.left ? crop.x : crop.x + crop.width),
            top: percent(corner.top ? crop.y : crop.y + crop.height),
          }}
        >
          <span className="size-5 rounded-full border-2 border-white bg-action" />
        </button>
      ))}
    </div>
  );
}
