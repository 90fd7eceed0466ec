import { useDesk } from '../../../rooms/lesson/desk';
import { addSideSlide } from '../../../rooms/lesson/slides';
import { Button } from '../../../ui/Button';
import { Choice, TextField } from '../../../ui/Field';
import { PictureChoice } from '../../picture/PictureChoice';
import type { ControlProps } from '../QuantitiesForm';
import type { Side } from './margins';
import { NamesInMargins } from './NamesInMargins';
import { type PicturePoint, PicturePoints } from './PicturePoints';

const NEW = 'new side slide';

const MOST = { points: 12, spots: 9 };

/** A picture and the named points on it; spots may each lead to a side slide. */
export function PointsField({ field, quantities, onChange }: ControlProps) {
  const desk = useDesk();
  const points = (quantities[field.name] ?? []) as PicturePoint[];
  const picture = String(quantities.picture ?? '');
  const isSpots = field.control === 'spots';
  const sideSlides = desk.document.parts.flatMap((part) => part.slides).filter((slide) => slide.side);
  const set = (changed: PicturePoint[]) => onChange({ [field.name]: changed });
  const change = (index: number, some: Partial<PicturePoint>) =>
    set(points.map((point, at) => (at === index ? { ...point, ...some } : point)));
  const leadTo = (index: number, slide: string) => {
    if (slide !== NEW) return change(index, { slide });
    let made = '';
    desk.edit((draft) => {
      made = addSideSlide(draft, desk.slide?.id ?? '', points[index]?.name ?? '');
    });
    change(index, { slide: made });
  };
  const wish = (index: number, to: { side?: Side; height?: number }) =>
    set(
      points.map((point, at) => {
        if (at !== index) return point;
        const { side: _, height: __, ...free } = point;
        return { ...free, ...to };
      }),
    );
  const pictured = (
    <PicturePoints
      picture={picture}
      points={points}
      most={isSpots ? MOST.spots : MOST.points}
      make={(x, y) => ({ name: `part ${points.length + 1}`, x, y })}
      onChange={set}
    />
  );
  return (
    <fieldset className="flex flex-col gap-3">
      <legend className="mb-1 text-small text-quiet">{field.label}</legend>
      <PictureChoice medium={picture || null} onChoose={(medium) => onChange({ picture: medium ?? '' })} />
      <p className="text-small text-quiet">{field.hint}</p>
      {isSpots ? (
        pictured
      ) : (
        <NamesInMargins points={points} onWish={wish}>
          {pictured}
        </NamesInMargins>
      )}
      {points.map((point, index) => (
        <div key={index} className="flex items-end gap-2">
          <div className="grow">
            <TextField
              label={`Name of ${index + 1}`}
              value={point.name}
              maxLength={40}
              onChange={(event) => change(index, { name: event.target.value })}
            />
          </div>
          {isSpots && (
            <Choice
              label="Leads to"
              value={point.slide ?? ''}
              choices={[
                { value: '', label: 'nowhere' },
                { value: NEW, label: 'a new side slide' },
                ...sideSlides.map((slide) => ({ value: slide.id, label: slide.title || 'a side slide' })),
              ]}
              onChoose={(slide) => leadTo(index, slide)}
            />
          )}
          <Button look="quiet" onClick={() => set(points.filter((_, at) => at !== index))}>
            Remove
          </Button>
        </div>
      ))}
    </fieldset>
  );
}
