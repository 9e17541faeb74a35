'use client';
import { Collapsible as Radix } from 'radix-ui';
import { useState, type ReactNode } from 'react';
import { steady } from './steady';

/**
 * A part of a worksheet that opens and closes; what it says when closed stands beside its title. Its inside
 * is only worked out while it is open: a drag draws its worksheet many times a second.
 */
export function Collapsible({
  title,
  summary,
  open = false,
  onToggle,
  children,
}: {
  title: string;
  summary?: string;
  open?: boolean;
  onToggle?: (open: boolean) => void;
  children: ReactNode | (() => ReactNode);
}): ReactNode {
  const [shown, setShown] = useState(open);
  const content = () => (typeof children === 'function' ? children() : children);
  return (
    <Fold
      title={title}
      summary={summary}
      open={shown}
      onOpenChange={(next) => {
        setShown(next);
        onToggle?.(next);
      }}
    >
      {shown ? content() : null}
    </Fold>
  );
}

/** The fold as it is drawn; closed, it stays as it is while its title and summary do. */
const Fold = steady(function Fold({
  title,
  summary,
  open,
  onOpenChange,
  children,
}: {
  title: string;
  summary: string | undefined;
  open: boolean;
  onOpenChange: (open: boolean) => void;
  children: ReactNode;
}): ReactNode {
  return (
    <Radix.Root open={open} onOpenChange={onOpenChange} className="border-b border-line py-2">
      <Radix.Trigger className="group flex w-full items-center gap-2 text-left text-[14px] font-semibold">
        <svg
          width="9"
          height="9"
          viewBox="0 0 9 9"
          aria-hidden="true"
          className="shrink-0 transition-transform group-data-[state=open]:rotate-90"
        >
          <path d="M2 0.5 7 4.5 2 8.5z" fill="#141414" />
        </svg>
        <span>{title}</span>
        {summary && <span className="ml-auto text-right font-normal text-soft">{summary}</span>}
      </Radix.Trigger>
      <Radix.Content className="pb-1 pt-2">{children}</Radix.Content>
    </Radix.Root>
  );
});

/** A row that opens what belongs to it; the row is its own button. */
export function Disclosure({
  open,
  onOpenChange,
  trigger,
  triggerClass,
  contentClass,
  mounted = false,
  children,
}: {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  trigger: ReactNode;
  triggerClass: string;
  contentClass?: string;
  /** Kept on the page while closed, where a wide screen shows it anyway. */ mounted?: boolean;
  children: ReactNode;
}): ReactNode {
  return (
    <Radix.Root open={open} onOpenChange={onOpenChange}>
      <Radix.Trigger className={triggerClass}>{trigger}</Radix.Trigger>
      <Radix.Content className={contentClass} {...(mounted ? { forceMount: true } : {})}>
        {children}
      </Radix.Content>
    </Radix.Root>
  );
}
