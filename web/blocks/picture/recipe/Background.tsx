import { useEffect, useRef, useState } from 'react';
import { Button } from '../../../ui/Button';
import { withoutBackground } from './background';

interface BackgroundProps {
  /** Where the untouched picture is. */
  address: string;
  /** Whether it is drawn in vectors, and so stays sharp at any size. */
  isDrawing: boolean;
  onKeep: (file: File) => Promise<void>;
  onClose: () => void;
}

/** A preview is small, so that it follows the tolerance at once; what is kept is as large as lessons need. */
const PREVIEW = 420;
const LARGEST = 1600;

/** Takes a plain background out, with a preview of what is left. */
export function Background({ address, isDrawing, onKeep, onClose }: BackgroundProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [picture, setPicture] = useState<HTMLImageElement | null>(null);
  const [tolerance, setTolerance] = useState(28);
  const [isKeeping, setKeeping] = useState(false);
  useEffect(() => {
    const loading = new Image();
    loading.onload = () => setPicture(loading);
    loading.src = address;
  }, [address]);
  useEffect(() => {
    if (picture && canvas.current) draw(picture, canvas.current, sizeOf(picture, PREVIEW, isDrawing), tolerance);
  }, [picture, isDrawing, tolerance]);
  const keep = async () => {
    if (!picture) return;
    setKeeping(true);
    const whole = document.createElement('canvas');
    draw(picture, whole, sizeOf(picture, LARGEST, isDrawing), tolerance);
    const bytes = await new Promise<Blob | null>((done) => whole.toBlob(done, 'image/png'));
    if (bytes) await onKeep(new File([bytes], 'without-background.png', { type: 'image/png' }));
    setKeeping(false);
  };
  return (
    <div className="flex flex-col gap-3">
      <div className="flex justify-center rounded bg-morning-ground p-3">
        <canvas ref={canvas} role="img" aria-label="What is left of the picture" />
      </div>
      <label className="flex items-center gap-3">
        How much goes
        <input
          type="range"
          min={2}
          max={120}
          value={tolerance}
          onChange={(event) => setTolerance(Number(event.target.value))}
          className="h-10 grow accent-action"
        />
      </label>
      <div className="flex justify-end gap-3">
        <Button onClick={onClose}>Leave it as it is</Button>
        <Button look="main" disabled={!picture || isKeeping} onClick={() => void keep()}>
          {isKeeping ? 'Keeping it' : 'Keep it without its background'}
        </Button>
      </div>
    </div>
  );
}

type Size = { width: number; height: number };

/** As large as may be; a photo is never made larger than it is. */
function sizeOf({ naturalWidth, naturalHeight }: HTMLImageElement, most: number, isDrawing: boolean): Size {
  const fitting = most / Math.max(naturalWidth, naturalHeight);
  const scale = isDrawing ? fitting : Math.min(1, fitting);
  return {
    width: Math.max(1, Math.round(naturalWidth * scale)),
    height: Math.max(1, Math.round(naturalHeight * scale)),
  };
}

function draw(picture: HTMLImageElement, canvas: HTMLCanvasElement, size: Size, tolerance: number): void {
  canvas.width = size.width;
  canvas.height = size.height;
  const pen = canvas.getContext('2d', { willReadFrequently: true });
  if (!pen) return;
  pen.drawImage(picture, 0, 0, canvas.width, canvas.height);
  const left = withoutBackground(pen.getImageData(0, 0, canvas.width, canvas.height), tolerance);
  pen.putImageData(new ImageData(new Uint8ClampedArray(left.data), left.width, left.height), 0, 0);
}
