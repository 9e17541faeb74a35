'use client';
import { Toolbar as Radix } from 'radix-ui';
import type { ReactElement, ReactNode } from 'react';

/** Many buttons in a row as one stop of the tab key: arrow keys go from one to the next, Home and End to both ends. */
export function Toolbar({ label, children }: { label: string; children: ReactNode }): ReactNode {
  return (
    <Radix.Root aria-label={label} loop={false}>
      {children}
    </Radix.Root>
  );
}

/** A button of a toolbar; what it is given is the button itself. */
export function ToolbarButton({ children }: { children: ReactElement }): ReactNode {
  return <Radix.Button asChild>{children}</Radix.Button>;
}
