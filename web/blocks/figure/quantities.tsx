import type { ComponentType } from 'react';
import { Choice, TextField } from '../../ui/Field';

interface QuantitiesProps {
  quantities: Record<string, unknown>;
  onChange: (quantities: Record<string, unknown>) => void;
}

/** The form of each figure's quantities: one line a figure. */
export const QUANTITY_FORMS: Record<string, ComponentType<QuantitiesProps>> = {
  'bar-model': BarModelQuantities,
  solid: SolidQuantities,
};

function useFields({ quantities, onChange }: QuantitiesProps) {
  return {
    text: (name: string, label: string) => (
      <TextField
        key={name}
        label={label}
        value={String(quantities[name] ?? '')}
        maxLength={40}
        onChange={(event) => onChange({ ...quantities, [name]: event.target.value })}
      />
    ),
    whole: (name: string, label: string) => (
      <TextField
        key={name}
        label={label}
        type="number"
        min={0}
        value={quantities[name] === undefined ? '' : String(quantities[name])}
        onChange={(event) =>
          onChange({
            ...quantities,
            [name]: event.target.value === '' ? undefined : Math.round(Number(event.target.value)),
          })
        }
      />
    ),
    choice: (name: string, label: string, choices: [string, string][]) => (
      <Choice
        key={name}
        label={label}
        value={String(quantities[name] ?? choices[0]?.[0])}
        choices={choices.map(([value, each]) => ({ value, label: each }))}
        onChoose={(value) => onChange({ ...quantities, [name]: value })}
      />
    ),
  };
}

function BarModelQuantities(props: QuantitiesProps) {
  const fields = useFields(props);
  const { quantities } = props;
  const mode = fields.choice('mode', 'What the bars show', [
    ['parts', 'Equal parts of a whole'],
    ['compare', 'Two amounts compared'],
  ]);
  if (quantities.mode !== 'compare') {
    return (
      <>
        {mode}
        <div className="grid grid-cols-2 gap-3">
          {fields.whole('parts', 'Equal parts')}
          {fields.whole('shaded', 'Shaded parts')}
          {fields.choice('known', 'What is known', [
            ['whole', 'the whole'],
            ['shaded', 'the shaded part'],
            ['unshaded', 'the rest'],
            ['part', 'one part'],
          ])}
          {fields.text('amount', 'Its amount')}
          {fields.text('unit', 'Unit or things counted')}
        </div>
      </>
    );
  }
  return (
    <>
      {mode}
      <div className="grid grid-cols-2 gap-3">
        {fields.text('firstName', 'Name of the longer bar')}
        {fields.text('secondName', 'Name of the other bar')}
        {fields.choice('by', 'Compared by', [
          ['difference', 'their difference'],
          ['ratio', 'their ratio'],
        ])}
        {quantities.by === 'ratio' ? (
          <div className="grid grid-cols-2 gap-2">
            {fields.whole('ratioFirst', 'Ratio')}
            {fields.whole('ratioSecond', 'to')}
          </div>
        ) : (
          fields.text('difference', 'Difference')
        )}
        {fields.choice('known', 'What is known', [
          ['total', 'both together'],
          ['first', 'the longer bar'],
          ['second', 'the other bar'],
          ...(quantities.by === 'ratio' ? ([['difference', 'the difference']] as [string, string][]) : []),
        ])}
        {fields.text('amount', 'Its amount')}
        {fields.text('unit', 'Unit or things counted')}
      </div>
    </>
  );
}

function SolidQuantities(props: QuantitiesProps) {
  const fields = useFields(props);
  const isVolume = props.quantities.mode === 'volume';
  return (
    <>
      {fields.choice('mode', 'What is known', [
        ['edges', 'The edges of the box'],
        ['volume', 'The volume: find boxes with whole edges'],
      ])}
      <div className="grid grid-cols-2 gap-3">
        {isVolume ? (
          <>
            {fields.whole('volume', 'Volume in cubic units')}
            {fields.whole('longest', 'Longest edge allowed')}
          </>
        ) : (
          <>
            {fields.text('length', 'Length')}
            {fields.text('width', 'Width')}
            {fields.text('height', 'Height')}
            {fields.text('fill', 'Filled to a height of')}
          </>
        )}
        {fields.text('unit', 'Unit of the edges')}
        {fields.choice('view', 'Drawing', [
          ['box', 'the box'],
          ['cubes', 'layers of unit cubes'],
          ['net', 'the net'],
        ])}
      </div>
    </>
  );
}
