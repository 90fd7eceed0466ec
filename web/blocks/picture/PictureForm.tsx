import { TextArea } from '../../ui/Field';
import type { FormProps } from '../BlockForm';
import { PictureChoice } from './PictureChoice';

export function PictureForm({ content, onChange }: FormProps<'picture'>) {
  return (
    <>
      <PictureChoice medium={content.medium} onChoose={(medium) => onChange({ ...content, medium })} />
      <TextArea
        label="Caption on the slide"
        value={content.caption ?? ''}
        maxLength={300}
        onChange={(event) => onChange({ ...content, caption: event.target.value })}
      />
    </>
  );
}
