import type { ReactNode } from 'react';
import { Cloth } from '../../ui/drawing/cloth';
import { patternId, type Drawn } from './drawn';

/** The pattern of a flat cloth, at true scale. */
export function FlatCloth({ drawn: d }: { drawn: Drawn }): ReactNode {
  return <ClothAt drawn={d} repeat={d.shape.pattern.repeatMm * d.perMm} />;
}

/** The cloth's pattern with its repeat as seen, in units of the drawing: folds draw it together. */
export function ClothAt({ drawn: d, repeat }: { drawn: Drawn; repeat: number }): ReactNode {
  if (!d.patterned) return null;
  return (
    <defs>
      <Cloth id={patternId(d)} kind={d.shape.pattern.kind} repeat={repeat} colours={d.colours} />
    </defs>
  );
}
