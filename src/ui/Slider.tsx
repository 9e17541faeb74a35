'use client';
import { Slider as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

/** A value along a track; arrow keys step it, Home and End go to its ends. */
export function Slider({
  label,
  value,
  max,
  step = 1,
  valueText,
  onChange,
  track = 'bg-line',
  className = '',
}: {
  label: string;
  value: number;
  max: number;
  step?: number;
  /** The value as it is read aloud. */ valueText?: string;
  onChange: (value: number) => void;
  track?: string;
  className?: string;
}): ReactNode {
  return (
    <Radix.Root
      value={[value]}
      min={0}
      max={max}
      step={step}
      onValueChange={([next]) => next !== undefined && onChange(next)}
      className={`relative flex h-[20px] touch-none select-none items-center ${className}`}
    >
      <Radix.Track className={`relative mx-[9px] h-[7px] flex-1 rounded-sm ${track}`} />
      <Radix.Thumb
        aria-label={label}
        {...(valueText === undefined ? {} : { 'aria-valuetext': valueText })}
        className="flex h-[24px] w-[24px] items-center justify-center"
      >
        <span className="h-[18px] w-[5px] bg-ink" />
      </Radix.Thumb>
    </Radix.Root>
  );
}
