import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';

interface SheetProps {
  open: boolean;
  onClose: () => void;
  title: string;
  children: ReactNode;
  /** For a list that needs the room. */
  wide?: boolean;
}

/** A sheet of paper laid over the room, for something that must be settled first. */
export function Sheet({ open, onClose, title, children, wide = false }: SheetProps) {
  return (
    <Dialog.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/35" />
        <Dialog.Content
          aria-describedby={undefined}
          className={`fixed top-1/2 left-1/2 z-50 max-h-[88vh] -translate-x-1/2 -translate-y-1/2 overflow-y-auto rounded-md border border-rule bg-paper p-6 ${wide ? 'w-[min(52rem,94vw)]' : 'w-[min(34rem,94vw)]'}`}
        >
          <Dialog.Title className="mb-4 text-xl">{title}</Dialog.Title>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
