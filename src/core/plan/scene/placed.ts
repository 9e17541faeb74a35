import type { Mm } from '../../base/units';
import type { Item, ItemKind, Placement } from '../../model/types';
import { isObject, isPropped } from '../../room/lies';
import { isMade, madeOrder } from '../../room/made';
import { isTabled, type Tabled } from '../../room/tableLinen';
import { wayOf, type Box } from '../../geometry/plane';
import { seenAgainst, type Facing, type PlacedThing } from '../../room/placed';
import type { Form, Shape } from '../../room/shape';
import type { Spot } from '../../room/spots/spot';
import { box, shape } from './shapes';
import { TABLE_LINEN } from '../../model/values/item';

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

const CLOTHS: ReadonlySet<ItemKind> = new Set(['throw', 'bedding', ...TABLE_LINEN]);

const DRAPED_FORMS: Partial<Record<Placement['lie'], Form>> = {
  corner: 'tossed',
  overArm: 'across',
  acrossFoot: 'across',
};

export function formOf(placement: Pick<Placement, 'lie'>, kind: ItemKind): Form {
  if (isMade(placement.lie) || isTabled(placement.lie)) return 'spread';
  if (placement.lie === 'folded') return 'folded';
  if (placement.lie === 'hanging' && CLOTHS.has(kind)) return 'throw';
  if (kind === 'book' && placement.lie === 'flat') return 'stack';
  // a tray that leans shows its face
  if (kind === 'tray' && placement.lie === 'leaning') return 'thing';
  if (isObject(placement)) return OBJECT_FORMS[kind] ?? 'thing';
  if (isPropped(placement)) return 'pillow';
  return DRAPED_FORMS[placement.lie] ?? 'throw';
}

/** A thing on furniture or on a mantel, as it is seen by somebody who faces a wall. `topDepthMm`: how far that is from it. */
export function placedShape(thing: PlacedThing, facing: Facing, topDepthMm: Mm): Shape {
  const { placement, item, at } = thing;
  const { xMm, widthMm, awayMm } = seenAgainst(facing, at);
  const legsMm = legsSeen(thing, facing);
  const spread = spreadSeen(thing, facing);
  const form = item.bedding === 'topper' && spread ? 'cushion' : formOf(placement, item.kind);
  return shape(
    { about: placement.id, name: item.name },
    form === 'across' && !legsMm ? acrossFromSide(item) : form,
    boxSeen(thing, form, { xMm, widthMm }),
    depthSeen(thing, topDepthMm, awayMm),
    {
      colours: item.colours,
      pattern: item.pattern,
      soft: !isObject(placement) || CLOTHS.has(item.kind),
      stands: true,
      at: { xMm: at.xMm, yMm: at.yMm },
      ...(item.wish ? { wish: true } : {}),
      ...(placement.count > 1 && isObject(placement) ? { many: placement.count } : {}),
      ...(legsMm ? { legLeftMm: legsMm[0], legRightMm: legsMm[1] } : {}),
      ...spread,
      ...(form === 'across' && !legsMm ? { faceMm: Math.max(...(thing.legsMm ?? [0])) } : {}),
      ...(isPropped(placement) ? pillowLook(placement, item) : {}),
    },
  );
}

/** Where a thing is drawn; of cloth in a basket only its upper part, since a basket is narrower below. */
function boxSeen({ at, spot }: PlacedThing, form: Form, { xMm, widthMm }: { xMm: Mm; widthMm: Mm }): Box {
  const unseenMm = isHeldIn(spot) && form === 'folded' ? at.heightMm * UNSEEN : 0;
  return box(xMm, at.zMm + unseenMm, widthMm, at.heightMm - unseenMm);
}
const UNSEEN = 0.6;

/** A throw across an arm or a bed is a band from the side; a cover has no tassels. */
const acrossFromSide = ({ kind }: Item): Form => (kind === 'bedding' ? 'spread' : 'throw');

