import { sum } from '../../base/units';
import type { Item } from '../../model/types';
import type { PlacedThing } from '../../room/placed';
import { addressOf, numberOfPart } from '../../room/spots/spot';
import type { SurfacePlan } from '../../stages/surfaces/planSurface';
import type { BuyLine } from '../../stash/buying';
import { judgeCounts } from '../counts';
import type { FittingStep } from '../fittingStep';
import { countUses } from '../uses';
import { COUNTED_WITH_SEATS, part } from '../parts';
import { stage } from '../stage';
import { oversOf } from '../surfaces/overs';
import { planSurfaces, surfaceFacts } from '../surfaces/planSurfaces';
import { judgeGuestBag } from '../surfaces/guestBag';
import { judgeSpotless } from '../surfaces/spotless';

/** The items that are counted here; pillows and throws are counted with seats. */
const countedOnSurfaces = part(
  'countedOnSurfaces',
  { parts: ['items'] },
  ({ items }) => new Map([...items].filter(([, item]) => !COUNTED_WITH_SEATS.has(item.kind))),
);

const overs = part('overs', { file: ['fittings'], parts: ['hangings', 'walls', 'places', 'rules'] }, oversOf);

const openingWalls = part('openingWalls', { file: ['openings'] }, ({ file }, previous) => {
  const walls = new Map(file.openings.map(({ id, wallId }) => [id, wallId]));
  const isSame =
    previous?.size === walls.size && [...walls].every(([id, wallId]) => previous.get(id) === wallId);
  return isSame ? previous : walls;
});

const facts = part(
  'surfaceFacts',
  {
    file: ['room', 'home', 'fittings', 'pieces'],
    look: ['brief'],
    parts: ['openingWalls', 'walls', 'places', 'rules'],
  },
  surfaceFacts,
);

const dressed = part(
  'dressedSurfaces',
  { parts: ['surfaceFacts', 'overs', 'spots', 'placed'] },
  ({ surfaceFacts: given, overs: over, spots, placed }, previous) =>
    planSurfaces({ facts: given, overs: over, spots, placed }, previous),
);

const surfaces = part(
  'surfaces',
  { parts: ['dressedSurfaces'] },
  ({ dressedSurfaces }) => dressedSurfaces.plans,
);

const usedThings = (placed: readonly PlacedThing[]) =>
  placed
    .filter(({ item }) => !COUNTED_WITH_SEATS.has(item.kind))
    .map(({ item, placement }) => ({ item, count: placement.count }));

/** A bulb for every lamp base in which nobody has put one, as far as the stash has none left. */
function bulbsToBuy(placed: readonly PlacedThing[], items: ReadonlyMap<string, Item>): BuyLine[] {
  const countOf = (things: readonly PlacedThing[]) => sum(things.map(({ placement }) => placement.count));
  const inUse = placed.filter(({ item }) => item.kind === 'bulb');
  const lit = new Set(inUse.map(({ placement }) => placement.spot.of));
  const dark = placed.filter(({ item, placement }) => item.kind === 'lampBase' && !lit.has(placement.id));
  const owned = sum([...items.values()].filter(({ kind }) => kind === 'bulb').map(({ count }) => count));
  const [need, have] = [countOf(dark), Math.max(0, owned - countOf(inUse))];
  if (need <= have) return [];
  const name = [...new Set(dark.map(({ item }) => item.name))].join(', ');
  const size = { widthMm: null, heightMm: null };
  return [{ kind: 'bulb', name, count: need - have, ...size, cost: null, need, have }];
}

const isDressed = ({ things, table }: SurfacePlan): boolean =>
  things.length > 0 || (table?.laid.length ?? 0) > 0;

/** What is laid on it from below, then what is set out, from its left end; what is carried is named with what carries it. */
const surfaceStep = ({ spot, things, table }: SurfacePlan, wallId: string): FittingStep => ({
  kind: 'surface',
  about: addressOf(spot),
  name: spot.name,
  part: { kind: spot.kind, n: numberOfPart(spot.part) ?? 1, of: spot.partsOfKind },
  wallId,
  marks: [],
  finishedMm: [],
  count: things.length,
  laid: (table?.laid ?? []).map(({ name, thing }) => ({ name, count: thing.placement.count })),
  setOut: things.map(({ name, thing }) => ({
    name,
    count: thing.placement.count,
    xMm: thing.placement.xMm,
    on: thing.carriers.length > 0 ? thing.on.name : null,
  })),
});

/** The steps of surfaces on which something stands; those of before where a surface is as it was. */
const surfaceSteps = part(
  'surfaceSteps',
  { file: ['fittings'], parts: ['surfaces', 'openingWalls', 'places'] },
  ({ file, surfaces: plans, openingWalls: ofOpenings, places }, previous) => {
    const ofFittings = new Map(file.fittings.map(({ id, wallId }) => [id, wallId]));
    const steps = plans.filter(isDressed).map((plan): [SurfacePlan, FittingStep] => {
      // a corner of the floor is one of its wall
      const { of } = plan.spot;
      const wallId = ofFittings.get(of) ?? ofOpenings.get(of) ?? places.get(of)?.wallId ?? of;
      const known = previous?.get(plan);
      return [plan, known?.wallId === wallId ? known : surfaceStep(plan, wallId)];
    });
    return new Map(steps);
  },
);

export const surfacesStage = stage({
  name: 'surfaces',
  parts: [countedOnSurfaces, overs, openingWalls, facts, dressed, surfaces, surfaceSteps],
  reads: {
    file: ['pieces'],
    look: ['placements', 'brought', 'brief'],
    parts: ['surfaces', 'surfaceSteps', 'countedOnSurfaces', 'placed', 'items', 'rules'],
  },
  findings: ({ file, look, surfaces: plans, countedOnSurfaces: counted, placed, items, rules }) => [
    ...plans.flatMap((s) => s.findings),
    ...judgeGuestBag({ pieces: file.pieces, surfaces: plans, brief: look.brief, rules }),
    ...judgeSpotless(look.placements, placed, items),
    ...judgeCounts('surfaces', [...look.placements, ...look.brought], counted, () => 'item-in-two-places'),
  ],
  steps: ({ surfaceSteps: steps }) => [...steps.values()],
  bought: ({ placed, items }) => ({
    lines: bulbsToBuy(placed, items),
    uses: countUses('thing', usedThings(placed)),
  }),
  state: ({ surfaces: plans }, open) => {
    const done = plans.filter(isDressed).length;
    const dressed = open > 0 ? 'half' : 'done';
    return {
      state: done === 0 ? 'empty' : dressed,
      done,
      of: done,
      open,
      needs: plans.length === 0 ? 'a-surface' : 'nothing',
    };
  },
});
