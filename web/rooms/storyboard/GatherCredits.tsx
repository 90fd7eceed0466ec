import type { CreditsAnswer } from '../../answers.types';
import { ask } from '../../request';
import { useTrouble } from '../../trouble';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { useDesk } from '../lesson/desk';
import { tellCredits } from '../lesson/slides';

/** Says on a last slide whose the pictures of the lesson are. */
export function GatherCredits() {
  const desk = useDesk();
  const [trouble, attempt] = useTrouble();
  if (Object.keys(desk.document.media).length === 0) return null;
  const gather = () =>
    attempt(async () => {
      const { slide, lines } = await ask<CreditsAnswer>('GET', `/api/lessons/${desk.id}/credits`);
      if (lines.length === 0) {
        throw new Error('No picture on a slide has a credit yet. Write whose it is under its details first.');
      }
      desk.edit((draft) => tellCredits(draft, slide, lines));
      desk.chooseSlide(slide);
    });
  return (
    <>
      {trouble && <Notice tone="trouble">{trouble}</Notice>}
      <Button onClick={gather}>Gather the credits</Button>
    </>
  );
}
