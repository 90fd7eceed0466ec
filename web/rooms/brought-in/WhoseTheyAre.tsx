import { useState } from 'react';
import { LICENCES } from '../../blocks/picture/licences';
import type { LessonDocument, Medium } from '../../lesson.types';
import { Button } from '../../ui/Button';
import { Choice, TextField } from '../../ui/Field';
import { useDesk } from '../lesson/desk';
import { useTeacher } from '../sign-in/SignedIn';

/** Says of all pictures at once whose they are, where nothing is said yet. */
export function WhoseTheyAre() {
  const desk = useDesk();
  const teacher = useTeacher();
  const [typed, setTyped] = useState<string | null>(null);
  const [licence, setLicence] = useState<Medium['licence']>('own');
  const credit = typed ?? teacher.data?.name ?? '';
  const count = withoutCredit(desk.document).length;
  if (count === 0) return null;
  const say = () =>
    desk.edit((draft) => {
      for (const medium of withoutCredit(draft)) Object.assign(medium, { credit: credit.trim(), licence });
    });
  return (
    <section
      aria-labelledby="whose"
      className="mt-3 flex flex-wrap items-end gap-3 rounded-md border border-rule bg-sheet p-4"
    >
      <p id="whose" className="mr-auto self-center">
        {count === 1
          ? 'Of one picture it is not known whose it is.'
          : `Of ${count} pictures it is not known whose they are.`}
      </p>
      <TextField label="Whose" value={credit} maxLength={300} onChange={(event) => setTyped(event.target.value)} />
      <Choice
        label="Licence"
        value={licence}
        choices={LICENCES.slice(1)}
        onChoose={(next) => setLicence(next as Medium['licence'])}
      />
      <Button disabled={credit.trim() === ''} onClick={say}>
        {count === 1 ? 'Say so' : `Say so of all ${count}`}
      </Button>
    </section>
  );
}

function withoutCredit(document: LessonDocument): Medium[] {
  return Object.values(document.media).filter((medium) => medium.credit.trim() === '' || medium.licence === '');
}
