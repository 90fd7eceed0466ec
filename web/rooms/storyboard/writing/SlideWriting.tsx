import { type RefObject, useMemo } from 'react';
import { flushSync } from 'react-dom';
import type { SlideScene, TextField } from '../../../answers.types';
import { MOST_COLUMNS, MOST_ROWS } from '../../../blocks/table/size';
import type { Block, Slide } from '../../../lesson.types';
import { findSlide, useDesk } from '../../lesson/desk';
import { useKinds } from '../../lesson/kinds';
import { addBlock, removeBlock } from '../blocks';
import {
  addRow,
  type Edit,
  entries,
  inColumn,
  joinEntry,
  moveEntry,
  pasteCells,
  pasteEntries,
  removeRow,
  splitEntry,
  write,
} from './entries';
import { fieldId, fieldsOf } from './fields';
import { actionFor, type KeyAction, type Marked } from './keys';
import { entryOf, hasOnly, holderOf, isBlank, isBlankEntry, textAt } from './paths';
import { WrittenField } from './WrittenField';

interface SlideWritingProps {
  slide: Slide;
  scene: SlideScene;
  /** Number of the step that is shown: what comes later is not typed yet. */
  step: number;
  isCurrent: boolean;
  chosen: string | null;
  slideBox: RefObject<HTMLElement | null>;
  onChoose: (block: string | null) => void;
  onLeave: (block: string) => void;
  onNewSlide: () => void;
}

