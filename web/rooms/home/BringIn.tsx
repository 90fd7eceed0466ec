import { type ChangeEvent, useState } from 'react';
import type { BroughtIn } from '../../answers.types';
import { ask } from '../../request';
import { useTrouble } from '../../trouble';
import { Notice } from '../../ui/Notice';
import { Sheet } from '../../ui/Sheet';
import { parcel } from './chosen-files';

interface BringInProps {
  open: boolean;
  /** Ends of the names of files that can be read. */
  accepts: string[];
  onClose: () => void;
  onArrived: (made: BroughtIn) => void;
}

const KINDS = [
  ['Slides', 'PPTX or ODP. Choose their PDF together with them, and each slide can keep its exact look.'],
  ['Pages', 'PDF: each page fills a slide.'],
  ['A text', 'DOCX, ODT or Markdown: each heading begins a slide.'],
  ['Pictures', 'Several at once, a folder or a zip file: each becomes a slide.'],
  ['A lesson', 'The whole lesson as it was taken away from here.'],
];

/** Chooses files that a lesson is made of. */
export function BringIn({ open, accepts, onClose, onArrived }: BringInProps) {
  const [busy, setBusy] = useState(false);
  const [trouble, attempt] = useTrouble();

  const chosen = async (event: ChangeEvent<HTMLInputElement>) => {
    const files = [...(event.target.files ?? [])];
    event.target.value = '';
    if (files.length === 0) return;
    setBusy(true);
    await attempt(async () => {
      const made = await parcel(files);
      const form = new FormData();
      form.append('file', made.file);
      if (made.pages) form.append('pages', made.pages);
      onArrived(await ask<BroughtIn>('POST', '/api/lessons/import', form));
    });
    setBusy(false);
  };

  return (
    <Sheet open={open} onClose={onClose} title="Bring in slides or a lesson">
      <dl className="grid grid-cols-[max-content_1fr] gap-x-4 gap-y-1.5">
        {KINDS.map(([kind, sentence]) => (
          <div key={kind} className="contents">
            <dt className="font-semibold">{kind}</dt>
            <dd>{sentence}</dd>
          </div>
        ))}
      </dl>
      {trouble && (
        <div className="pt-4">
          <Notice tone="trouble">{trouble}</Notice>
        </div>
      )}
      <div className="flex flex-wrap items-center gap-3 pt-5">
        <FileButton label="Choose files" look="main" accept={accepts.join()} disabled={busy} onChange={chosen} />
        <FileButton label="Choose a folder of pictures" folder disabled={busy} onChange={chosen} />
        <span role="status" className="text-quiet">
          {busy ? 'Reading what you chose …' : ''}
        </span>
      </div>
    </Sheet>
  );
}

interface FileButtonProps {
  label: string;
  look?: 'main' | 'plain';
  accept?: string;
  /** Whether a folder is chosen, with all that is in it. */
  folder?: boolean;
  disabled: boolean;
  onChange: (event: ChangeEvent<HTMLInputElement>) => void;
}

const LOOKS = {
  main: 'border-action bg-action text-sheet hover:opacity-90',
  plain: 'border-edge bg-sheet hover:border-action hover:text-action',
};

function FileButton({ label, look = 'plain', folder = false, ...input }: FileButtonProps) {
  return (
    <label
      className={`inline-flex min-h-10 items-center rounded border px-3.5 focus-within:outline-3 focus-within:outline-offset-2 focus-within:outline-action ${LOOKS[look]} ${input.disabled ? 'opacity-50' : 'cursor-pointer'}`}
    >
      {label}
      <input
        type="file"
        multiple
        className="sr-only"
        ref={(field) => {
          field?.toggleAttribute('webkitdirectory', folder);
        }}
        {...input}
      />
    </label>
  );
}
