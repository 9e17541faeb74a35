import type { Mm } from '../../base/units';
import type { ItemKind, Placement } from '../../model/types';
import { isObject, isPropped } from '../../room/lies';
import { seenAgainst, type Facing, type PlacedThing } from '../../room/placed';
import type { Form, Shape } from '../../room/shape';
import { box, shape } from './shapes';

/** What is put on something is drawn so far before it. */
const BEFORE_TOP: Mm = 4;

/** Things equally far out are so by reckoning too, however the room lies. */
const rounded = (mm: Mm): Mm => Math.round(mm * 1000) / 1000;

const OBJECT_FORMS: Partial<Record<ItemKind, Form>> = {
  plant: 'foliage',
  art: 'picture',
  frame: 'picture',
  mirror: 'picture',
  vase: 'vase',
  book: 'books',
  tray: 'tray',
  basket: 'basket',
  bowl: 'bowl',
  pot: 'pot',
  candle: 'candle',
  candlestick: 'candlestick',
  lantern: 'lantern',
  dome: 'dome',
  stem: 'stems',
  garland: 'garland',
  lampBase: 'lampBase',
  lampshade: 'shade',
};

const CLOTHS: ReadonlySet<ItemKind> = new Set(['throw', 'bedding']);

export function formOf(placement: Pick<Placement, 'lie'>, kind: ItemKind): Form {
  if (placement.lie === 'folded') return 'folded';
  if (placement.lie === 'hanging' && CLOTHS.has(kind)) return 'throw';
  if (kind === 'book' && placement.lie === 'flat') return 'stack';
  // a tray that leans shows its face
  if (kind === 'tray' && placement.lie === 'leaning') return 'thing';
  if (isObject(placement)) return OBJECT_FORMS[kind] ?? 'thing';
  return isPropped(placement) ? 'pillow' : 'throw';
}

/** A thing on furniture or on a mantel, as it is seen by somebody who faces a wall. `topDepthMm`: how far that is from it. */
export function placedShape({ placement, item, at }: PlacedThing, facing: Facing, topDepthMm: Mm): Shape {
  const { xMm, widthMm, awayMm } = seenAgainst(facing, at);
  return shape(
    { about: placement.id, name: item.name },
    formOf(placement, item.kind),
    box(xMm, at.zMm, widthMm, at.heightMm),
    rounded(Math.max(topDepthMm, awayMm)) + BEFORE_TOP + placement.row,
    {
      colours: item.colours,
      pattern: item.pattern,
      soft: !isObject(placement) || CLOTHS.has(item.kind),
      stands: true,
      at: { xMm: at.xMm, yMm: at.yMm },
      ...(item.wish ? { wish: true } : {}),
      ...(placement.count > 1 ? { many: placement.count } : {}),
    },
  );
}
