import { AlertDialog } from 'radix-ui';
import type { ReactNode } from 'react';
import { Button } from './Button';

interface ConfirmProps {
  /** The button that asks; left out where a menu does, with the two that follow. */
  children?: ReactNode;
  open?: boolean;
  onOpenChange?: (open: boolean) => void;
  title: string;
  /** What goes with it. */
  consequence: string;
  action: string;
  onConfirm: () => void;
}

/** Asks once more before something goes that cannot be brought back. */
export function Confirm({ children, open, onOpenChange, title, consequence, action, onConfirm }: ConfirmProps) {
  return (
    <AlertDialog.Root open={open} onOpenChange={onOpenChange}>
      {children && <AlertDialog.Trigger asChild>{children}</AlertDialog.Trigger>}
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-40 bg-ink/35" />
        <AlertDialog.Content className="fixed top-1/2 left-1/2 z-50 w-[min(30rem,94vw)] -translate-x-1/2 -translate-y-1/2 rounded-md border border-rule bg-paper p-6">
          <AlertDialog.Title className="mb-2 text-xl">{title}</AlertDialog.Title>
          <AlertDialog.Description className="mb-5">{consequence}</AlertDialog.Description>
          <div className="flex justify-end gap-3">
            <AlertDialog.Cancel asChild>
              <Button>Keep it</Button>
            </AlertDialog.Cancel>
            <AlertDialog.Action asChild>
              <Button look="danger" onClick={onConfirm}>
                {action}
              </Button>
            </AlertDialog.Action>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
