import { groupedBy } from '../../base/list';
import type { Mm } from '../../base/units';
import { insidePolygon, overlapLength } from '../../geometry/plane';
import type { Fitting, Look, Piece } from '../../model/types';
import { isRestedOn, sits } from '../../room/kinds';
import { massOf } from '../../room/mass';
import { footprint, isNearWall } from '../../room/place';
import { seenAgainst, type PlacedThing, type Standing } from '../../room/placed';
import { passesOver, seatedSights, type SeatedSight } from '../../room/seatedSights';
import { viewersOf } from '../../room/viewers';
import type { PartKind } from '../../room/spots/parts';
import { middleOf, type Spot } from '../../room/spots/spot';
import { floorInFrontOf, type Wall } from '../../room/walls';
import { planSurface, type SurfaceCase, type SurfacePlan } from '../../stages/surfaces/planSurface';
import type { RoomContext } from '../context';
import { lowestOver, type Overs, type OnWallOver } from './overs';
import { seatingAt } from './seating';
import { youngestOf } from '../householdCautions';

type Context = RoomContext<'room' | 'home' | 'fittings' | 'pieces'> & {
  /** The wall of each opening. */
  openingWalls: ReadonlyMap<string, string>;
  look: Pick<Look, 'brief'>;
};
/** What a surface is judged by beside what is on it: the same object for as long as none of it changes. */
export type SurfaceFacts = Context & {
  sights: readonly SeatedSight[];
  fires: SurfaceCase['fires'];
};
/** A surface with what is on it, the wall that it stands at, and what there is to hold things down. */
type Kept = {
  plan: SurfacePlan;
  things: readonly PlacedThing[];
  wall: Wall | undefined;
  overs: readonly OnWallOver[];
};
/** Every surface with what is on it, in the order of the spots, and what the next plan may keep of it. */
export type Surfaces = {
  plans: SurfacePlan[];
  facts: SurfaceFacts;
  bySpot: ReadonlyMap<Spot, Kept>;
};

/** Spots that another stage judges, or none. */
const NO_SURFACE: ReadonlySet<PartKind> = new Set(['seat', 'mattress', 'perch']);
export const isSurface = ({ kind }: Pick<Spot, 'kind'>): boolean => !NO_SURFACE.has(kind);

export const surfaceFacts = (context: Context): SurfaceFacts => ({
  ...context,
  sights: seatedSights(viewersOf(context.file, context.rules), context.rules),
  fires: firesOf(context),
});

const HEATS: ReadonlySet<Fitting['kind']> = new Set(['heater', 'stove', 'fireplace']);

const firesOf = ({ file, walls }: Context): SurfaceCase['fires'] =>
  file.fittings
    .filter(({ kind }) => HEATS.has(kind))
    .flatMap((fitting) => {
      const wall = walls.find(({ id }) => id === fitting.wallId);
      return wall ? [{ id: fitting.id, shape: floorInFrontOf(wall, fitting, fitting.depthMm) }] : [];
    });

type Dressed = { facts: SurfaceFacts; overs: Overs; spots: readonly Spot[]; placed: readonly PlacedThing[] };

/** Nothing holds down what stands at no wall but the ceiling. */
const NO_OVERS: readonly OnWallOver[] = [];

/** Every surface of the room; one on which everything is as it was in the previous plan is kept. */
export function planSurfaces({ facts, overs, spots, placed }: Dressed, previous?: Surfaces): Surfaces {
  const thingsOf = groupedBy(placed, (thing) => thing.base);
  const before = previous?.facts === facts ? previous.bySpot : undefined;
  const bySpot = new Map(
    spots.filter(isSurface).map((spot): [Spot, Kept] => {
      const things = thingsOf.get(spot) ?? [];
      const known = before?.get(spot);
      const wall = known ? known.wall : wallOf(facts, spot);
      const given = { things, wall, overs: overs.get(wall?.id ?? '') ?? NO_OVERS };
      const isSame =
        known?.overs === given.overs &&
        known.things.length === things.length &&
        things.every((t, i) => t === known.things[i]);
      return [spot, isSame ? known : { ...given, plan: planSurface(caseOf(facts, spot, given)) }];
    }),
  );
  return { plans: [...bySpot.values()].map(({ plan }) => plan), facts, bySpot };
}

