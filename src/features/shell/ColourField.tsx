'use client';
import { first } from '../../core/base/list';
import type { ReactNode } from 'react';
import { hexOfLab, labOfHex } from '../../core/colour/spaces';
import type { Swatch } from '../../core/model/types';

/** The first colour of a thing, by the platform's own colour picker; kept when the picker is left. */
export function ColourField({
  label,
  colours,
  onPreview,
  onCommit,
}: {
  label: string;
  colours: readonly Swatch[];
  onPreview: (colours: Swatch[]) => void;
  onCommit: (colours: Swatch[]) => void;
}): ReactNode {
  const main = first(colours);
  const withHex = (hex: string): Swatch[] => {
    const lab = labOfHex(hex)!;
    const { name: _old, ...rest } = main;
    return [{ ...rest, ...lab }, ...colours.slice(1)];
  };
  const hex = hexOfLab(main);
  return (
    <label className="flex items-center justify-between gap-3 border-b border-line py-1.5 text-[14px]">
      <span className="text-soft">{label}</span>
      <span className="flex items-center gap-2">
        {main.name}
        <input
          type="color"
          defaultValue={hex}
          key={hex}
          onChange={(e) => onPreview(withHex(e.target.value))}
          onBlur={(e) => {
            if (e.target.value !== hex) onCommit(withHex(e.target.value));
          }}
          className="h-[24px] w-9 border border-ink bg-transparent"
        />
      </span>
    </label>
  );
}
