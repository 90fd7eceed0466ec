import { describe, expect, it } from 'vitest';
import type { SlideScene } from '../../web/answers.types';
import type { Slide } from '../../web/lesson.types';
import { dropAt, place, putBeside } from '../../web/rooms/storyboard/drop';

const BOXES: SlideScene['boxes'] = {
  one: [100, 200, 600, 200],
  two: [100, 450, 600, 200],
  three: [900, 200, 600, 450],
};

function slide(): Slide {
  return {
    id: 'slide',
    title: '',
    side: false,
    arrangement: 'whole',
    aims: [],
    steps: [],
    blocks: ['one', 'two', 'three'].map((id) => ({ id, kind: 'text', region: 'main' }) as never),
  };
}

function scene(composition: string): SlideScene {
  return { composition, problems: {}, boxes: BOXES } as unknown as SlideScene;
}

const order = (each: Slide) => each.blocks.map((block) => block.id).join(' ');
const regions = (each: Slide) => each.blocks.map((block) => block.region).join(' ');

describe('a block that is dragged', () => {
  it('falls before or behind the one that it is over, or beside it at its edge', () => {
    expect(dropAt(400, 460, BOXES, 'one')).toEqual({ target: 'two', side: 'before' });
    expect(dropAt(400, 640, BOXES, 'one')).toEqual({ target: 'two', side: 'after' });
    expect(dropAt(910, 400, BOXES, 'one')).toEqual({ target: 'three', side: 'left' });
    expect(dropAt(1490, 400, BOXES, 'one')).toEqual({ target: 'three', side: 'right' });
  });

  it('falls to the nearest one where there is none under it, and never on itself', () => {
    expect(dropAt(400, 890, BOXES, 'one')).toEqual({ target: 'two', side: 'after' });
    expect(dropAt(400, 300, { one: BOXES.one as never }, 'one')).toBeNull();
  });

  it('takes its place in the order of reading', () => {
    const moved = slide();
    place(moved, scene('0 1 2@100'), 'three', { target: 'one', side: 'before' });
    expect(order(moved)).toBe('three one two');
    place(moved, scene('0 1 2@100'), 'three', { target: 'two', side: 'after' });
    expect(order(moved)).toBe('one two three');
  });

  it('makes columns where there were none, and keeps those that there are', () => {
    const alone = slide();
    putBeside(alone, scene('0 1 2@100'), 'two', 'right');
    expect([alone.arrangement, regions(alone)]).toEqual(['halves', 'left right left']);
    const columns = slide();
    putBeside(columns, scene('0 1@58|2@42'), 'two', 'right');
    expect([columns.arrangement, columns.share, regions(columns)]).toEqual(['halves', 0.58, 'left right right']);
  });
});
