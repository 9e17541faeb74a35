'use client';
import { Progress as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

/** How far a search is. */
export function Progress({ label, value, max }: { label: string; value: number; max: number }): ReactNode {
  return (
    <Radix.Root
      aria-label={label}
      value={Math.min(value, max)}
      max={Math.max(1, max)}
      className="h-2 w-full overflow-hidden rounded-sm border border-ink bg-sheet"
    >
      <Radix.Indicator
        className="h-full bg-ink"
        style={{ width: `${(100 * Math.min(value, max)) / Math.max(1, max)}%` }}
      />
    </Radix.Root>
  );
}
