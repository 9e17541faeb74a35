'use client';
import { first } from '../../core/base/list';
import { memo, useId, type ReactNode } from 'react';
import type { Lab } from '../../core/colour/spaces';
import type { Item } from '../../core/model/types';
import { Cloth } from '../../ui/drawing/cloth';

/**
 * A thing's cloth as a small true-to-pattern picture: half its width across the chip. A turned-up corner: its
 * colour was not seen in person, or comes from a photo without a card.
 */
export const ClothChip = memo(function ClothChip({
  item,
  paint,
  width = 36,
  height = 28,
}: {
  item: Pick<Item, 'colours' | 'pattern' | 'widthMm' | 'kind' | 'seen' | 'colourFrom'>;
  paint: (c: Lab) => string;
  width?: number;
  height?: number;
}): ReactNode {
  const id = useId().replace(/[^a-zA-Z0-9]/g, '');
  const colours = item.colours.map((c) => ({ hex: paint(c), share: c.share }));
  const perMm = (width * 1.6) / item.widthMm;
  const patterned = item.pattern.kind !== 'solid' && item.kind !== 'art';
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      aria-hidden="true"
      className="block border border-black/25"
    >
      {patterned && (
        <defs>
          <Cloth id={id} kind={item.pattern.kind} repeat={item.pattern.repeatMm * perMm} colours={colours} />
        </defs>
      )}
      {item.kind === 'art' ? (
        (() => {
          let x = 0;
          return colours.map((c, i) => {
            const w = c.share * width;
            const r = <rect key={i} x={x} width={w + 0.5} height={height} fill={c.hex} />;
            x += w;
            return r;
          });
        })()
      ) : (
        <rect width={width} height={height} fill={patterned ? `url(#${id})` : first(colours).hex} />
      )}
      {(!item.seen || item.colourFrom === 'photo') && (
        <path d={`M${width - 11} 0h11v11z`} fill="#f5f5f5" stroke="#141414" strokeWidth="0.8" />
      )}
    </svg>
  );
});