/** Everything on a slide that is typed where it stands. */
export function SlideWriting({
  slide,
  scene,
  step,
  isCurrent,
  chosen,
  slideBox,
  onChoose,
  onLeave,
  onNewSlide,
}: SlideWritingProps) {
  const desk = useDesk();
  const kinds = useKinds().data?.blocks;
  const all = useMemo(() => fieldsOf(slide, scene, kinds ?? []), [slide, scene, kinds]);
  const isSeen = (id: string) => {
    const block = slide.blocks.find((each) => each.id === id);
    return !block || slide.steps.findIndex((each) => each.id === block.step) <= step;
  };
  const fields = all.filter((field) => isSeen(field.block));
  const ofBlock = (block: string) => fields.filter((field) => field.block === block);

  /** Changes the slide and puts the cursor into a text of it before the next key is pressed. */
  const change = (work: (draft: Slide) => void, block: string, path: string, at?: number): true => {
    flushSync(() => desk.edit((draft) => work(findSlide(draft, slide.id))));
    focusField(slide.id, block, path, at);
    return true;
  };
  const apply = (edit: Edit | null, block: string): boolean =>
    edit !== null && change(edit.change, block, edit.path, edit.at);
  const goTo = (field: TextField, which: 'next' | 'previous'): boolean => {
    const target = fields[fields.indexOf(field) + (which === 'next' ? 1 : -1)];
    if (target) focusField(slide.id, target.block, target.path, which === 'next' ? 0 : undefined);
    return target !== undefined;
  };
  /** Behind a title or a heading that is the last thing on its slide, Enter begins a text. */
  const beginText = (field: TextField): boolean => {
    const kind = kinds?.find((each) => each.name === 'text');
    const block = slide.blocks.find((each) => each.id === field.block);
    const first = kind?.fields[0]?.path;
    if (!kind || !first || (block && block.kind !== 'heading')) return false;
    let added = '';
    flushSync(() =>
      desk.edit((draft) => {
        added = addBlock(findSlide(draft, slide.id), kind, step);
      }),
    );
    focusField(slide.id, added, first);
    return true;
  };
  const endList = (field: TextField): boolean => {
    const entry = entryOf(field.path);
    if (!entry) return false;
    const at = fields.indexOf(field);
    const next = fields.slice(at).find((each) => each.block !== field.block) ?? fields[at - 1];
    return change((draft) => entries(draft, field, entry).pop(), next?.block ?? '', next?.path ?? 'title', 0);
  };
  const perform = (action: KeyAction, field: TextField, marked: Marked): boolean => {
    const { block } = field;
    switch (action.does) {
      case 'write':
        return change((draft) => write(draft, field, action.text), block, field.path, action.at);
      case 'goTo':
        return goTo(field, action.which);
      case 'goOn':
        return goTo(field, 'next') || beginText(field);
      case 'removeBlock': {
        const before = fields[fields.findIndex((each) => each.block === block) - 1];
        return change((draft) => removeBlock(draft, block), before?.block ?? '', before?.path ?? 'title');
      }
      case 'split':
        return apply(splitEntry(field, action.head, action.tail), block);
      case 'join':
        return apply(joinEntry(slide, field, marked.text), block);
      case 'moveEntry':
        return apply(moveEntry(slide, field, action.by, marked.from), block);
      case 'addRow':
        return apply(addRow(field), block);
      case 'removeRow':
        return apply(removeRow(field), block);
      case 'goDown': {
        const path = inColumn(field, action.by);
        if (path) focusField(slide.id, block, path);
        return path !== null;
      }
      case 'endList':
        return endList(field);
    }
  };
  const press = (field: TextField, key: string, marked: Marked): boolean => {
    const block = slide.blocks.find((each) => each.id === field.block);
    const entry = entryOf(field.path);
    const all = entry ? entries(slide, field, entry) : [];
    const action = actionFor(key, marked, field, {
      entries: all.length,
      isAloneInEntry: entry === null || hasOnly(all[entry.index], entry.within),
      isEntryBlank: entry !== null && isBlankEntry(all[entry.index]),
      isNextBlank: entry !== null && entry.index + 1 < all.length && isBlankEntry(all[entry.index + 1]),
      isBlockBlank: block !== undefined && isBlank(block, ofBlock(block.id)),
    });
    const isDone = action !== null && perform(action, field, marked);
    // One line stays one line.
    return isDone || (key === 'Enter' && !field.hasParagraphs);
  };

  /** Pasted rows and columns go into the table that is typed in, or become one. */
  const takeCells = (field: TextField, cells: string[][]): boolean => {
    if (apply(pasteCells(field, cells, MOST_COLUMNS), field.block)) return true;
    const kind = kinds?.find((each) => each.name === 'table');
    if (!kind) return false;
    const rows = cells.slice(0, MOST_ROWS).map((row) => row.slice(0, MOST_COLUMNS));
    desk.edit((draft) => addBlock(findSlide(draft, slide.id), kind, step, { ...kind.blank, rows } as Block['content']));
    return true;
  };
  /** A block that is written and says nothing yet shows what to type; a caption that is not wanted does not. */
  const isNew = (block: Block) =>
    isBlank(block, ofBlock(block.id)) && kinds?.find((each) => each.name === block.kind)?.fields.length !== 0;

  return fields.map((field) => {
    const block = slide.blocks.find((each) => each.id === field.block);
    return (
      <WrittenField
        key={fieldId(slide.id, field.block, field.path)}
        slide={slide.id}
        svg={scene.svg}
        typeface={desk.document.typeface ?? ''}
        field={field}
        text={textAt(holderOf(slide, field.block) ?? {}, field.path) ?? ''}
        saysWhat={block ? chosen === block.id || isNew(block) : isCurrent}
        slideBox={slideBox}
        onText={(text) => desk.edit((draft) => write(findSlide(draft, slide.id), field, text))}
        onKey={(key, marked) => press(field, key, marked)}
        onCells={(cells) => takeCells(field, cells)}
        onLines={(lines, marked) => apply(pasteEntries(slide, field, lines, marked), field.block)}
        onUndo={desk.undo}
        onRedo={desk.redo}
        onNewSlide={onNewSlide}
        onEnter={() => onChoose(field.block || null)}
        onLeave={() => onLeave(field.block)}
      />
    );
  });
}

/** @param at place of the cursor; the end when left out */
export function focusField(slide: string, block: string, path: string, at?: number): void {
  const box = document.getElementById(fieldId(slide, block, path));
  if (!(box instanceof HTMLTextAreaElement)) return;
  box.focus();
  box.setSelectionRange(at ?? box.value.length, at ?? box.value.length);
}
