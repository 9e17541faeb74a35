import type { Mm } from '../../base/units';
import type { ItemKind, Placement } from '../../model/types';
import { seenAgainst, type Facing, type PlacedThing } from '../../room/placed';
import type { Form, Shape } from '../../room/shape';
import { box, shape } from './shapes';

/** What is put on something is drawn so far before it. */
const BEFORE_TOP: Mm = 4;

const OBJECT_FORMS: Partial<Record<ItemKind, Form>> = {
  plant: 'foliage',
  art: 'picture',
  frame: 'picture',
  mirror: 'picture',
  book: 'box',
  tray: 'box',
  basket: 'box',
};

const FORMS: Record<Placement['as'], (kind: ItemKind) => Form> = {
  pillow: () => 'pillow',
  throw: () => 'throw',
  object: (kind) => OBJECT_FORMS[kind] ?? 'vase',
};

/** A thing on furniture or on a mantel, as it is seen by somebody who faces a wall. `topDepthMm`: how far that is from it. */
export function placedShape({ placement, item, at }: PlacedThing, facing: Facing, topDepthMm: Mm): Shape {
  const { xMm, widthMm, awayMm } = seenAgainst(facing, at);
  return shape(
    { about: placement.id, name: item.name },
    FORMS[placement.as](item.kind),
    box(xMm, at.zMm, widthMm, at.heightMm),
    Math.max(topDepthMm, awayMm) + BEFORE_TOP + placement.layer,
    {
      colours: item.colours,
      pattern: item.pattern,
      soft: placement.as !== 'object',
      stands: true,
      at: { xMm: at.xMm, yMm: at.yMm },
    },
  );
}
