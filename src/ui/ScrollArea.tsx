'use client';
import { ScrollArea as Radix } from 'radix-ui';
import type { ComponentPropsWithRef, ReactNode, Ref } from 'react';
import { useNonce } from './Nonce';

type Orientation = 'vertical' | 'horizontal';
const BOTH: readonly Orientation[] = ['vertical', 'horizontal'];

/** More than its room holds, with a bar that shows only while it is needed. */
export function ScrollArea({
  children,
  label,
  className = '',
  bars = BOTH,
  hasHiddenBars = false,
  viewportRef,
  viewport,
}: {
  children: ReactNode;
  /** Named, it can be reached and scrolled by keys. */ label?: string;
  /** Of the viewport: its greatest height, its padding. */ className?: string;
  /** Which ways it scrolls. */ bars?: readonly Orientation[];
  /** For a row of links, which shows by itself that it goes on. */ hasHiddenBars?: boolean;
  viewportRef?: Ref<HTMLDivElement>;
  /** Where the viewport is itself a list: its role, its keys, and whether the page’s single keys work there too. */
  viewport?: Omit<ComponentPropsWithRef<'div'>, 'className' | 'children'> & { 'data-page-keys'?: '' };
}): ReactNode {
  const nonce = useNonce();
  return (
    <Radix.Root type="auto" className="min-w-0 overflow-hidden">
      <Radix.Viewport
        nonce={nonce}
        ref={viewportRef}
        className={`w-full [&>div]:!block ${className}`}
        {...(label ? { tabIndex: 0, role: 'group', 'aria-label': label } : {})}
        {...viewport}
      >
        {children}
      </Radix.Viewport>
      {bars.map((orientation) => (
        <Radix.Scrollbar
          key={orientation}
          orientation={orientation}
          className={`${hasHiddenBars ? 'hidden' : 'flex'} touch-none select-none bg-well p-px ${orientation === 'vertical' ? 'w-[8px]' : 'h-[8px] flex-col'}`}
        >
          <Radix.Thumb className="flex-1 rounded-sm bg-[#8a8a8a]" />
        </Radix.Scrollbar>
      ))}
    </Radix.Root>
  );
}
