'use client';
import { first } from '../../core/base/list';
import { useId, type ReactNode } from 'react';
import { hexOfLab } from '../../core/colour/spaces';
import type { Item } from '../../core/model/types';
import { Cloth } from '../../ui/drawing/cloth';

/** A thing's cloth, at a scale at which its pattern is recognisable. */
export function ClothSquare({
  colours,
  pattern,
  size = 34,
}: {
  colours: Item['colours'];
  pattern: Item['pattern'];
  size?: number;
}): ReactNode {
  const id = useId().replace(/[^a-zA-Z0-9]/g, '');
  const hexes = colours.map((c) => ({ hex: hexOfLab(c), share: c.share }));
  const patterned = pattern.kind !== 'solid';
  return (
    <svg
      viewBox="0 0 34 34"
      width={size}
      height={size}
      aria-hidden="true"
      className="block shrink-0 border border-black/20"
    >
      {patterned && (
        <defs>
          <Cloth
            id={`s${id}`}
            kind={pattern.kind}
            repeat={Math.min(20, Math.max(3, pattern.repeatMm / 12))}
            colours={hexes}
          />
        </defs>
      )}
      <rect width="34" height="34" fill={patterned ? `url(#s${id})` : first(hexes).hex} />
      {!patterned &&
        hexes.length > 1 &&
        hexes
          .slice(1)
          .map((h, i) => <rect key={i} y={34 - (i + 1) * 8} width="34" height="8" fill={h.hex} />)}
    </svg>
  );
}

/** Colours with their shares, side by side. */
export function ShareBar({
  colours,
  height = 22,
  label,
}: {
  colours: readonly { l: number; a: number; b: number; share: number }[];
  height?: number;
  label: string;
}): ReactNode {
  return (
    <div role="img" aria-label={label} className="flex w-full border border-black/20" style={{ height }}>
      {colours.map((c, i) => (
        <span key={i} style={{ width: `${c.share * 100}%`, background: hexOfLab(c) }} />
      ))}
    </div>
  );
}
