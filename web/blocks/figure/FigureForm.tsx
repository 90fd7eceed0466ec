import { useState } from 'react';
import { useKinds } from '../../rooms/lesson/kinds';
import { Button } from '../../ui/Button';
import type { FormProps } from '../BlockForm';
import { Facts } from '../Facts';
import { AnotherItem } from './AnotherItem';
import { FigureChooser } from './FigureChooser';
import type { Quantities } from './fields';
import { QuantitiesForm } from './QuantitiesForm';

export function FigureForm({ content, onChange, facts }: FormProps<'figure'>) {
  const kinds = useKinds();
  const [isChoosing, setChoosing] = useState(false);
  const figure = kinds.data?.figures.find((each) => each.name === content.figure);
  if (!figure) return null;
  return (
    <>
      <div className="flex items-baseline justify-between gap-3">
        <p className="font-semibold">{figure.label}</p>
        <Button look="quiet" onClick={() => setChoosing(true)}>
          Choose another
        </Button>
      </div>
      <QuantitiesForm
        fields={figure.fields}
        quantities={content.quantities as Quantities}
        onChange={(quantities) => onChange({ ...content, quantities })}
      />
      <AnotherItem content={content} figure={figure} />
      <Facts facts={facts} />
      <FigureChooser
        open={isChoosing}
        onClose={() => setChoosing(false)}
        onChoose={(chosen) => {
          setChoosing(false);
          onChange(chosen);
        }}
      />
    </>
  );
}