/** How far out a thing is drawn. A throw over a back or a seat lies under the pillows there, however far it comes forward. */
function depthSeen({ placement, item, spot, carriers }: PlacedThing, topDepthMm: Mm, awayMm: Mm): Mm {
  if (isMade(placement.lie)) {
    return rounded(topDepthMm) + MADE + madeOrder(item) * MADE_EACH + placement.row * UNDER_EACH * MADE_EACH;
  }
  if (isTabled(placement.lie)) return rounded(topDepthMm) + UNDER + ON_TABLE[placement.lie];
  if (UNDER_PILLOWS.has(placement.lie)) return rounded(topDepthMm) + UNDER + placement.row * UNDER_EACH;
  const carriedMm = carriers.length * ON_CARRIER;
  if (isHeldIn(spot))
    return rounded(Math.max(topDepthMm, awayMm - spot.depthMm / 2)) + BEFORE_TOP + carriedMm - BEHIND_RIM;
  return rounded(Math.max(topDepthMm, awayMm)) + BEFORE_TOP + carriedMm + placement.row;
}
/** Whether a thing is in another that hides it up to its rim: what is under glass is seen. */
const isHeldIn = ({ kind, clearMm }: Spot): boolean =>
  clearMm === null && (kind === 'inside' || kind === 'mouth');
/** What is on another is drawn before it, what is in another behind its front. */
const ON_CARRIER: Mm = 0.2;
const BEHIND_RIM: Mm = 0.5;

const UNDER_PILLOWS: ReadonlySet<Placement['lie']> = new Set(['overBack', 'corner', 'acrossSeat']);
/** In front of what it lies on, behind what leans there; those of later rows in front of others. */
const UNDER: Mm = 3.2;
const UNDER_EACH: Mm = 0.03;

/** In front of the mattress, behind what leans and lies on it. */
const MADE: Mm = 2.2;
const MADE_EACH: Mm = 0.1;

/** Runners lie on the cloth, mats over them. */
const ON_TABLE: Record<Tabled, Mm> = { overTable: 0, alongTable: 0.1, acrossTable: 0.2, atPlaces: 0.3 };

const pillowLook = ({ chopped, zip }: Placement, { round }: Item) => ({
  ...(round ? { round: true as const } : {}),
  ...(chopped ? { chopped: true as const } : {}),
  ...(zip === 'down' ? {} : { zip }),
});

/**
 * How far bedding hangs down at its left, its right and on the side that one faces, from each side of its bed; a cloth on a
 * table hangs down at its back as at its front.
 */
function spreadSeen(
  { at, legsMm, footMm, placement }: PlacedThing,
  facing: Facing,
): Pick<Shape, 'legLeftMm' | 'legRightMm' | 'faceMm'> | null {
  if (!legsMm || footMm === null) return null;
  const turn = wayOf(at.turnDeg - facing.facingDeg);
  const [sideMm] = legsMm;
  const isFromEnd = Math.abs(turn.xMm) > Math.abs(turn.yMm);
  if (isTabled(placement.lie)) {
    const [edgeMm, faceMm] = isFromEnd ? [footMm, sideMm] : [sideMm, footMm];
    return { legLeftMm: edgeMm, legRightMm: edgeMm, faceMm };
  }
  if (isFromEnd)
    // from the side, the head is where its back points
    return turn.xMm > 0
      ? { legLeftMm: footMm, legRightMm: 0, faceMm: sideMm }
      : { legLeftMm: 0, legRightMm: footMm, faceMm: sideMm };
  const isFromFoot = turn.yMm * wayOf(0).yMm > 0;
  return { legLeftMm: sideMm, legRightMm: sideMm, faceMm: isFromFoot ? footMm : 0 };
}

/** The legs of a throw across something, as they are seen from in front of it or from behind; from the side there are none. */
function legsSeen({ at, legsMm, footMm }: PlacedThing, facing: Facing): readonly [Mm, Mm] | null {
  if (!legsMm || footMm !== null) return null;
  const turn = wayOf(at.turnDeg - facing.facingDeg);
  if (Math.abs(turn.yMm) < Math.abs(turn.xMm)) return null;
  return turn.yMm * wayOf(0).yMm > 0 ? legsMm : [legsMm[1], legsMm[0]];
}
