import { clamp, type Mm } from '../../base/units';
import { PLACEMENT } from '../../model/defaults';
import type { Item, Placement } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import { extentOf, isOwnLie, isPropped, liesAt } from '../lies';
import { isMade } from '../made';
import type { PlacedThing } from '../placed';
import type { Spot } from './spot';

type Put = {
  spot: Spot;
  /** What is on the same spot already. */
  here: readonly PlacedThing[];
  /** How many places are laid there or can be, of what lies at places. */
  places?: number;
  rules: RuleBook;
};

/** Share of a pillow's width within which another one is in front of it. */
const OVERLAPS = 0.5;
const MOST_ROW = 20;

/**
 * A thing as it is put on a spot: at a place along it, or where there is most room. A pillow goes in front of those that it
 * covers.
 */
export function putOn(
  item: Item,
  xMm: Mm | null,
  { spot, here, rules, places = 1 }: Put,
): Omit<Placement, 'id'> {
  const lie = liesAt(item.kind, spot)[0] ?? 'standing';
  const placement = { ...PLACEMENT, itemId: item.id, spot: { of: spot.of, part: spot.part }, lie, xMm: 0 };
  if (lie === 'atPlaces') {
    const count = clamp(places, 1, Math.max(1, item.count));
    return { ...placement, xMm: spot.widthMm / 2, count };
  }
  if (isMade(lie)) return { ...placement, xMm: spot.widthMm / 2, row: overTheLast(here) };
  if (!isOwnLie(lie)) return { ...placement, xMm: within(spot, xMm ?? spot.widthMm / 2) };
  const { widthMm } = extentOf(item, { lie, count: 1 }, rules);
  if (isPropped(placement)) return { ...placement, ...inARow(widthMm, xMm, { spot, here }) };
  return { ...placement, xMm: within(spot, xMm ?? freestPlace(widthMm, spot, here)) };
}

/** What is spread over a bed goes over what is there already. */
const overTheLast = (here: readonly PlacedThing[]): number => {
  const made = here.filter(({ placement }) => isMade(placement.lie));
  return made.length === 0 ? 0 : Math.min(MOST_ROW, Math.max(...made.map((t) => t.placement.row)) + 1);
};

export const within = ({ widthMm }: Pick<Spot, 'widthMm'>, xMm: Mm): Mm => clamp(xMm, 0, widthMm);

function inARow(widthMm: Mm, at: Mm | null, { spot, here }: Omit<Put, 'rules'>): { xMm: Mm; row: number } {
  const xMm = within(spot, at ?? spot.widthMm / 2);
  const covered = here
    .map(({ placement }) => placement)
    .filter((p) => isPropped(p) && Math.abs(p.xMm - xMm) < widthMm * OVERLAPS);
  const row = covered.length === 0 ? 0 : Math.max(...covered.map((p) => p.row)) + 1;
  return { xMm, row: Math.min(MOST_ROW, row) };
}

/** The middle of the free stretch that a thing has most room in; the middle of the whole while nothing is there. */
function freestPlace(widthMm: Mm, spot: Spot, here: readonly PlacedThing[]): Mm {
  const taken = here
    .map(({ placement, at }) => [placement.xMm - at.widthMm / 2, placement.xMm + at.widthMm / 2] as const)
    .sort((a, b) => a[0] - b[0]);
  let fromMm = 0;
  let best = { fromMm: 0, lengthMm: taken.length === 0 ? spot.widthMm : -1 };
  for (const [leftMm, rightMm] of [...taken, [spot.widthMm, spot.widthMm] as const]) {
    if (leftMm - fromMm > best.lengthMm) best = { fromMm, lengthMm: leftMm - fromMm };
    fromMm = Math.max(fromMm, rightMm);
  }
  return best.lengthMm < widthMm ? spot.widthMm / 2 : best.fromMm + best.lengthMm / 2;
}
