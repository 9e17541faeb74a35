'use client';
import { Tabs as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

/** Tabs and the panel they change. Arrow keys go along the tabs. */
export function Tabs({
  value,
  onChange,
  className = '',
  children,
}: {
  value: string;
  onChange: (value: string) => void;
  className?: string;
  children: ReactNode;
}): ReactNode {
  return (
    <Radix.Root value={value} onValueChange={onChange} className={className}>
      {children}
    </Radix.Root>
  );
}

export const TabList = Radix.List;
export const Tab = Radix.Trigger;

/** What the chosen tab shows. */
export function TabPanel({
  value,
  className = '',
  children,
}: {
  value: string;
  className?: string;
  children: ReactNode;
}): ReactNode {
  return (
    <Radix.Content value={value} tabIndex={-1} className={`outline-none ${className}`}>
      {children}
    </Radix.Content>
  );
}
