import { insidePolygon, type Box } from '../../geometry/plane';
import type { Finding } from '../../model/finding';
import type { Item, RoomFile } from '../../model/types';
import { overheadOf } from '../../room/ceiling';
import { isGlazed, isLamp } from '../../room/kinds';
import {
  glintIn,
  patchesIn,
  showsBox,
  type Glass,
  type Patch,
  type Place3,
  type Seen,
} from '../../room/reflect';
import { solidsIn } from '../../room/solids';
import { viewersOf, type Viewer } from '../../room/viewers';
import type { Wall } from '../../room/walls';
import type { RuleBook } from '../../rules/book';
import type { HangingPlan } from '../../stages/walls/planHanging';

type SeenKind = 'window' | 'tv' | 'door' | 'picture' | 'lamp';
type Thing = { id: string; name: string; kind: SeenKind };

/** What a glass shows from a standpoint: parts of the walls, and what is on them. */
export type Sight = {
  hangingId: string;
  fromId: string;
  fromName: string;
  eye: Place3;
  patches: Patch[];
  shows: Thing[];
};
export type SightsPlan = { sights: Sight[]; findings: Finding[] };

type Context = {
  file: Pick<RoomFile, 'room' | 'openings' | 'fittings' | 'pieces'>;
  items: ReadonlyMap<string, Item>;
  hangings: readonly HangingPlan[];
  walls: readonly Wall[];
  rules: RuleBook;
};
/** A lamp shines from this share of its height. */
const LAMP_SHINES_AT = 0.86;

/** What every mirror and glazed picture shows from every place where somebody looks at it. */
export function planSights(context: Context): SightsPlan {
  const { hangings, items } = context;
  const isMirror = (h: HangingPlan) => items.get(h.itemId)?.kind === 'mirror';
  const glazed = hangings.filter((h) => isMirror(h) || items.get(h.itemId)?.glazed);
  if (glazed.length === 0) return { sights: [], findings: [] };
  const sights: Sight[] = [];
  const findings: Finding[] = [];
  const room = roomSeen(context);
  const viewers = viewersOf({ room: context.file.room, pieces: context.file.pieces }, context.rules);
  for (const hanging of glazed)
    for (const viewer of viewers) {
      const sight = sightOf(context, room, hanging, viewer);
      if (!sight) continue;
      sights.push(sight);
      findings.push(...judgeSight(sight, hanging, viewer, isMirror(hanging)));
    }
  return { sights, findings };
}

const roomSeen = ({ file, walls }: Context): Seen => ({
  walls,
  tops: new Map(walls.map((wall) => [wall.id, overheadOf(file.room, wall, walls)])),
  solids: solidsIn(file.pieces, file.fittings, walls),
});

/** What is in the way of a viewer: not what they sit on, or stand beside or in. */
const roomFor = (room: Seen, viewer: Viewer): Seen => ({
  ...room,
  solids: room.solids.filter(({ id, outline }) => id !== viewer.id && !insidePolygon(viewer.eye, outline)),
});

function sightOf(context: Context, room: Seen, hanging: HangingPlan, viewer: Viewer): Sight | null {
  const { wallId, xMm, widthMm, bottomMm, topMm, footMm } = hanging;
  const glass: Glass = { wallId, xMm, widthMm, bottomMm, topMm, footMm };
  const seen = roomFor(room, viewer);
  const patches = patchesIn(glass, viewer.eye, seen);
  const onWalls = reflectable(context);
  const shows = viewer.eyes.flatMap((eye) => {
    const parts = eye === viewer.eye ? patches : patchesIn(glass, eye, seen);
    return [
      ...REFLECTED_ORDER.flatMap((group) =>
        parts.flatMap((patch) =>
          onWalls.filter((x) => x.group === group && x.wallId === patch.wallId && showsBox(patch, x.box)),
        ),
      ).map(({ seen: thing }) => thing),
      ...glintsIn(context, glass, eye, seen),
    ];
  });
  if (patches.length === 0 && shows.length === 0) return null;
  const unique = [...new Map(shows.map((thing) => [thing.id, thing])).values()];
  return {
    hangingId: hanging.hangingId,
    fromId: viewer.id,
    fromName: viewer.name,
    eye: viewer.eye,
    patches,
    shows: unique,
  };
}

const REFLECTED_ORDER = ['opening', 'screen', 'picture'] as const;
type Reflectable = { group: (typeof REFLECTED_ORDER)[number]; wallId: string; seen: Thing; box: Box };

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

const glintsIn = ({ file }: Context, glass: Glass, eye: Place3, room: Seen): Thing[] =>
  file.pieces
    .filter(isLamp)
    .filter((lamp) =>
      glintIn(
        glass,
        eye,
        { xMm: lamp.xMm, yMm: lamp.yMm, zMm: lamp.bottomMm + lamp.heightMm * LAMP_SHINES_AT },
        room,
      ),
    )
    .map((lamp) => ({ id: lamp.id, name: lamp.name, kind: 'lamp' }));

/** Whether something bright shows in it. */
export const isBright = (seen: Thing): boolean => seen.kind === 'window' || seen.kind === 'lamp';

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
