import type { FormEvent } from 'react';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { Sheet } from '../../ui/Sheet';

interface RenameProps {
  open: boolean;
  onClose: () => void;
  title: string;
  label: string;
  onRename: (title: string) => void;
}

export function Rename({ open, onClose, title, label, onRename }: RenameProps) {
  const rename = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    onRename(String(new FormData(event.currentTarget).get('title')));
    onClose();
  };
  return (
    <Sheet open={open} onClose={onClose} title="Rename">
      <form onSubmit={rename} className="flex flex-col gap-4">
        <TextField label={label} name="title" defaultValue={title} required maxLength={200} />
        <div className="flex justify-end gap-3">
          <Button onClick={onClose}>Not now</Button>
          <Button type="submit" look="main">
            Rename
          </Button>
        </div>
      </form>
    </Sheet>
  );
}
