import type { Mm } from '../../base/units';
import type { Item, ItemKind, Placement } from '../../model/types';
import type { Form, Shape } from '../../room/shape';
import { box, shape } from './shapes';

const OBJECT_FORMS: Partial<Record<ItemKind, Form>> = {
  plant: 'foliage',
  art: 'picture',
  frame: 'picture',
  mirror: 'picture',
  book: 'box',
  tray: 'box',
  basket: 'box',
};

/** An object on a top: its middle along the wall, and the height it stands at. */
export const objectShape = (
  placed: Placement,
  item: Item,
  { xMm, topMm, depthMm }: { xMm: Mm; topMm: Mm; depthMm: Mm },
): Shape =>
  shape(
    { about: placed.id, name: item.name },
    OBJECT_FORMS[item.kind] ?? 'vase',
    box(xMm - item.widthMm / 2, topMm, item.widthMm, item.heightMm),
    depthMm + placed.layer,
    { colours: item.colours, pattern: item.pattern },
  );
