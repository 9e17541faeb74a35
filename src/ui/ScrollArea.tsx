'use client';
import { ScrollArea as Radix } from 'radix-ui';
import type { ReactNode, Ref } from 'react';
import { useNonce } from './Nonce';

/** More than its room holds, with a bar that shows only while it is needed. */
export function ScrollArea({
  children,
  label,
  className = '',
  viewportRef,
}: {
  children: ReactNode;
  /** Named, it can be reached and scrolled by keys. */ label?: string;
  className?: string;
  viewportRef?: Ref<HTMLDivElement>;
}): ReactNode {
  const nonce = useNonce();
  return (
    <Radix.Root type="auto" className="min-w-0 overflow-hidden">
      <Radix.Viewport
        nonce={nonce}
        ref={viewportRef}
        className={`w-full [&>div]:!block ${className}`}
        {...(label ? { tabIndex: 0, role: 'group', 'aria-label': label } : {})}
      >
        {children}
      </Radix.Viewport>
      {(['vertical', 'horizontal'] as const).map((orientation) => (
        <Radix.Scrollbar
          key={orientation}
          orientation={orientation}
          className={`flex touch-none select-none bg-well p-px ${orientation === 'vertical' ? 'w-[8px]' : 'h-[8px] flex-col'}`}
        >
          <Radix.Thumb className="flex-1 rounded-sm bg-[#8a8a8a]" />
        </Radix.Scrollbar>
      ))}
    </Radix.Root>
  );
}