function caseOf(context: SurfaceFacts, spot: Spot, { things, wall, overs }: Omit<Kept, 'plan'>): SurfaceCase {
  const { file, rules, sights, fires } = context;
  // a shelf is not held down by itself
  const above = overs.filter((over) => over.about !== spot.of);
  return {
    spot,
    things,
    seating: seatingAt(spot, file),
    youngest: Math.min(youngestOf(file.home.flags), ...context.look.brief.visitorAges),
    lowestOver: (at) => lowestOver(context, wall, above, at),
    behind: (at) => (wall ? behindOf(file.fittings, wall, at) : []),
    isTalkedAcross: isTalkedAcross(file.pieces, spot),
    sights: spot.kind === 'top' ? sights.filter((sight) => passesOver(sight, outlineOf(spot))) : [],
    restedUnder: restedUnder(file.pieces, spot),
    fires,
    filling: context.look.brief.filling,
    massOf: (item) => {
      const { g, guessedBy } = massOf(item, rules);
      return { g, isGuessed: guessedBy !== null };
    },
    rules,
  };
}

/** The wall that a surface stands at: its fitting's, the one that its piece stands near to, or a corner's own. */
function wallOf({ file, openingWalls, walls, places }: Context, spot: Spot): Wall | undefined {
  const built = file.fittings.find((host) => host.id === spot.of)?.wallId ?? openingWalls.get(spot.of);
  const onWall = places.get(spot.of);
  const near = onWall && isNearWall(onWall, onWall.wallId) ? onWall.wallId : undefined;
  return walls.find((wall) => wall.id === (built ?? near ?? spot.of));
}

/** What only touches is not in front of it. */
const TOUCH: Mm = 1;
/** What has to be reached or has to stay open. */
const KEPT_FREE: ReadonlySet<Fitting['kind']> = new Set(['socket', 'switch', 'vent']);

/** What a thing that stands so is in front of, on the wall that its surface stands at. */
function behindOf(fittings: readonly Fitting[], wall: Wall, at: Standing): Fitting[] {
  const { xMm, widthMm } = seenAgainst(wall, at);
  return fittings.filter(
    (f) =>
      f.wallId === wall.id &&
      KEPT_FREE.has(f.kind) &&
      overlapLength(xMm, xMm + widthMm, f.xMm, f.xMm + f.widthMm) > TOUCH &&
      overlapLength(at.zMm, at.zMm + at.heightMm, f.bottomMm, f.bottomMm + f.heightMm) > TOUCH,
  );
}

/** A table that stands among seats: people look at each other over it. */
function isTalkedAcross(pieces: readonly Piece[], spot: Spot): boolean {
  const kind = pieces.find((p) => p.id === spot.of)?.kind;
  if (spot.kind !== 'top') return false;
  return kind === 'diningTable' || (kind === 'coffeeTable' && pieces.filter(sits).length > 1);
}

/** What people sit or lie on under a surface. */
const restedUnder = (pieces: readonly Piece[], spot: Spot): Piece[] =>
  pieces.filter(
    (p) => p.id !== spot.of && isRestedOn(p) && p.bottomMm < spot.zMm && overlaps(footprint(p), spot),
  );

const outlineOf = ({ middle, widthMm, depthMm, turnDeg }: Spot) =>
  footprint({ ...middle, widthMm, depthMm, turnDeg });

/** Whether any part of a surface is over an outline: its corners, its middle, or the outline's middle. */
function overlaps(outline: ReturnType<typeof footprint>, spot: Spot): boolean {
  const middle = middleOf(spot);
  const own = outlineOf(spot);
  return (
    [middle, ...own].some((point) => insidePolygon(point, outline)) ||
    outline.some((point) => insidePolygon(point, own))
  );
}
