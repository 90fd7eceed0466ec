import type { KindsAnswer, SlideScene, TextField } from '../../../answers.types';
import type { Slide } from '../../../lesson.types';
import { entryOf, holderOf, listAt, textAt } from './paths';

/** Where a block is typed whose picture is still being made, in slide units. */
const MEANWHILE = { x: 96, y: 250 };

/** A new slide in the moment before its first picture: its title can be typed already. */
export const NOT_PAINTED: SlideScene = {
  svg: '',
  boxes: {},
  composition: '',
  fields: [
    {
      block: '',
      path: 'title',
      label: 'Title of the slide',
      box: [96, 72, 1408, 70],
      measure: 1408,
      size: 56,
      colour: 'currentColor',
      bold: true,
      align: 0,
      leading: 1.2,
      hasParagraphs: false,
      repetition: null,
    },
  ],
  handles: [],
  overfull: [],
  problems: {},
  description: '',
  facts: {},
  pieces: {},
  answers: {},
};

/**
 * The texts of a slide that can be typed now, in the order of reading: those that the picture shows, and those that were added
 * since, so that no letter waits for the picture.
 */
export function fieldsOf(slide: Slide, scene: SlideScene, kinds: KindsAnswer['blocks']): TextField[] {
  const fields = scene.fields.filter((field) => field.block === '');
  for (const block of slide.blocks) {
    const known = scene.fields.filter((field) => field.block === block.id);
    const kind = kinds.find((each) => each.name === block.kind);
    // A formula that is half typed may not be drawn: its text stays where it can be typed on.
    const isDrawn = block.id in scene.boxes;
    const shown = kind && !isDrawn ? kind.fields.map((field) => inTheMeantime(field, block.id)) : known;
    fields.push(...shown, ...addedEntries(slide, shown));
  }
  return fields.filter((field) => {
    const holder = holderOf(slide, field.block);
    return holder !== undefined && textAt(holder, field.path) !== undefined;
  });
}

/** Names a field on the page. */
export function fieldId(slide: string, block: string, path: string): string {
  return `writing-${block || slide}-${path}`;
}

function inTheMeantime(field: TextField, block: string): TextField {
  const [x, y, width, height] = field.box;
  return { ...field, block, box: [MEANWHILE.x + x, MEANWHILE.y + y, width, height] };
}

/** Entries at the end of a list that the picture does not show yet stand below the last one that it does. */
function addedEntries(slide: Slide, known: TextField[]): TextField[] {
  const lastIndex = Math.max(...known.map((field) => entryOf(field.path)?.index ?? -1));
  const last = known.filter((field) => field.repetition && entryOf(field.path)?.index === lastIndex);
  const entry = last[0] && entryOf(last[0].path);
  const holder = last[0] && holderOf(slide, last[0].block);
  if (!entry || !holder) return [];
  const below = Math.max(...last.map((field) => field.box[3])) * 1.2;
  const added: TextField[] = [];
  for (let index = entry.index + 1; index < listAt(holder, entry.list).length; index++) {
    for (const field of last) {
      const [x, y, width] = field.box;
      const within = entryOf(field.path)?.within;
      added.push({
        ...field,
        path: `${entry.list}/${index}${within ? `/${within}` : ''}`,
        box: [x, y + (index - entry.index) * below, width, field.size * field.leading],
        measure: width,
      });
    }
  }
  return added;
}
