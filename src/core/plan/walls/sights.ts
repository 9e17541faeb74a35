import type { Mm } from '../../base/units';
import type { Box } from '../../geometry/plane';
import type { Finding } from '../../model/finding';
import type { Item, RoomFile } from '../../model/types';
import { isGlazed, isLamp, sits } from '../../room/kinds';
import { glintIn, patchesIn, showsBox, type Glass, type Patch, type Place3 } from '../../room/reflect';
import type { Wall } from '../../room/walls';
import type { HangingPlan } from '../../stages/walls/planHanging';

type SeenKind = 'window' | 'tv' | 'door' | 'picture' | 'lamp';
type Seen = { id: string; name: string; kind: SeenKind };

/** What a glass shows from a standpoint: parts of the walls, and what is on them. */
export type Sight = {
  hangingId: string;
  fromId: string;
  fromName: string;
  eye: Place3;
  patches: Patch[];
  shows: Seen[];
};
export type SightsPlan = { sights: Sight[]; findings: Finding[] };

type Context = {
  file: Pick<RoomFile, 'room' | 'openings' | 'fittings' | 'pieces'>;
  items: ReadonlyMap<string, Item>;
  hangings: readonly HangingPlan[];
  walls: readonly Wall[];
};
type Viewer = { id: string; name: string; by: 'stand' | 'piece'; eye: Place3 };

/** A seat's eye is this far over the seat. */
const EYE_OVER_SEAT: Mm = 720;
const USUAL_SEAT: Mm = 450;
/** A lamp shines from this share of its height. */
const LAMP_SHINES_AT = 0.86;
/** Where nobody has marked a place to look from, this many seats are it. */
const SEATS_LOOKED_FROM = 3;

/** What every mirror and glazed picture shows from every place where somebody looks at it. */
export function planSights(context: Context): SightsPlan {
  const { hangings, items } = context;
  const isMirror = (h: HangingPlan) => items.get(h.itemId)?.kind === 'mirror';
  const glazed = hangings.filter((h) => isMirror(h) || items.get(h.itemId)?.glazed);
  if (glazed.length === 0) return { sights: [], findings: [] };
  const sights: Sight[] = [];
  const findings: Finding[] = [];
  for (const hanging of glazed)
    for (const viewer of viewersOf(context.file)) {
      const sight = sightOf(context, hanging, viewer);
      if (!sight) continue;
      sights.push(sight);
      findings.push(...judgeSight(sight, hanging, viewer, isMirror(hanging)));
    }
  return { sights, findings };
}

function viewersOf({ room, pieces }: Context['file']): Viewer[] {
  if (room.standpoints.length > 0)
    return room.standpoints.map((s) => ({
      id: s.id,
      name: s.name,
      by: 'stand',
      eye: { xMm: s.xMm, yMm: s.yMm, zMm: s.eyeMm },
    }));
  return pieces
    .filter(sits)
    .slice(0, SEATS_LOOKED_FROM)
    .map((p) => ({
      id: p.id,
      name: p.name,
      by: 'piece',
      eye: { xMm: p.xMm, yMm: p.yMm, zMm: (p.seat?.heightMm ?? USUAL_SEAT) + EYE_OVER_SEAT },
    }));
}

function sightOf(context: Context, hanging: HangingPlan, { id, name, eye }: Viewer): Sight | null {
  const { wallId, xMm, widthMm, bottomMm, topMm } = hanging;
  const glass: Glass = { wallId, xMm, widthMm, bottomMm, topMm };
  const patches = patchesIn(glass, eye, context.walls);
  if (patches.length === 0) return null;
  const onWalls = reflectable(context);
  const shows = [
    ...REFLECTED_ORDER.flatMap((group) =>
      patches.flatMap((patch) =>
        onWalls.filter((x) => x.group === group && x.wallId === patch.wallId && showsBox(patch, x.box)),
      ),
    ).map(({ seen }) => seen),
    ...glintsIn(context, glass, eye),
  ];
  const unique = [...new Map(shows.map((s) => [s.id, s])).values()];
  return { hangingId: hanging.hangingId, fromId: id, fromName: name, eye, patches, shows: unique };
}

const REFLECTED_ORDER = ['opening', 'screen', 'picture'] as const;
type Reflectable = { group: (typeof REFLECTED_ORDER)[number]; wallId: string; seen: Seen; box: Box };

/** Everything on a wall that a glass opposite can show. */
function reflectable({ file, hangings }: Context): Reflectable[] {
  return [
    ...file.openings
      .filter((o) => o.kind !== 'arch')
      .map((o): Reflectable => ({
        group: 'opening',
        wallId: o.wallId,
        seen: { id: o.id, name: o.name, kind: isGlazed(o) ? 'window' : 'door' },
        box: { xMm: o.xMm, yMm: o.sillMm, widthMm: o.widthMm, heightMm: o.heightMm },
      })),
    ...file.fittings
      .filter((f) => f.kind === 'tv')
      .map((f): Reflectable => ({
        group: 'screen',
        wallId: f.wallId,
        seen: { id: f.id, name: f.name, kind: 'tv' },
        box: { xMm: f.xMm, yMm: f.bottomMm, widthMm: f.widthMm, heightMm: f.heightMm },
      })),
    ...hangings.map((h): Reflectable => ({
      group: 'picture',
      wallId: h.wallId,
      seen: { id: h.hangingId, name: h.name, kind: 'picture' },
      box: { xMm: h.xMm - h.widthMm / 2, yMm: h.bottomMm, widthMm: h.widthMm, heightMm: h.heightMm },
    })),
  ];
}

const glintsIn = ({ file, walls }: Context, glass: Glass, eye: Place3): Seen[] =>
  file.pieces
    .filter(isLamp)
    .filter((lamp) =>
      glintIn(
        glass,
        eye,
        { xMm: lamp.xMm, yMm: lamp.yMm, zMm: lamp.bottomMm + lamp.heightMm * LAMP_SHINES_AT },
        walls,
      ),
    )
    .map((lamp) => ({ id: lamp.id, name: lamp.name, kind: 'lamp' }));

/** Whether something bright shows in it. */
export const isBright = (seen: Seen): boolean => seen.kind === 'window' || seen.kind === 'lamp';

/** A mirror reports what it shows; a glazed picture reports what glares in it. */
function judgeSight(sight: Sight, hanging: HangingPlan, viewer: Viewer, mirror: boolean): Finding[] {
  const seen = mirror ? sight.shows : sight.shows.filter(isBright);
  if (seen.length === 0) return [];
  return [
    {
      code: mirror ? 'mirror-shows' : 'glare',
      level: mirror ? 'ok' : 'yielded',
      stage: 'walls',
      about: [hanging.hangingId],
      by: {
        piece: hanging.name,
        from: viewer.name,
        by: viewer.by,
        names: seen.map((s) => s.name),
      },
    },
  ];
}
