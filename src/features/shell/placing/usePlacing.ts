import { nanoid } from 'nanoid';
import type { Mm } from '../../../core/base/units';
import type { Change } from '../../../core/model/change';
import type { Item, Placement } from '../../../core/model/types';
import { isInTheMiddle, liesAt } from '../../../core/room/lies';
import { putOn, within } from '../../../core/room/spots/putOn';
import { spotsOfPlaced } from '../../../core/room/spots/placedSpots';
import { stayWhereItWas } from '../../../core/room/spots/stayWhereItWas';
import { isAt, type Spot } from '../../../core/room/spots/spot';
import { useRoom } from '../room/RoomContext';

const MOST_ROW = 20;

/** Everything that can be done with a thing on a spot, the same on every stage. */
export function usePlacing() {
  const { look, plan, rules, change, pick } = useRoom();
  const put = (placement: Placement): Change => ({ do: 'putPlacement', lookId: look.id, placement });
  const remove = (p: Placement): Change => ({ do: 'removePlacement', lookId: look.id, id: p.id });
  const set = (p: Placement, patch: Partial<Placement>): void => change([put({ ...p, ...patch })]);
  const spotOf = (p: Placement): Spot | undefined => plan.placed.find((t) => t.placement.id === p.id)?.spot;
  const placed = (spot: Spot) => plan.placed.filter((t) => isAt(t.spot, spot));
  /** As many as are laid there already, or as sit there. */
  const placesOf = (spot: Spot): number | undefined => {
    const table = plan.surfaces.find((s) => isAt(s.spot, spot))?.table;
    if (!table) return undefined;
    const seats = table.chairs > 0 ? Math.min(table.chairs, table.mostPlaces) : table.mostPlaces;
    return table.settings > 0 ? table.settings : seats;
  };
  /** How a thing lies; what it can't carry so stays where it stood, on what is below. */
  const lay = (p: Placement, lie: Placement['lie']): void => {
    const carrier = plan.placed.find((t) => t.placement.id === p.id);
    const carries = carrier ? spotsOfPlaced({ ...carrier, placement: { ...p, lie } }) : [];
    const fallen = plan.placed.filter(
      ({ placement: { spot } }) => spot.of === p.id && !carries.some(({ part }) => part === spot.part),
    );
    change([
      ...(carrier ? fallen.map((thing) => put(stayWhereItWas(thing, carrier.spot))) : []),
      put({ ...p, lie }),
    ]);
  };
  return {
    set,
    lay,
    /** Along its spot, no further than its ends; what is kept where it is does not move. */
    moveChange: (p: Placement, dxMm: Mm): Change => {
      if (p.locked || isInTheMiddle(p.lie)) return put(p);
      const spot = spotOf(p);
      return put({ ...p, xMm: spot ? within(spot, p.xMm + dxMm) : p.xMm + dxMm });
    },
    /** Puts one on a spot: at a place along it, or where there is most room. */
    putOn: (item: Item, spot: Spot, xMm: Mm | null): void => {
      const id = nanoid(8);
      change([
        { do: 'putItem', item },
        put({ id, ...putOn(item, xMm, { spot, here: placed(spot), rules, places: placesOf(spot) }) }),
      ]);
      pick(id);
    },
    /** Onto another spot, with everything that it carries. */
    moveTo: (p: Placement, item: Item, spot: Spot): void => {
      const { spot: address, xMm, lie, row } = putOn(item, null, { spot, here: placed(spot), rules });
      change([put({ ...p, spot: address, xMm, lie, row, outMm: null })]);
    },
    /** Takes a thing off, and with it what it carries. */
    takeOff: (p: Placement): void => {
      change([remove(p)]);
      pick(null);
    },
    /** Takes a thing off and leaves what it carried where it stood, on what is below. */
    takeApart: (p: Placement): void => {
      const below = spotOf(p);
      const contents = plan.placed.filter((t) => t.placement.spot.of === p.id);
      if (!below) return;
      change([...contents.map((thing) => put(stayWhereItWas(thing, below))), remove(p)]);
      pick(null);
    },
    /** The next way in which its kind lies on its spot. */
    turnOver: (p: Placement, item: Item): void => {
      const spot = spotOf(p);
      const lies = spot ? liesAt(item.kind, spot) : [];
      const next = lies[(lies.indexOf(p.lie) + 1) % lies.length];
      if (next) lay(p, next);
    },
    mirror: (p: Placement): void => {
      const spot = spotOf(p);
      if (spot) set(p, { xMm: spot.widthMm - p.xMm });
    },
    step: (p: Placement, rows: 1 | -1): void =>
      set(p, { row: Math.min(MOST_ROW, Math.max(0, p.row + rows)) }),
    /** Other things in the place of those that were there. */
    replace: (
      old: readonly Placement[],
      fresh: readonly ({ item: Item } & Omit<Placement, 'id' | 'itemId'>)[],
    ): void => {
      const items = [...new Map(fresh.map((x) => [x.item.id, x.item])).values()];
      change([
        ...items.map((item): Change => ({ do: 'putItem', item })),
        ...fresh.map(({ item, ...rest }) => put({ ...rest, id: nanoid(8), itemId: item.id })),
        ...old.map(remove),
      ]);
    },
  };
}
export type Placing = ReturnType<typeof usePlacing>;
