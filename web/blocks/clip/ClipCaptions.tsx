import { useState } from 'react';
import type { ReadCaptions } from '../../answers.types';
import { ask, sentence } from '../../request';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { FileChoice } from '../../ui/FileChoice';
import { Notice } from '../../ui/Notice';
import type { ContentOf } from '../BlockForm';

/** Seconds that a caption is shown at first. */
const SHOWN = 3;

interface ClipCaptionsProps {
  content: ContentOf<'clip'>;
  onChange: (content: ContentOf<'clip'>) => void;
}

type Caption = NonNullable<ContentOf<'clip'>['captions']>[number];

/** What is said in the clip: typed, or brought in from a file. */
export function ClipCaptions({ content, onChange }: ClipCaptionsProps) {
  const [trouble, setTrouble] = useState('');
  const captions = content.captions ?? [];
  const put = (next: Caption[]) => onChange({ ...content, captions: next });
  const change = (index: number, by: Partial<Caption>) =>
    put(captions.map((each, number) => (number === index ? { ...each, ...by } : each)));
  const add = () => {
    const from = captions.at(-1)?.to ?? content.from ?? 0;
    put([...captions, { from, to: Math.round((from + SHOWN) * 10) / 10, text: '' }]);
  };
  const bringIn = async (file: File) => {
    try {
      put((await ask<ReadCaptions>('POST', '/api/captions', { text: await file.text() })).captions);
      setTrouble('');
    } catch (error) {
      setTrouble(sentence(error));
    }
  };
  return (
    <fieldset className="flex flex-col gap-2">
      <legend className="mb-1 text-small text-quiet">Captions, each from and to a second of the clip</legend>
      {captions.map((caption, index) => (
        <div key={index} className="grid grid-cols-[4.5rem_4.5rem_minmax(0,1fr)_auto] items-end gap-2">
          {(['from', 'to'] as const).map((end) => (
            <TextField
              key={end}
              label={`Caption ${index + 1} ${end}, in seconds`}
              hideLabel
              type="number"
              min={0}
              max={3600}
              step={0.1}
              value={caption[end]}
              onChange={(event) => change(index, { [end]: Math.min(3600, Math.max(0, Number(event.target.value))) })}
            />
          ))}
          <TextField
            label={`Caption ${index + 1}`}
            hideLabel
            value={caption.text}
            maxLength={400}
            onChange={(event) => change(index, { text: event.target.value })}
          />
          <Button
            look="quiet"
            aria-label={`Take caption ${index + 1} away`}
            onClick={() => put(captions.filter((_, number) => number !== index))}
          >
            ✕
          </Button>
        </div>
      ))}
      <div className="flex flex-wrap gap-3">
        <Button onClick={add}>Add a caption</Button>
        <FileChoice label="Bring captions in (WebVTT)" accept=".vtt,text/vtt" onFile={(file) => void bringIn(file)} />
      </div>
      {trouble && <Notice tone="trouble">{trouble}</Notice>}
    </fieldset>
  );
}
