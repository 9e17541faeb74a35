import { insidePolygon, type Box } from '../../geometry/plane';
import { inFrontOf, type Surface } from '../../geometry/space';
import type { Finding } from '../../model/finding';
import type { Item, RoomFile } from '../../model/types';
import { overheadOf } from '../../room/ceiling';
import { isGlazed, isLamp } from '../../room/kinds';
import { mirrorPlane, type MirrorPlane } from '../../room/mirrorPlane';
import {
  clearedOf,
  planeOf,
  roomSeen,
  type Glass,
  type Place3,
  type Seen,
  type Solid,
} from '../../room/reflect';
import { solidsIn } from '../../room/solids';
import { viewersOf, type Viewer } from '../../room/viewers';
import type { Wall } from '../../room/walls';
import type { RuleBook } from '../../rules/book';
import type { HangingPlan } from '../../stages/walls/planHanging';
import { isSameRow } from '../keep';

type SeenKind = 'window' | 'tv' | 'door' | 'picture' | 'lamp';
type Thing = { id: string; name: string; kind: SeenKind };

/** What of the room a glass shows to somebody; from a seat, to anybody who sits there. */
export type Sight = {
  hangingId: string;
  fromId: string;
  fromName: string;
  eye: Place3;
  shows: Thing[];
};
export type SightsPlan = {
  sights: Sight[];
  findings: Finding[];
  /** What was seen in each glass, for the next plan. */
  looked: Looked | undefined;
};

type Context = {
  file: Pick<RoomFile, 'room' | 'openings' | 'fittings' | 'pieces'>;
  items: ReadonlyMap<string, Item>;
  hangings: readonly HangingPlan[];
  /** What stands on the furniture. */
  onTops: readonly Solid[];
  walls: readonly Wall[];
  rules: RuleBook;
};
/** A lamp shines from this share of its height. */
const LAMP_SHINES_AT = 0.86;

/** What every mirror and glazed picture shows from every place where somebody looks at it. */
export function planSights(context: Context, previous?: SightsPlan): SightsPlan {
  const { hangings, items, walls } = context;
  const isMirror = (h: HangingPlan) => items.get(h.itemId)?.kind === 'mirror';
  const glazed = hangings.filter((h) => isMirror(h) || items.get(h.itemId)?.glazed);
  if (glazed.length === 0) return { sights: [], findings: [], looked: previous?.looked };
  const looked = lookedIn(context, previous?.looked);
  const things = reflectable(context);
  const bright = things.filter(({ seen }) => isBright(seen));
  const sights: Sight[] = [];
  const findings: Finding[] = [];
  for (const hanging of glazed) {
    const mirror = isMirror(hanging);
    const plane = planeOf(glassOf(hanging), walls);
    if (!plane) continue;
    const seen: Sight[] = [];
    const shown = mirror ? things : bright;
    for (const view of looked.views) {
      const sight = sightOf({ hanging, plane }, view, shown, looked);
      if (!sight) continue;
      sights.push(sight);
      seen.push(sight);
    }
    findings.push(...judgeSights(seen, hanging, mirror));
  }
  return { sights, findings, looked };
}

/** A room with its furniture, as it is seen in its mirrors. */
export const roomLookedAt = ({ file, walls, onTops }: Pick<Context, 'file' | 'walls' | 'onTops'>): Seen =>
  roomSeen({
    walls,
    tops: new Map(walls.map((wall) => [wall.id, overheadOf(file.room, wall, walls)])),
    solids: [...solidsIn(file.pieces, file.fittings, walls), ...onTops],
  });

/** What is in the way of a viewer: not what they sit on, or stand beside or in. */
export const roomFor = (room: Seen, { id, eye }: Pick<Viewer, 'id' | 'eye'>): Seen => {
  const isIn = ({ outline }: Solid) =>
    outline.some((p) => p.xMm >= eye.xMm) &&
    outline.some((p) => p.xMm <= eye.xMm) &&
    insidePolygon(eye, outline);
  return clearedOf(room, new Set([id, ...room.solids.filter(isIn).map((solid) => solid.id)]));
};

export const glassOf = ({ wallId, xMm, widthMm, bottomMm, topMm, footMm }: HangingPlan): Glass => ({
  wallId,
  xMm,
  widthMm,
  bottomMm,
  topMm,
  footMm,
});

/**
 * Who looks, and the mirror planes of the walls for each eye. They hold for as long as nothing of the room moves, so that
 * however many glasses are dragged along a wall, what can be seen in it is worked out once.
 */
type Looked = {
  of: Pick<Context['file'], 'openings' | 'pieces' | 'fittings'> &
    Pick<Context['file']['room'], 'standpoints'> &
    Pick<Context, 'walls' | 'onTops' | 'rules'> & { ceiling: string };
  lamps: readonly { thing: Thing; at: Place3 }[];
  views: readonly View[];
  planes: PlanesOfEyes;
};
type View = { viewer: Viewer; room: Seen };
/** The mirror planes for each eye, by wall. */
type PlanesOfEyes = Map<Place3, Map<string, MirrorPlane>>;

