import { TextArea, TextField } from '../../ui/Field';
import type { FormProps } from '../BlockForm';
import { PictureChoice } from '../picture/PictureChoice';

export function TermForm({ content, onChange }: FormProps<'term'>) {
  return (
    <>
      <TextField
        label="Word"
        value={content.word}
        maxLength={80}
        autoFocus
        onChange={(event) => onChange({ ...content, word: event.target.value })}
      />
      <TextArea
        label="Meaning"
        value={content.meaning}
        maxLength={600}
        onChange={(event) => onChange({ ...content, meaning: event.target.value })}
      />
      <TextArea
        label="A hook to remember it by"
        value={content.hook ?? ''}
        maxLength={300}
        onChange={(event) => onChange({ ...content, hook: event.target.value })}
      />
      <PictureChoice medium={content.picture ?? null} onChoose={(picture) => onChange({ ...content, picture })} />
    </>
  );
}
