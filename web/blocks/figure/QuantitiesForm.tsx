import type { ComponentType } from 'react';
import type { FigureField } from '../../answers.types';
import { Choice, TextArea, TextField, Tick } from '../../ui/Field';
import { GroupsField } from './controls/GroupsField';
import { PassageField } from './controls/PassageField';
import { PointsField } from './controls/PointsField';
import { TableField } from './controls/TableField';
import { type Quantities, settled, visibleFields } from './fields';

export interface ControlProps {
  field: FigureField;
  quantities: Quantities;
  /** Changes some of the quantities. */
  onChange: (change: Quantities) => void;
}

/** How each kind of field is filled in: one line a control. */
const CONTROLS: Record<FigureField['control'], ComponentType<ControlProps>> = {
  text: Text,
  whole: Whole,
  tick: Ticked,
  choice: Chosen,
  lines: Lines,
  table: TableField,
  points: PointsField,
  spots: PointsField,
  groups: GroupsField,
  passage: PassageField,
};

const NARROW = new Set(['text', 'whole', 'choice']);

/** The form of a figure, made from the figure's own description. */
export function QuantitiesForm({
  fields,
  quantities,
  onChange,
}: {
  fields: FigureField[];
  quantities: Quantities;
  onChange: (quantities: Quantities) => void;
}) {
  return (
    <div className="grid grid-cols-2 items-start gap-3">
      {visibleFields(fields, quantities).map((field, index) => {
        const Control = CONTROLS[field.control];
        const isWide =
          !NARROW.has(field.control) ||
          field.choices.some((choice) => choice.label.length > 20) ||
          field.hint.length > 24 ||
          (index === 0 && field.control === 'choice');
        return (
          <div key={`${field.name} ${field.label}`} className={isWide ? 'col-span-2' : ''}>
            <Control
              field={field}
              quantities={quantities}
              onChange={(change) => onChange(settled(fields, { ...quantities, ...change }))}
            />
          </div>
        );
      })}
    </div>
  );
}

function Text({ field, quantities, onChange }: ControlProps) {
  return (
    <TextField
      label={field.label}
      value={String(quantities[field.name] ?? '')}
      placeholder={field.hint}
      maxLength={120}
      onChange={(event) => onChange({ [field.name]: event.target.value })}
    />
  );
}

function Whole({ field, quantities, onChange }: ControlProps) {
  return (
    <TextField
      label={field.label}
      type="number"
      min={0}
      value={quantities[field.name] === undefined ? '' : String(quantities[field.name])}
      onChange={(event) =>
        onChange({ [field.name]: event.target.value === '' ? undefined : Math.round(Number(event.target.value)) })
      }
    />
  );
}

function Ticked({ field, quantities, onChange }: ControlProps) {
  return (
    <Tick
      label={field.label}
      checked={quantities[field.name] === true}
      onChange={(ticked) => onChange({ [field.name]: ticked })}
    />
  );
}

function Chosen({ field, quantities, onChange }: ControlProps) {
  return (
    <Choice
      label={field.label}
      value={String(quantities[field.name] ?? field.choices[0]?.value)}
      choices={field.choices}
      onChoose={(value) => onChange({ [field.name]: value })}
    />
  );
}

function Lines({ field, quantities, onChange }: ControlProps) {
  return (
    <TextArea
      label={field.label}
      value={String(quantities[field.name] ?? '')}
      placeholder={field.hint}
      maxLength={2000}
      onChange={(event) => onChange({ [field.name]: event.target.value })}
    />
  );
}
