import type { FormProps } from '../BlockForm';
import { Marks } from './Marks';
import { PictureChoice } from './PictureChoice';

export function PictureForm({ content, onChange }: FormProps<'picture'>) {
  return (
    <>
      <PictureChoice medium={content.medium} onChoose={(medium) => onChange({ ...content, medium })} />
      {content.medium && <Marks content={content} onChange={onChange} />}
    </>
  );
}
