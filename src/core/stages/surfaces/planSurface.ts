import type { Mm } from '../../base/units';
import { seenOn, type PlacedThing, type Standing } from '../../room/placed';
import { middleOf } from '../../room/spots/spot';
import { judgeSurface } from './judgeSurface';
import type { Over } from './over';
import type { SurfaceCase, SurfacePlan, SurfaceThing } from './surface';
import { isLaid } from '../../room/lies';
import { judgeTable } from './judgeTable';
import { planTable, type TablePlan } from './planTable';
import { isHungFrom } from '../../room/spots/parts';

export type { SurfaceCase, SurfacePlan, SurfaceThing } from './surface';

/** What a surface holds, how tall a thing may still be there, and what to look out for. */
export function planSurface(given: SurfaceCase): SurfacePlan {
  const { spot } = given;
  const { widthMm, depthMm, turnDeg } = spot;
  if (isHungFrom(spot.kind)) return hungFrom(given);
  const limit = limitOf(given, { ...middleOf(spot), turnDeg, widthMm, depthMm, heightMm: 0 });
  const keptMm = typeof limit?.over === 'object' ? limit.over.keepMm : 0;
  const topMm = limit ? limit.topMm + keptMm : Infinity;
  const things = standingOn(given).map((thing) => thingOn(given, thing));
  const planned = {
    spot,
    freeMm: Math.max(0, topMm - spot.zMm),
    tallestMm: limit ? Math.max(0, limit.topMm - spot.zMm) : Infinity,
    under: limit?.over ?? null,
    things,
    table: tableOf(given),
    filled: filledShare(things, widthMm),
  };
  return { ...planned, findings: [...judgeSurface(planned, given), ...judgeLinen(planned, given)] };
}

/** Cloth laid over furniture is judged with it, what a table is laid with on its own. */
const standingOn = ({ things }: SurfaceCase): PlacedThing[] => things.filter((t) => !isLaid(t.placement));

const tableOf = ({ spot, things, seating, rules }: SurfaceCase): TablePlan | null =>
  spot.kind === 'top' ? planTable(spot, things, { seating, rules }) : null;

const judgeLinen = ({ spot, table }: Omit<SurfacePlan, 'findings'>, { youngest, rules }: SurfaceCase) =>
  table ? judgeTable({ ...table, spot, youngest, rules }) : [];

/** A rail from which things hang: what is free is below it, down to the floor. */
function hungFrom(given: SurfaceCase): SurfacePlan {
  const { spot } = given;
  const things = standingOn(given).map((thing) => ({ ...thingOn(given, thing), limit: null }));
  const filled = filledShare(things, spot.widthMm);
  const planned = { spot, freeMm: spot.zMm, tallestMm: spot.zMm, under: null, things, table: null, filled };
  return { ...planned, findings: judgeSurface(planned, given) };
}

/** How high a top may be: under the next board of the same piece, or under what is over it. */
function limitOf(
  { spot, lowestOver }: SurfaceCase,
  at: Standing,
): { topMm: Mm; over: Over | 'board' } | null {
  const over = lowestOver(at);
  const boardMm = spot.clearMm === null ? Infinity : spot.zMm + spot.clearMm;
  if (over && over.bottomMm - over.keepMm < boardMm) return { topMm: over.bottomMm - over.keepMm, over };
  return spot.clearMm === null ? null : { topMm: boardMm, over: 'board' };
}

function thingOn(given: SurfaceCase, thing: PlacedThing): SurfaceThing {
  const { placement, item, at } = thing;
  return {
    placementId: placement.id,
    item,
    name: item.name,
    ...seenOn(given.spot, thing.at),
    zMm: at.zMm,
    topMm: at.zMm + at.heightMm,
    thing,
    limit: lower(limitOf(given, at), insideOf(thing)),
  };
}

type Limit = SurfaceThing['limit'];

/** What is in a dome or a lantern is no taller than that is inside. */
function insideOf({ spot, carriers }: PlacedThing): Limit {
  if (carriers.length === 0 || spot.clearMm === null) return null;
  return { topMm: spot.zMm + spot.clearMm, over: 'inside' };
}

const lower = (one: Limit, other: Limit): Limit => {
  if (!one || !other) return one ?? other;
  return other.topMm < one.topMm ? other : one;
};

/** How much of the length is under things, things in front of each other counted once. */
function filledShare(things: readonly SurfaceThing[], widthMm: Mm): number {
  let reachedMm = 0;
  let filledMm = 0;
  for (const { fromMm, toMm } of [...things].sort((a, b) => a.fromMm - b.fromMm)) {
    const start = Math.max(reachedMm, fromMm);
    const end = Math.min(widthMm, toMm);
    if (end > start) filledMm += end - start;
    reachedMm = Math.max(reachedMm, end);
  }
  return widthMm > 0 ? filledMm / widthMm : 0;
}
