import { useKinds } from '../../rooms/lesson/kinds';
import { Choice } from '../../ui/Field';
import type { FormProps } from '../BlockForm';
import { Facts } from '../Facts';
import { AnotherItem } from './AnotherItem';
import { QUANTITY_FORMS } from './quantities';

export function FigureForm({ content, onChange, facts }: FormProps<'figure'>) {
  const kinds = useKinds();
  const figures = kinds.data?.figures ?? [];
  const Quantities = QUANTITY_FORMS[content.figure];
  return (
    <>
      <Choice
        label="Figure"
        value={content.figure}
        choices={figures.map((figure) => ({
          value: figure.name,
          label: `${figure.label}: ${figure.purpose.toLowerCase()}`,
        }))}
        onChoose={(name) =>
          onChange({ figure: name, quantities: figures.find((figure) => figure.name === name)?.blank ?? {} })
        }
      />
      {Quantities && (
        <Quantities
          quantities={content.quantities as Record<string, unknown>}
          onChange={(quantities) => onChange({ ...content, quantities })}
        />
      )}
      <AnotherItem content={content} />
      <Facts facts={facts} />
    </>
  );
}
