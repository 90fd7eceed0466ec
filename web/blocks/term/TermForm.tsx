import type { FormProps } from '../BlockForm';
import { PictureChoice } from '../picture/PictureChoice';

export function TermForm({ content, onChange }: FormProps<'term'>) {
  return <PictureChoice medium={content.picture ?? null} onChoose={(picture) => onChange({ ...content, picture })} />;
}
