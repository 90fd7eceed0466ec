import { useState } from 'react';
import type { PracticeItem, WrittenLines } from '../../answers.types';
import { useLatest } from '../../latest';
import type { LessonDocument } from '../../lesson.types';
import { askOnSlide } from '../../questions/askOnSlide';
import { freshSeed } from '../../questions/practice/PracticeForm';
import { PracticeSets } from '../../questions/practice/PracticeSets';
import { ask, sentence } from '../../request';
import { findSlide, newId, useDesk } from '../../rooms/lesson/desk';
import { useKinds } from '../../rooms/lesson/kinds';
import { addSlide } from '../../rooms/lesson/slides';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Field';
import { Notice } from '../../ui/Notice';
import type { ContentOf } from '../BlockForm';
import type { Quantities } from '../figure/fields';
import { QuantitiesForm } from '../figure/QuantitiesForm';
import { FormulaSheet } from './FormulaSheet';
import { namedQuantities } from './namedQuantities';

type Worked = ContentOf<'worked'>;

/** The engine writes the lines from a few quantities; afterwards each can be changed by hand. */
export function WriteLines({ content, onChange }: { content: Worked; onChange: (content: Worked) => void }) {
  const kinds = useKinds();
  const desk = useDesk();
  const [trouble, setTrouble] = useState('');
  const [said, setSaid] = useState('');
  const methods = kinds.data?.methods ?? [];
  const method = methods.find((each) => each.name === content.method);
  const quantities = namedQuantities(
    (content.quantities ?? method?.blank ?? {}) as Quantities,
    desk.document.formulas ?? [],
  );
  const source = { method: content.method, quantities };
  const take = useLatest((written: WrittenLines) => onChange({ ...content, quantities, ...filled(written) }));
  const write = async () => {
    try {
      const written = await ask<WrittenLines>('POST', '/api/worked', source);
      take.current(written);
      setTrouble('');
    } catch (error) {
      setTrouble(sentence(error));
    }
  };
  const practise = async (level: number) => {
    try {
      const seed = freshSeed();
      const item = await ask<Required<PracticeItem>>('POST', '/api/worked/vary', {
        ...source,
        seed,
        level,
      });
      desk.edit((draft) => {
        const slide = addSlide(draft, 'your-turn', null);
        askOnSlide(findSlide(draft, slide), {
          title: 'Now you',
          script: item.prompt,
          compare: 'This is the answer.',
          content: item.typed,
        });
        addWorking(draft, slide, {
          ...filled(item.worked),
          task: '',
          method: content.method,
          quantities: item.quantities,
        });
      });
      setSaid(`A question was added to Your turn: ${item.prompt}`);
      setTrouble('');
      return true;
    } catch (error) {
      setTrouble(sentence(error));
      return false;
    }
  };
  return (
    <fieldset className="flex flex-col gap-3 rounded border border-rule p-3">
      <legend className="px-1 text-small text-quiet">Have the lines written</legend>
      <Choice
        label="Kind of example"
        value={content.method ?? ''}
        choices={[{ value: '', label: 'by hand' }, ...methods.map((each) => ({ value: each.name, label: each.label }))]}
        onChoose={(name) => {
          const chosen = methods.find((each) => each.name === name);
          const { method: _, quantities: __, ...rest } = content;
          onChange(chosen ? { ...rest, method: name, quantities: structuredClone(chosen.blank) } : rest);
        }}
      />
      {method && (
        <>
          <QuantitiesForm
            fields={method.fields}
            quantities={quantities}
            onChange={(changed) => onChange({ ...content, quantities: changed })}
          />
          {method.name === 'formula' && (
            <FormulaSheet
              quantities={quantities}
              onChoose={(formula) => onChange({ ...content, quantities: { ...quantities, formula } })}
            />
          )}
          <Button className="self-start" onClick={() => void write()}>
            Write the lines
          </Button>
          <div className="flex flex-wrap items-center gap-2">
            <span className="w-full text-small text-quiet">Ask the student the same with other numbers</span>
            {[1, 2, 3].map((level) => (
              <Button key={level} onClick={() => void practise(level)}>
                Level {level}
              </Button>
            ))}
          </div>
          <PracticeSets
            from={{ source: 'worked', maker: method.name, quantities }}
            addQuestion={practise}
            onSaid={setSaid}
          />
        </>
      )}
      {trouble && <Notice tone="trouble">{trouble}</Notice>}
      {said && <Notice>{said}</Notice>}
    </fieldset>
  );
}

/** The slide behind it, with room for every line of the working. */
function addWorking(draft: LessonDocument, question: string, content: Worked): void {
  const slide = findSlide(draft, addSlide(draft, 'your-turn', question));
  const step = slide.steps[0];
  slide.title = 'One way to it';
  if (step) step.script = 'Compare your working with this one.';
  slide.blocks.push({
    id: newId('block'),
    kind: 'worked',
    region: 'main',
    step: step?.id ?? '',
    reveals: {},
    content,
  });
}

function filled(written: WrittenLines): Pick<Worked, 'task' | 'lines'> {
  return { task: written.task, lines: written.lines.map((line) => ({ id: newId('line'), ...line })) };
}
