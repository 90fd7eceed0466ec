import type { Medium } from '../../lesson.types';
import { useDesk } from '../../rooms/lesson/desk';
import { Choice, TextArea, TextField } from '../../ui/Field';
import { LICENCES } from './licences';

/** What must be said about a picture: what it shows, whose it is, and under which licence. */
export function PictureWords({ medium }: { medium: string }) {
  const desk = useDesk();
  const chosen = desk.document.media[medium];
  const say = (change: Partial<Medium>) =>
    desk.edit((draft) => {
      const found = draft.media[medium];
      if (found) Object.assign(found, change);
    });
  if (!chosen) return null;
  return (
    <>
      <TextArea
        label="What it shows, for someone who cannot see it"
        value={chosen.description}
        maxLength={1000}
        onChange={(event) => say({ description: event.target.value })}
      />
      <div className="grid grid-cols-2 gap-3">
        <TextField
          label="Whose it is"
          value={chosen.credit}
          maxLength={300}
          onChange={(event) => say({ credit: event.target.value })}
        />
        <Choice
          label="Licence"
          value={chosen.licence}
          choices={LICENCES}
          onChoose={(licence) => say({ licence: licence as Medium['licence'] })}
        />
      </div>
    </>
  );
}
