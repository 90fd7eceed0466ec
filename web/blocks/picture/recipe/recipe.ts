import type { ContentOf } from '../../BlockForm';

export type Recipe = NonNullable<ContentOf<'picture'>['recipe']>;
export type Crop = NonNullable<Recipe['crop']>;

export const WHOLE: Crop = { x: 0, y: 0, width: 1, height: 1 };

/** What is left of a picture at least, as a share of its width and height, as the schema has it. */
const LEAST = 0.05;

interface Size {
  width: number;
  height: number;
}

/** Width and height after quarter turns. */
export function turned({ width, height }: Size, recipe: Recipe): Size {
  return (recipe.turn ?? 0) % 2 === 0 ? { width, height } : { width: height, height: width };
}

/** The same transform by which the server draws it, for a preview. */
export function transformOf(picture: Size, recipe: Recipe): string {
  const { width, height } = turned(picture, recipe);
  const slant = (Math.abs(recipe.straighten ?? 0) * Math.PI) / 180;
  const scale = Math.cos(slant) + Math.sin(slant) * Math.max(width / height, height / width);
  const angle = (recipe.turn ?? 0) * 90 + (recipe.straighten ?? 0);
  const across = recipe.mirror ? -scale : scale;
  return `translate(${width / 2} ${height / 2}) rotate(${angle}) scale(${across} ${scale}) translate(${-picture.width / 2} ${-picture.height / 2})`;
}

/** A corner of the crop is moved; the opposite one stays. */
export function cropTo(crop: Crop, corner: { left: boolean; top: boolean }, x: number, y: number): Crop {
  const right = crop.x + crop.width;
  const bottom = crop.y + crop.height;
  const left = corner.left ? clamp(x, 0, right - LEAST) : crop.x;
  const top = corner.top ? clamp(y, 0, bottom - LEAST) : crop.y;
  return tidied({
    x: left,
    y: top,
    width: (corner.left ? right : clamp(x, left + LEAST, 1)) - left,
    height: (corner.top ? bottom : clamp(y, top + LEAST, 1)) - top,
  });
}

/** The recipe without what changes nothing; undefined when nothing is left. */
export function plain(recipe: Recipe): Recipe | undefined {
  const kept: Recipe = {};
  const { crop, turn, straighten, mirror, light, cleared } = recipe;
  if (crop && JSON.stringify(crop) !== JSON.stringify(WHOLE)) kept.crop = crop;
  if (turn) kept.turn = turn;
  if (straighten) kept.straighten = straighten;
  if (mirror) kept.mirror = mirror;
  if (light) kept.light = light;
  if (cleared) kept.cleared = cleared;
  return Object.keys(kept).length === 0 ? undefined : kept;
}

function tidied(crop: Crop): Crop {
  const share = (value: number) => Math.round(value * 1000) / 1000;
  return { x: share(crop.x), y: share(crop.y), width: share(crop.width), height: share(crop.height) };
}

function clamp(value: number, least: number, most: number): number {
  return Math.min(most, Math.max(least, value));
}
