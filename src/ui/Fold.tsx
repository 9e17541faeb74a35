'use client';
import { useEffect, useRef, useState, type ReactNode } from 'react';

/**
 * A part of a worksheet that opens and closes; what it says when closed stands beside its title.
 * A part given as a function is worked out only while it is open: a drag draws its worksheet anew many times
 * a second.
 */
export function Fold({
  title,
  says,
  open = false,
  onToggle,
  children,
}: {
  title: string;
  says?: string;
  open?: boolean;
  /** For a part that is only worked out while it is open. */ onToggle?: (open: boolean) => void;
  children: ReactNode | (() => ReactNode);
}): ReactNode {
  const part = useRef<HTMLDetailsElement>(null);
  const [shown, setShown] = useState(open);
  // it may have been opened before the page was awake
  useEffect(() => {
    if (part.current?.open) setShown(true);
  }, []);
  return (
    <details
      ref={part}
      open={open}
      onToggle={(e) => {
        setShown(e.currentTarget.open);
        onToggle?.(e.currentTarget.open);
      }}
      className="group border-b border-line py-2"
    >
      <summary className="flex list-none items-baseline gap-2 text-[14px] font-semibold [&::-webkit-details-marker]:hidden">
        <svg
          width="9"
          height="9"
          viewBox="0 0 9 9"
          aria-hidden="true"
          className="shrink-0 transition-transform group-open:rotate-90"
        >
          <path d="M2 0.5 7 4.5 2 8.5z" fill="#141414" />
        </svg>
        <span>{title}</span>
        {says && <span className="ml-auto text-right font-normal text-soft">{says}</span>}
      </summary>
      <div className="pb-1 pt-2">{typeof children === 'function' ? shown && children() : children}</div>
    </details>
  );
}
