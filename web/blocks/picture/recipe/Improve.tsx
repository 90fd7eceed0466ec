import { useState } from 'react';
import type { PictureMedium } from '../../../lesson.types';
import { useDesk } from '../../../rooms/lesson/desk';
import { useTrouble } from '../../../trouble';
import { Button } from '../../../ui/Button';
import { Tick } from '../../../ui/Field';
import { Notice } from '../../../ui/Notice';
import { Sheet } from '../../../ui/Sheet';
import type { ContentOf } from '../../BlockForm';
import { bringInPicture } from '../PictureSearch';
import { pictureIn } from '../pictureIn';
import { Background } from './Background';
import { CropFrame } from './CropFrame';
import { plain, type Recipe, transformOf, turned, WHOLE } from './recipe';

interface ImproveProps {
  content: ContentOf<'picture'>;
  onChange: (content: ContentOf<'picture'>) => void;
}

/** Crops, straightens, turns and lightens a picture; the file stays as it is, and everything can be taken back. */
export function Improve({ content, onChange }: ImproveProps) {
  const desk = useDesk();
  const [open, setOpen] = useState(false);
  const medium = pictureIn(desk.document, content.medium);
  if (!medium) return null;
  const { recipe: before, ...rest } = content;
  const change = (recipe: Recipe) => {
    const kept = plain(recipe);
    onChange(kept ? { ...rest, recipe: kept } : rest);
  };
  return (
    <div className="flex gap-2">
      <Button onClick={() => setOpen(true)}>Crop and improve</Button>
      {before && <Button onClick={() => onChange(rest)}>As it was</Button>}
      <Sheet open={open} onClose={() => setOpen(false)} title="Crop and improve" wide>
        {open && <Workbench medium={medium} recipe={before ?? {}} onChange={change} onClose={() => setOpen(false)} />}
      </Sheet>
    </div>
  );
}

interface WorkbenchProps {
  medium: PictureMedium;
  recipe: Recipe;
  onChange: (recipe: Recipe) => void;
  onClose: () => void;
}

function Workbench({ medium, recipe, onChange, onClose }: WorkbenchProps) {
  const desk = useDesk();
  const [isClearing, setClearing] = useState(false);
  const [trouble, attempt] = useTrouble();
  const shown = pictureIn(desk.document, recipe.cleared) ?? medium;
  const size = turned(shown, recipe);
  const keepCleared = async (file: File) => {
    await attempt(async () => {
      const brought = await bringInPicture(file);
      desk.edit((draft) => {
        const { description, credit, licence } = medium;
        draft.media[brought.id] = { ...brought.medium, description, credit, licence };
      });
      onChange({ ...recipe, cleared: brought.id });
      setClearing(false);
    });
  };
  if (isClearing) {
    return (
      <>
        {trouble && <Notice tone="trouble">{trouble}</Notice>}
        <Background
          address={`/api/media/${medium.sha256}`}
          isDrawing={medium.type === 'image/svg+xml'}
          onKeep={keepCleared}
          onClose={() => setClearing(false)}
        />
      </>
    );
  }
  return (
    <div className="flex flex-col gap-3">
      <div
        className="relative mx-auto max-h-[46vh] max-w-full bg-shade"
        style={{
          aspectRatio: `${size.width} / ${size.height}`,
          width: `min(100%, calc(46vh * ${size.width / size.height}))`,
        }}
      >
        <svg viewBox={`0 0 ${size.width} ${size.height}`} className="absolute inset-0 size-full" aria-hidden="true">
          <g transform={transformOf(shown, recipe)}>
            <image
              href={`/api/media/${shown.sha256}`}
              width={shown.width}
              height={shown.height}
              style={{ filter: `brightness(${1 + (recipe.light ?? 0)})` }}
            />
          </g>
        </svg>
        <CropFrame crop={recipe.crop ?? WHOLE} onCrop={(crop) => onChange({ ...recipe, crop })} />
      </div>
      <div className="flex flex-wrap items-center gap-2">
        <Button onClick={() => onChange({ ...recipe, crop: WHOLE, turn: ((recipe.turn ?? 0) + 3) % 4 })}>
          Turn left
        </Button>
        <Button onClick={() => onChange({ ...recipe, crop: WHOLE, turn: ((recipe.turn ?? 0) + 1) % 4 })}>
          Turn right
        </Button>
        <Tick
          label="Mirror it"
          checked={recipe.mirror ?? false}
          onChange={(mirror) => onChange({ ...recipe, mirror })}
        />
        <Button className="ml-auto" onClick={() => setClearing(true)}>
          Take out a plain background
        </Button>
        {recipe.cleared && (
          <Button onClick={() => onChange({ ...recipe, cleared: '' })}>Bring the background back</Button>
        )}
      </div>
      <Slider
        label="Straighten"
        value={recipe.straighten ?? 0}
        most={15}
        step={0.5}
        onChange={(straighten) => onChange({ ...recipe, straighten })}
      />
      <Slider
        label="Darker or lighter"
        value={recipe.light ?? 0}
        most={0.6}
        step={0.05}
        onChange={(light) => onChange({ ...recipe, light })}
      />
      <div className="flex justify-end gap-3">
        <Button onClick={() => onChange({})}>Take everything back</Button>
        <Button look="main" onClick={onClose}>
          Done
        </Button>
      </div>
    </div>
  );
}

interface SliderProps {
  label: string;
  value: number;
  most: number;
  step: number;
  onChange: (value: number) => void;
}

function Slider({ label, value, most, step, onChange }: SliderProps) {
  return (
    <label className="grid grid-cols-[10rem_1fr] items-center gap-3">
      {label}
      <input
        type="range"
        min={-most}
        max={most}
        step={step}
        value={value}
        onChange={(event) => onChange(Number(event.target.value))}
        className="h-10 accent-action"
      />
    </label>
  );
}
