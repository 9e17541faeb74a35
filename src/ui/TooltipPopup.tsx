'use client';
import { Tooltip as Radix } from 'radix-ui';
import type { ReactNode } from 'react';
import { ANCHOR } from './anchor';

/** The words of a tooltip; they come when one is first wanted. */
export function TooltipPopup({ label, onClose }: { label: string; onClose: () => void }): ReactNode {
  return (
    <Radix.Provider>
      <Radix.Root open onOpenChange={(open) => !open && onClose()}>
        <Radix.Trigger asChild>
          <span aria-hidden="true" className={ANCHOR} />
        </Radix.Trigger>
        <Radix.Portal>
          <Radix.Content
            sideOffset={4}
            collisionPadding={8}
            className="pointer-events-none z-50 max-w-[280px] rounded-md border border-ink bg-sheet px-2 py-1 text-[13px] leading-snug"
          >
            {label}
          </Radix.Content>
        </Radix.Portal>
      </Radix.Root>
    </Radix.Provider>
  );
}
