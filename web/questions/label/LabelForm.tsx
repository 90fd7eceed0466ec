import { PicturePoints } from '../../blocks/figure/controls/PicturePoints';
import { PictureChoice } from '../../blocks/picture/PictureChoice';
import { newId } from '../../rooms/lesson/desk';
import { TextField, Tick } from '../../ui/Field';
import type { KindFormProps } from '../KindForm';
import { Rows } from '../Rows';

const MOST = 12;

export function LabelForm({ content, set }: KindFormProps) {
  const points = content.points ?? [];
  const make = (x = 0.5, y = 0.5) => ({ id: newId('point'), name: '', x, y });
  return (
    <>
      <PictureChoice medium={content.picture || null} onChoose={(medium) => set({ picture: medium ?? '' })} />
      <p className="text-small text-quiet">Click the picture to add a part; drag it to move it.</p>
      <PicturePoints
        picture={content.picture ?? ''}
        points={points}
        most={MOST}
        make={make}
        onChange={(changed) => set({ points: changed })}
      />
      <Rows
        legend="Names; other right names behind a stroke: dial / dial plate"
        rows={points}
        most={MOST}
        add="Add a part"
        make={() => make()}
        onChange={(changed) => set({ points: changed })}
      >
        {(point, change, index) => (
          <TextField
            label={`Part ${index + 1}`}
            value={point.name}
            maxLength={80}
            onChange={(event) => change({ name: event.target.value })}
          />
        )}
      </Rows>
      <Tick label="Give the names to choose from" checked={content.bank ?? true} onChange={(bank) => set({ bank })} />
    </>
  );
}