function lookedIn(context: Context, previous: Looked | undefined): Looked {
  const { file, walls, onTops, rules } = context;
  const { openings, pieces, fittings } = file;
  const { ceilingMm, slopes, beams, standpoints } = file.room;
  const of: Looked['of'] = {
    openings,
    pieces,
    fittings,
    standpoints,
    walls,
    onTops,
    rules,
    ceiling: JSON.stringify([ceilingMm, slopes, beams]),
  };
  if (previous && isSameRow(of, previous.of)) return previous;
  const lamps = pieces.filter(isLamp).map((lamp) => ({
    thing: { id: lamp.id, name: lamp.name, kind: 'lamp' as const },
    at: { xMm: lamp.xMm, yMm: lamp.yMm, zMm: lamp.bottomMm + lamp.heightMm * LAMP_SHINES_AT },
  }));
  const room = roomLookedAt(context);
  const views = viewersOf(file, rules).map((viewer) => ({ viewer, room: roomFor(room, viewer) }));
  return { of, lamps, views, planes: new Map() };
}

type GlassOnWall = { hanging: HangingPlan; plane: { surface: Surface; part: Box } };

function sightOf(
  { hanging, plane: { surface, part } }: GlassOnWall,
  { viewer, room }: View,
  things: readonly Reflectable[],
  { lamps, planes }: Looked,
): Sight | null {
  if (inFrontOf(surface, viewer.eye) < 1) return null;
  const shows = viewer.eyes.flatMap((eye) => {
    const planeOfEye = () => mirrorPlane(surface, hanging.wallId, eye, room);
    const known = hanging.leans ? planeOfEye() : keptPlane(planes, eye, hanging.wallId, planeOfEye);
    return [
      ...things.filter((x) => known.shows(x, x.id, part)).map(({ seen }) => seen),
      ...lamps.filter(({ at }) => known.showsPlace(at, part)).map(({ thing }) => thing),
    ];
  });
  return {
    hangingId: hanging.hangingId,
    fromId: viewer.id,
    fromName: viewer.name,
    eye: viewer.eye,
    shows: eachOnce(shows),
  };
}

/** The plane of an eye on a wall, made the first time that it is asked for. */
function keptPlane(planes: PlanesOfEyes, eye: Place3, wallId: string, make: () => MirrorPlane): MirrorPlane {
  const ofEye = planes.get(eye) ?? new Map<string, MirrorPlane>();
  planes.set(eye, ofEye);
  const plane = ofEye.get(wallId) ?? make();
  ofEye.set(wallId, plane);
  return plane;
}

/** An opening and a picture may have the same id. */
const eachOnce = (things: readonly Thing[]): Thing[] => [
  ...new Map(things.map((thing) => [`${thing.kind} ${thing.id}`, thing])).values(),
];

/** Something on a wall; what is looked for again while nothing of the room moves has an id. */
type Reflectable = { id: string | null; wallId: string; seen: Thing; box: Box };

/** Everything on a wall that a glass opposite can show. */
function reflectable({ file, hangings }: Context): Reflectable[] {
  return [
    ...file.openings
      .filter((o) => o.kind !== 'arch')
      .map((o): Reflectable => ({
        id: `opening ${o.id}`,
        wallId: o.wallId,
        seen: { id: o.id, name: o.name, kind: isGlazed(o) ? 'window' : 'door' },
        box: { xMm: o.xMm, yMm: o.sillMm, widthMm: o.widthMm, heightMm: o.heightMm },
      })),
    ...file.fittings
      .filter((f) => f.kind === 'tv')
      .map((f): Reflectable => ({
        id: `fitting ${f.id}`,
        wallId: f.wallId,
        seen: { id: f.id, name: f.name, kind: 'tv' },
        box: { xMm: f.xMm, yMm: f.bottomMm, widthMm: f.widthMm, heightMm: f.heightMm },
      })),
    ...hangings.map((h): Reflectable => ({
      id: null,
      wallId: h.wallId,
      seen: { id: h.hangingId, name: h.name, kind: 'picture' },
      box: { xMm: h.xMm - h.widthMm / 2, yMm: h.bottomMm, widthMm: h.widthMm, heightMm: h.heightMm },
    })),
  ];
}

/** Whether something bright shows in it. */
export const isBright = (seen: Thing): boolean => seen.kind === 'window' || seen.kind === 'lamp';

/** A mirror reports what it shows; a glazed picture reports what glares in it; each with everybody who sees it. */
function judgeSights(sights: readonly Sight[], hanging: HangingPlan, mirror: boolean): Finding[] {
  const telling = sights.filter(({ shows }) => (mirror ? shows : shows.filter(isBright)).length > 0);
  if (telling.length === 0) return [];
  const things = telling.flatMap(({ shows }) => (mirror ? shows : shows.filter(isBright)));
  return [
    {
      code: mirror ? 'mirror-shows' : 'glare',
      level: mirror ? 'ok' : 'yielded',
      stage: 'walls',
      about: [hanging.hangingId],
      rule: 'walls.seatedEye',
      by: {
        piece: hanging.name,
        seats: telling.map(({ fromName }) => fromName),
        names: eachOnce(things).map(({ name }) => name),
      },
    },
  ];
}
