'use client';
import { DropdownMenu as Radix } from 'radix-ui';
import { useEffect, useRef, type ReactNode } from 'react';
import { ANCHOR } from './anchor';

export type MenuItem = { label: string; onSelect: () => void; disabled?: boolean };

/** The open list of a menu. */
export function MenuPopup({
  label,
  items,
  isByKey = false,
  onClose,
  focusBack,
}: {
  label: string;
  items: readonly MenuItem[];
  /** Opened by key, its first item has the focus. */ isByKey?: boolean;
  onClose: () => void;
  focusBack: () => void;
}): ReactNode {
  const content = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (!isByKey) return undefined;
    const frame = requestAnimationFrame(() =>
      content.current?.querySelector<HTMLElement>('[role=menuitem]:not([data-disabled])')?.focus(),
    );
    return () => cancelAnimationFrame(frame);
  }, [isByKey]);
  return (
    <Radix.Root open onOpenChange={(open) => !open && onClose()}>
      <Radix.Trigger asChild>
        <span aria-hidden="true" className={ANCHOR} />
      </Radix.Trigger>
      <Radix.Portal>
        <Radix.Content
          ref={content}
          aria-label={label}
          align="start"
          sideOffset={4}
          collisionPadding={8}
          onCloseAutoFocus={(e) => {
            e.preventDefault();
            focusBack();
          }}
          className="z-50 min-w-[170px] rounded-md border border-ink bg-sheet py-1 text-ink"
        >
          {items.map(({ label: words, onSelect, disabled = false }) => (
            <Radix.Item
              key={words}
              disabled={disabled}
              onSelect={onSelect}
              className="cursor-pointer px-3 py-1 text-[14px] outline-none data-[disabled]:opacity-45 data-[highlighted]:bg-ink data-[highlighted]:text-sheet max-lg:py-2"
            >
              {words}
            </Radix.Item>
          ))}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
