'use client';
import { Popover as Radix } from 'radix-ui';
import type { ReactNode } from 'react';
import { ANCHOR } from './anchor';

/** A small sheet under the button it belongs to, which is `relative` and shows that it is open. */
export function Popover({
  id,
  label,
  onClose,
  focusBack,
  children,
}: {
  id: string;
  label: string;
  onClose: () => void;
  focusBack: () => void;
  children: ReactNode;
}): ReactNode {
  return (
    <Radix.Root open modal onOpenChange={(open) => !open && onClose()}>
      <Radix.Anchor asChild>
        <span aria-hidden="true" className={ANCHOR} />
      </Radix.Anchor>
      <Radix.Portal>
        <Radix.Content
          id={id}
          aria-label={label}
          align="start"
          sideOffset={2}
          collisionPadding={8}
          onCloseAutoFocus={(e) => {
            e.preventDefault();
            focusBack();
          }}
          className="z-50 w-[max(180px,var(--radix-popover-trigger-width))] max-w-[94vw] rounded-md border border-ink bg-sheet text-ink"
        >
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
