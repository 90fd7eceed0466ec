import type { KindsAnswer, SlideScene, TextField } from '../../../answers.types';
import type { Slide } from '../../../lesson.types';
import { entryOf, firstOf, holderOf, listAt, textAt } from './paths';

/** Where a block is typed whose picture is still being made, in slide units. */
const MEANWHILE = { box: [96, 250, 1408, 80] as TextField['box'], size: 50, leading: 1.32 };

/** A new slide in the moment before its first picture: its title can be typed already. */
export const NOT_PAINTED: SlideScene = {
  svg: '',
  boxes: {},
  composition: '',
  fields: [{ ...inTheMeantime('', 'title', 'Title of the slide'), box: [96, 72, 1408, 70], size: 56, bold: true }],
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
    if (known.length === 0 && kind?.firstField && !(block.id in scene.boxes) && !(block.id in scene.problems)) {
      fields.push(inTheMeantime(block.id, kind.firstField, kind.label));
    }
    fields.push(...known, ...addedEntries(slide, known));
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

function inTheMeantime(block: string, path: string, label: string): TextField {
  return {
    block,
    path,
    label,
    ...MEANWHILE,
    measure: MEANWHILE.box[2],
    colour: 'currentColor',
    bold: false,
    align: 0,
    hasParagraphs: false,
    repetition: null,
  };
}

/** Entries at the end of a list that the picture does not show yet stand below the last one that it does. */
function addedEntries(slide: Slide, known: TextField[]): TextField[] {
  const last = known.filter((field) => field.repetition).at(-1);
  const entry = last && entryOf(last.path);
  const holder = last && holderOf(slide, last.block);
  if (!last?.repetition || !entry || !holder) return [];
  const count = listAt(holder, entry.list).length;
  const [x, y, width, height] = last.box;
  const added: TextField[] = [];
  for (let index = entry.index + 1; index < count; index++) {
    added.push({
      ...last,
      path: firstOf(entry.list, index, last.repetition),
      label: last.label,
      box: [x, y + (index - entry.index) * height * 1.2, width, last.size * last.leading],
      measure: width,
    });
  }
  return added;
}
