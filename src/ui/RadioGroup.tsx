'use client';
import { RadioGroup as Radix } from 'radix-ui';
import type { ReactNode } from 'react';
import { steady } from './steady';
import { Words } from './Words';

export type Option<T extends string> = { value: T; label: string };

/**
 * One of a few, side by side; the chosen one is black. Arrow keys move the choice.
 */
function RadioGroupDrawn<T extends string>({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: T;
  options: readonly Option<T>[];
  onChange: (value: T) => void;
}): ReactNode {
  return (
    <Radix.Root
      aria-label={label}
      value={value}
      onValueChange={(v) => onChange(v as T)}
      className="flex overflow-hidden rounded-md border border-ink"
    >
      {options.map((o) => (
        <Radix.Item
          key={o.value}
          value={o.value}
          className="flex flex-1 items-center justify-center border-l border-ink px-1.5 py-1 text-center font-narrow text-[13px] font-medium leading-tight first:border-l-0 hover:bg-well focus-visible:outline-offset-[-4px] focus-visible:outline-current data-[state=checked]:bg-ink data-[state=checked]:text-sheet"
        >
          <span>
            <Words>{o.label}</Words>
          </span>
        </Radix.Item>
      ))}
    </Radix.Root>
  );
}

export const RadioGroup = steady(RadioGroupDrawn) as typeof RadioGroupDrawn;

/** One of a list, each with a dot in front of what it says. */
export function RadioList<T extends string>({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: T | null;
  options: readonly { value: T; content: ReactNode }[];
  onChange: ((value: T) => void) | undefined;
}): ReactNode {
  return (
    <Radix.Root
      aria-label={label}
      value={value ?? ''}
      disabled={!onChange}
      onValueChange={(v) => onChange?.(v as T)}
    >
      {options.map((o) => (
        <label
          key={o.value}
          className="grid cursor-pointer grid-cols-[18px_1fr] gap-x-2 border-t border-line py-1.5 text-[14px] last:border-b"
        >
          <Radix.Item
            value={o.value}
            className="-mb-[7px] -ml-[6px] mt-[-2px] flex h-[24px] w-[24px] items-center justify-center"
          >
            <span className="flex h-[13px] w-[13px] items-center justify-center rounded-full border border-ink bg-sheet">
              <Radix.Indicator className="h-[7px] w-[7px] rounded-full bg-ink" />
            </span>
          </Radix.Item>
          {o.content}
        </label>
      ))}
    </Radix.Root>
  );
}
