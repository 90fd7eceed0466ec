import { useState } from 'react';
import { TextArea } from '../../ui/Field';
import { PassageWords } from '../../ui/PassageWords';
import type { KindFormProps } from '../KindForm';

export function HighlightForm({ content, set }: KindFormProps) {
  const [first, setFirst] = useState<number | null>(null);
  const evidence = content.evidence ?? [];
  const touch = (word: number) => {
    const hit = evidence.find((range) => range.from <= word && word <= range.to);
    if (first === null) {
      if (hit) set({ evidence: evidence.filter((range) => range !== hit) });
      else setFirst(word);
      return;
    }
    const range = { from: Math.min(first, word), to: Math.max(first, word) };
    set({ evidence: [...evidence, range].sort((one, other) => one.from - other.from) });
    setFirst(null);
  };
  return (
    <>
      <TextArea
        label="Passage"
        value={content.passage ?? ''}
        maxLength={1200}
        onChange={(event) => set({ passage: event.target.value })}
      />
      <PassageWords
        passage={content.passage ?? ''}
        markOf={(word) =>
          word === first
            ? 'border-action bg-action-chosen'
            : evidence.some((range) => range.from <= word && word <= range.to)
              ? 'border-caution bg-first-light'
              : ''
        }
        onWord={touch}
      />
      <p className="text-small text-quiet" role="status">
        {first === null ? 'Click the first word of the evidence, then the last.' : 'Now click the last word.'}
      </p>
    </>
  );
}
