import { useState } from 'react';
import type { FigureEntry, PracticeItem } from '../../answers.types';
import type { Slide } from '../../lesson.types';
import { askOnSlide } from '../../questions/askOnSlide';
import { freshSeed } from '../../questions/practice/PracticeForm';
import { PracticeSets } from '../../questions/practice/PracticeSets';
import { ask, sentence } from '../../request';
import { findSlide, newId, useDesk } from '../../rooms/lesson/desk';
import { addSlide } from '../../rooms/lesson/slides';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import type { ContentOf } from '../BlockForm';

/** Asks about the figure on a slide of its own in Your turn: its own task, or the same with other numbers. */
export function AnotherItem({ content, figure }: { content: ContentOf<'figure'>; figure: FigureEntry }) {
  const desk = useDesk();
  const [said, setSaid] = useState('');
  const add = (fill: (slide: Slide) => void) =>
    desk.edit((draft) => fill(findSlide(draft, addSlide(draft, 'your-turn', null))));
  const vary = async (level: number, asChoice: boolean) => {
    try {
      const seed = freshSeed();
      const item = await ask<PracticeItem>('POST', '/api/figures/vary', { ...content, seed, level });
      add((slide) => placeItem(slide, content.figure, item, asChoice));
      setSaid(`A question was added to Your turn: ${item.prompt}`);
      return true;
    } catch (error) {
      setSaid(sentence(error));
      return false;
    }
  };
  const askTask = async () => {
    try {
      const task = await ask<ContentOf<'question'>>('POST', '/api/figures/task', content);
      add((slide) => placeTask(slide, content, task));
      setSaid(`A question was added to Your turn: ${task.prompt}`);
    } catch (error) {
      setSaid(sentence(error));
    }
  };
  if (!figure.varies && !figure.hasTask) return null;
  return (
    <fieldset className="flex flex-col gap-2 border-t border-rule pt-3">
      <legend className="text-small text-quiet">Ask the student</legend>
      {figure.hasTask && (
        <Button className="self-start" onClick={() => void askTask()}>
          Ask this one
        </Button>
      )}
      {figure.varies &&
        [false, true].map((asChoice) => (
          <div key={String(asChoice)} className="flex flex-wrap items-center gap-2">
            <span className="w-full text-small text-quiet">
              {asChoice ? 'Another one like it, to choose from answers' : 'Another one like it, to type the answer'}
            </span>
            {[1, 2, 3].map((level) => (
              <Button key={level} onClick={() => void vary(level, asChoice)}>
                Level {level}
              </Button>
            ))}
          </div>
        ))}
      {figure.varies && (
        <PracticeSets
          from={{ source: 'figure', maker: content.figure, quantities: content.quantities }}
          addQuestion={(level) => vary(level, false)}
          onSaid={setSaid}
        />
      )}
      {said && <Notice>{said}</Notice>}
    </fieldset>
  );
}

/** The question, and with its answer the figure that shows why. */
function placeItem(slide: Slide, figure: string, item: PracticeItem, asChoice: boolean): void {
  const { answer } = askOnSlide(slide, {
    title: 'Now you',
    script: item.prompt,
    compare: 'Compare your answer with this one.',
    content: asChoice ? item.toChoose : item.typed,
  });
  slide.blocks.push({
    id: newId('block'),
    kind: 'figure',
    region: 'main',
    step: answer,
    reveals: {},
    content: { figure, quantities: item.quantities },
  });
}

/** A scale to be read stands beside its question; everything else the question shows itself. */
function placeTask(slide: Slide, content: ContentOf<'figure'>, task: ContentOf<'question'>): void {
  const showsFigure = task.type === 'reading' || content.figure === 'scale-reading';
  const { asked, answer } = askOnSlide(slide, {
    title: 'Now you',
    script: task.prompt,
    compare: 'Compare your answer with this one.',
    content: task,
  });
  if (task.type === 'label') {
    slide.blocks.push({
      id: newId('block'),
      kind: 'figure',
      region: 'main',
      step: asked,
      reveals: {},
      content: { figure: content.figure, quantities: { ...content.quantities, view: 'blanks' } },
    });
  }
  if (showsFigure) {
    slide.blocks.push({
      id: newId('block'),
      kind: 'figure',
      region: 'main',
      step: asked,
      reveals: { division: answer, answer },
      content: structuredClone(content),
    });
  }
}
