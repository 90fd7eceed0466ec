import type { FormProps } from '../BlockForm';
import { Marks } from './Marks';
import { PictureChoice } from './PictureChoice';
import { Improve } from './recipe/Improve';

export function PictureForm({ content, onChange }: FormProps<'picture'>) {
  // A recipe belongs to the picture that it was made for.
  const { recipe: _, ...rest } = content;
  return (
    <>
      <PictureChoice medium={content.medium} onChoose={(medium) => onChange({ ...rest, medium })} />
      <Improve content={content} onChange={onChange} />
      {content.medium && <Marks content={content} onChange={onChange} />}
    </>
  );
}
