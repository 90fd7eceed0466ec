import { useState } from 'react';
import type { CorrectedCaptions } from '../../answers.types';
import { ask } from '../../request';
import { useTrouble } from '../../trouble';
import { FileChoice } from '../../ui/FileChoice';
import { Notice } from '../../ui/Notice';
import type { Changes } from './useEditing';

interface CaptionsInProps {
  lesson: string;
  onEdit: (changes: Changes) => void;
}

/** Captions that were put right in another program come back: what they say otherwise is typed for the words. */
export function CaptionsIn({ lesson, onEdit }: CaptionsInProps) {
  const [trouble, attempt] = useTrouble();
  const [told, setTold] = useState('');
  const bring = async (file: File) => {
    setTold('');
    await attempt(async () => {
      const text = await file.text();
      const { changed, takes } = await ask<CorrectedCaptions>('POST', `/api/lessons/${lesson}/captions`, { text });
      onEdit(Object.fromEntries(takes.map(({ id, wordings }) => [id, { wordings }])));
      setTold(sentenceOf(changed));
    });
  };
  return (
    <section aria-label="Captions" className="mt-5 border-t border-rule pt-4">
      <h2 className="mb-1 text-lg">Captions</h2>
      <p className="mb-2 text-small text-quiet">
        They follow the words: mark some and type what is said. The Share room gives them as a file (WebVTT); put right
        in another program, they come back here.
      </p>
      <FileChoice label="Bring captions in" accept=".vtt,text/vtt" onFile={(file) => void bring(file)} />
      {told && (
        <p className="mt-2" role="status">
          {told}
        </p>
      )}
      {trouble && <Notice tone="trouble">{trouble}</Notice>}
    </section>
  );
}

function sentenceOf(changed: number): string {
  if (changed === 0) return 'These captions say what stands here already.';
  return changed === 1 ? 'One caption says something else now.' : `${changed} captions say something else now.`;
}
