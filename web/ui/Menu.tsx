import { DropdownMenu } from 'radix-ui';
import type { ReactNode } from 'react';

interface MenuProps {
  /** The button that opens it. */
  button: ReactNode;
  children: ReactNode;
  align?: 'start' | 'end';
  /** Where something else than a press decides. */
  open?: boolean;
  onOpenChange?: (open: boolean) => void;
}

export function Menu({ button, children, align = 'start', open, onOpenChange }: MenuProps) {
  return (
    <DropdownMenu.Root open={open} onOpenChange={onOpenChange}>
      <DropdownMenu.Trigger asChild>{button}</DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align={align}
          sideOffset={6}
          collisionPadding={12}
          className="z-30 min-w-56 rounded-md border border-edge bg-paper p-1"
        >
          {children}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

export function MenuEntry({ children, onSelect }: { children: ReactNode; onSelect: () => void }) {
  return (
    <DropdownMenu.Item
      onSelect={onSelect}
      className="flex min-h-10 cursor-pointer items-center rounded px-3 data-highlighted:bg-action data-highlighted:text-white data-highlighted:outline-none"
    >
      {children}
    </DropdownMenu.Item>
  );
}
