import type { FormProps } from '../BlockForm';
import { PictureChoice } from './PictureChoice';

export function PictureForm({ content, onChange }: FormProps<'picture'>) {
  return <PictureChoice medium={content.medium} onChoose={(medium) => onChange({ ...content, medium })} />;
}
