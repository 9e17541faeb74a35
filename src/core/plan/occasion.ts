import type { Change } from '../model/change';
import type { Look } from '../model/types';
import { stayWhereItWas } from '../room/spots/stayWhereItWas';
import type { PlacedThing } from '../room/placedThing';
import type { Spot } from '../room/spots/spot';

/** How much of a look is there for an occasion only, and what takes it off. */
export type Occasion = { count: number; takeOff: Change[] };

/**
 * What is in a look for an occasion only: things, pictures, curtains, and furniture that is brought in. Taken off together;
 * what stays for longer and stands on such a thing stays where it was, on what is below, and goes only with furniture.
 */
export function occasionOf(look: Look, placed: readonly PlacedThing[]): Occasion {
  const isOccasion = ({ layer }: { layer: Look['placements'][number]['layer'] }) => layer === 'occasion';
  const lookId = look.id;
  const goes = new Set(look.placements.filter(isOccasion).map((p) => p.id));
  const things = new Map(placed.map((thing) => [thing.placement.id, thing]));
  const stays = placed.flatMap((thing): Change[] => {
    if (goes.has(thing.placement.id)) return [];
    const below = spotBelow(thing, goes, things);
    return below ? [{ do: 'putPlacement', lookId, placement: stayWhereItWas(thing, below) }] : [];
  });
  const removed: Change[] = [
    ...[...goes].map((id): Change => ({ do: 'removePlacement', lookId, id })),
    ...look.hangings.filter(isOccasion).map(({ id }): Change => ({ do: 'removeHanging', lookId, id })),
    ...look.dressings.filter(isOccasion).map(({ id }): Change => ({ do: 'removeDressing', lookId, id })),
    ...look.brought.filter(isOccasion).map(({ id }): Change => ({ do: 'removeBrought', lookId, id })),
  ];
  return { count: removed.length, takeOff: [...stays, ...removed] };
}

/** Where a thing comes to stand when what carries it goes: the spot of the lowest of those; null where nothing of it goes. */
function spotBelow(
  { carriers }: PlacedThing,
  goes: ReadonlySet<string>,
  things: ReadonlyMap<string, PlacedThing>,
): Spot | null {
  let below: Spot | null = null;
  for (const id of carriers) {
    if (!goes.has(id)) break;
    below = things.get(id)?.spot ?? below;
  }
  return below;
}
