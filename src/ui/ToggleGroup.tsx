'use client';
import { Toggle as RadixToggle, ToggleGroup as Radix } from 'radix-ui';
import type { ReactNode } from 'react';
import { steady } from './steady';
import { Tooltip } from './Tooltip';

type Option<T extends string> = {
  value: T;
  label: string;
  /** Shown in place of the label: a small picture with its own name under it. */ picture?: ReactNode;
  /** Shown in place of the label, which the tooltip then gives. */ icon?: ReactNode;
};

const VARIANTS = {
  underline: {
    group: 'flex gap-x-3 font-narrow text-[14px]',
    item: 'border-b-2 border-transparent font-medium data-[state=on]:border-ink data-[state=on]:font-bold',
  },
  names: {
    group: 'flex flex-wrap gap-x-4 gap-y-1 text-[14px]',
    item: 'underline decoration-line underline-offset-4 data-[state=on]:font-semibold data-[state=on]:decoration-ink',
  },
  boxes: {
    group: 'flex',
    item: [
      'min-h-[32px] flex-1 border border-l-0 border-line px-1 font-narrow text-[13px] first:border-l',
      'max-lg:min-h-[44px] data-[state=on]:border-ink data-[state=on]:bg-ink data-[state=on]:text-sheet',
    ].join(' '),
  },
  buttons: {
    group: 'flex gap-1.5',
    item: [
      'rounded-md border border-ink bg-sheet px-2 py-0.5 text-[13px] font-medium hover:bg-well',
      'data-[state=on]:bg-ink data-[state=on]:text-sheet',
    ].join(' '),
  },
  icons: { group: 'flex gap-1', item: 'rounded-md border border-transparent p-1 data-[state=on]:border-ink' },
  pictures: {
    group: 'flex gap-1.5 p-1 pb-2.5',
    item: 'shrink-0 text-left font-narrow text-[13px] data-[state=on]:font-bold',
  },
} as const;

/** Ways of looking at the same thing, one of them on. Arrow keys go along, Enter or a press turns one on. */
function ToggleGroupDrawn<T extends string>({
  label,
  value,
  options,
  onChange,
  onClear,
  variant = 'underline',
  className = '',
}: {
  label: string;
  /** Null while none is on. */ value: T | null;
  options: readonly Option<T>[];
  onChange: (value: T) => void;
  /** Pressing the one that is on turns it off. */ onClear?: () => void;
  variant?: keyof typeof VARIANTS;
  className?: string;
}): ReactNode {
  const style = VARIANTS[variant];
  return (
    <Radix.Root
      type="single"
      aria-label={label}
      value={value ?? ''}
      onValueChange={(v) => {
        if (v) onChange(v as T);
        else onClear?.();
      }}
      className={`${style.group} ${className}`}
    >
      {options.map((o) =>
        o.icon ? (
          <Tooltip key={o.value} label={o.label}>
            <Radix.Item value={o.value} aria-label={o.label} className={style.item}>
              {o.icon}
            </Radix.Item>
          </Tooltip>
        ) : (
          <Radix.Item
            key={o.value}
            value={o.value}
            className={style.item}
            {...(o.picture ? { 'aria-label': o.label } : {})}
          >
            {o.picture ?? o.label}
          </Radix.Item>
        ),
      )}
    </Radix.Root>
  );
}

export const ToggleGroup = steady(ToggleGroupDrawn) as typeof ToggleGroupDrawn;

/** Something that is on or off, such as a panel beside the drawing. */
export function Toggle({
  pressed,
  onChange,
  children,
  variant = 'underline',
}: {
  pressed: boolean;
  onChange: (pressed: boolean) => void;
  children: ReactNode;
  variant?: 'underline' | 'names';
}): ReactNode {
  return (
    <RadixToggle.Root pressed={pressed} onPressedChange={onChange} className={VARIANTS[variant].item}>
      {children}
    </RadixToggle.Root>
  );
}
