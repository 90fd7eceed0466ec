import { useState } from 'react';
import { useDesk } from '../../rooms/lesson/desk';
import { Button } from '../../ui/Button';
import { PictureSearch } from './PictureSearch';

interface FoldedPictureProps {
  /** Says what it is for, such as “A picture for answer A”. */
  label: string;
  medium: string | undefined;
  onChoose: (medium: string | undefined) => void;
}

/** A picture that few want: a button until one is looked for, and small when it is there. */
export function FoldedPicture({ label, medium, onChoose }: FoldedPictureProps) {
  const desk = useDesk();
  const [isOpen, setOpen] = useState(false);
  const chosen = medium ? desk.document.media[medium] : undefined;
  if (chosen) {
    return (
      <div className="flex items-center gap-2">
        <img src={`/api/media/${chosen.sha256}`} alt={chosen.description || chosen.name} className="size-10" />
        <Button look="quiet" aria-label={`Take off: ${label}`} onClick={() => onChoose(undefined)}>
          Take the picture off
        </Button>
      </div>
    );
  }
  if (!isOpen) {
    return (
      <Button look="quiet" className="self-start" onClick={() => setOpen(true)}>
        {label}
      </Button>
    );
  }
  return (
    <PictureSearch
      label="Choose a file"
      onChoose={(found) => {
        setOpen(false);
        onChoose(found);
      }}
    />
  );
}
