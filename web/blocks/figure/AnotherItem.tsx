import { useState } from 'react';
import type { Slide } from '../../lesson.types';
import { ask, sentence } from '../../request';
import { findSlide, newId, useDesk } from '../../rooms/lesson/desk';
import { addSlide } from '../../rooms/lesson/slides';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import type { ContentOf } from '../BlockForm';

interface Item {
  quantities: Record<string, unknown>;
  prompt: string;
  value: string;
  unit: string;
}

/** The same figure with new numbers, as a question on a slide of its own in Your turn. */
export function AnotherItem({ content }: { content: ContentOf<'figure'> }) {
  const desk = useDesk();
  const [said, setSaid] = useState('');
  const make = async (level: number) => {
    try {
      const seed = crypto.getRandomValues(new Uint32Array(1))[0] ?? 1;
      const item = await ask<Item>('POST', '/api/figures/vary', { ...content, seed: seed % 100_000, level });
      desk.edit((draft) => place(findSlide(draft, addSlide(draft, 'your-turn', null)), item));
      setSaid(`A question was added to Your turn: ${item.prompt}`);
    } catch (error) {
      setSaid(sentence(error));
    }
  };
  return (
    <fieldset className="flex flex-wrap items-center gap-2">
      <legend className="mb-1 text-[15px] text-quiet">Ask about it with other numbers</legend>
      {[1, 2, 3].map((level) => (
        <Button key={level} onClick={() => void make(level)}>
          Level {level}
        </Button>
      ))}
      {said && <Notice>{said}</Notice>}
    </fieldset>
  );
}

function place(slide: Slide, item: Item): void {
  const asked = slide.steps[0]?.id ?? '';
  const answer = newId('step');
  slide.title = 'Now you';
  slide.steps = [
    { id: asked, script: `${item.prompt} Stop the lesson and try.`, pause: 0 },
    { id: answer, script: 'Compare your answer with this one.', pause: 0 },
  ];
  slide.blocks.push({
    id: newId('block'),
    kind: 'question',
    region: 'main',
    step: asked,
    reveals: { answer },
    content: { type: 'number', prompt: item.prompt, marks: 2, value: item.value, unit: item.unit, stops: true },
  });
}
