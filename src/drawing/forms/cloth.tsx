import type { ReactNode } from 'react';
import { Cloth } from '../../ui/drawing/cloth';
import { patternId, type Drawn } from './drawn';

/** The pattern of a flat cloth, at true scale. */
export function FlatCloth({ drawn: d }: { drawn: Drawn }): ReactNode {
  return <ClothAt drawn={d} repeat={d.shape.pattern.repeatMm * d.perMm} />;
}

/** The pattern of a sewn cover, a repeat in its middle. */
export function CentredCloth({ drawn: d }: { drawn: Drawn }): ReactNode {
  const centre = { x: d.x + d.w / 2, y: d.y + d.h / 2 };
  return <ClothAt drawn={d} repeat={d.shape.pattern.repeatMm * d.perMm} centre={centre} />;
}

/** The cloth's pattern with its repeat as seen, in units of the drawing: folds draw it together. */
export function ClothAt({
  drawn: d,
  repeat,
  ...where
}: {
  drawn: Drawn;
  repeat: number;
  centre?: { x: number; y: number };
}): ReactNode {
  if (!d.patterned) return null;
  return (
    <defs>
      <Cloth id={patternId(d)} kind={d.shape.pattern.kind} repeat={repeat} colours={d.colours} {...where} />
    </defs>
  );
}
