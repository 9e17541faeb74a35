'use client';
import { Checkbox as Radix } from 'radix-ui';
import type { ReactNode } from 'react';
import { steady } from './steady';

function CheckboxDrawn({
  children,
  checked,
  onChange,
  className = '',
}: {
  children: ReactNode;
  checked: boolean;
  onChange: (checked: boolean) => void;
  className?: string;
}): ReactNode {
  return (
    <label className={`flex min-h-[26px] cursor-pointer items-start gap-2 py-[3px] text-[14px] ${className}`}>
      <Radix.Root
        checked={checked}
        onCheckedChange={(state) => onChange(state === true)}
        className="group -m-[5px] mt-[-2px] flex h-[24px] w-[24px] shrink-0 items-center justify-center"
      >
        <span className="flex h-[14px] w-[14px] items-center justify-center rounded-sm border border-ink bg-sheet group-data-[state=checked]:bg-ink">
          <Radix.Indicator>
            <svg width="10" height="10" viewBox="0 0 10 10" aria-hidden="true">
              <path d="M1.5 5.2 4 7.7 8.6 2.4" fill="none" stroke="#f5f5f5" strokeWidth="1.6" />
            </svg>
          </Radix.Indicator>
        </span>
      </Radix.Root>
      <span className="leading-snug">{children}</span>
    </label>
  );
}

/** A box with its words beside it; the words tick it too. */
export const Checkbox = steady(CheckboxDrawn);
