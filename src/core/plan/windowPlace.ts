import type { Mm } from '../base/units';
import { apart, distanceToSegment, overlapLength, type Point } from '../geometry/plane';
import { OPENING } from '../model/defaults';
import type { Dressing, Fitting, Look, Opening, RoomFile } from '../model/types';
import type { OnWall } from '../room/place';
import { lowestOver, overheadOf, underCrown } from '../room/ceiling';
import { isGlazed, isLamp } from '../room/kinds';
import { pointOnWall, type Wall } from '../room/walls';
import type { RuleBook } from '../rules/book';
import {
  bentSpan,
  insideAngle,
  onWalls,
  outerOf,
  straightSpan,
  turnsBeforeMm,
  type Span,
} from '../stages/windows/span';
import type { WindowPlace, WindowTarget } from '../stages/windows/windowPlan';

/** Furniture at least this share of the way up to the window's head stands in the way of a curtain. */
const TALL_SHARE = 0.8;
/** A shower's rod hangs over this, where nothing higher is wished. */
const SHOWER_HEAD: Mm = 1750;
/** Fittings on a wall that a rod cannot go through. */
const IN_THE_WAY: ReadonlySet<Fitting['kind']> = new Set(['tv', 'shelf', 'vent', 'beam']);

/** A dressing with what it dresses: its windows from the left, and those dressings whose window hangs under its rod. */
export type Dressed = { dressing: Dressing; target: WindowTarget; under: Dressing[] };

/** A tub as that which its curtain hangs before. */
export const tubOpening = (f: Fitting): Opening => ({
  ...OPENING,
  id: f.id,
  name: f.name,
  kind: 'window',
  wallId: f.wallId,
  xMm: f.xMm,
  widthMm: f.widthMm,
  sillMm: 0,
  heightMm: SHOWER_HEAD,
  trimMm: 0,
  dropsMm: null,
});

type Found = { dressing: Dressing; opening: Opening; wall: number };
const dressedOpenings = (file: RoomFile, look: Look, walls: readonly Wall[]): Found[] =>
  look.dressings.flatMap((dressing) => {
    const opening = file.openings.find((o) => o.id === dressing.openingId);
    const wall = opening ? walls.findIndex((w) => w.id === opening.wallId) : -1;
    return opening && wall >= 0 ? [{ dressing, opening, wall }] : [];
  });
/** The next to the right: on the same wall, else the first on the wall that follows. Only what hangs on wall or ceiling can go round. */
function nextOf(found: readonly Found[], from: Found, walls: number): Found | undefined {
  const goes = found.filter(
    (f) =>
      f.dressing.mount === from.dressing.mount &&
      (f.dressing.mount === 'wall' || f.dressing.mount === 'ceiling'),
  );
  const first = (of: readonly Found[]) => [...of].sort((a, b) => a.opening.xMm - b.opening.xMm)[0];
  return (
    first(goes.filter((f) => f.wall === from.wall && f.opening.xMm > from.opening.xMm)) ??
    first(goes.filter((f) => f.wall === (from.wall + 1) % walls && f.wall !== from.wall))
  );
}

/** The dressed window that the rod of another could go on to. */
export function nextDressed(
  file: RoomFile,
  look: Look,
  walls: readonly Wall[],
  from: Dressing,
): { dressing: Dressing; opening: Opening } | undefined {
  const found = dressedOpenings(file, look, walls);
  const at = found.find((f) => f.dressing.id === from.id);
  return at && nextOf(found, at, walls.length);
}

/** What the look's dressings dress: windows one by one, windows under one rod together, tubs. */
export function dressedOf(file: RoomFile, look: Look, walls: readonly Wall[], rules: RuleBook): Dressed[] {
  const found = dressedOpenings(file, look, walls);
  const next = (from: Found) => nextOf(found, from, walls.length);
  const begun = new Set(
    found.flatMap((f) => {
      const n = f.dressing.joinsNext ? next(f) : undefined;
      return n ? [n.dressing.id] : [];
    }),
  );
  // where every rod would begin in another's, round the whole room, the first one begins
  const heads = found.filter((f) => !begun.has(f.dressing.id));
  const taken = new Set<string>();
  const windows = [...heads, ...found].flatMap((head): Dressed[] => {
    const chain: Found[] = [];
    for (
      let at: Found | undefined = head;
      at && !taken.has(at.dressing.id);
      at = at.dressing.joinsNext ? next(at) : undefined
    ) {
      taken.add(at.dressing.id);
      chain.push(at);
    }
    if (chain.length === 0) return [];
    const span =
      chain.length === 1
        ? straightSpan(head.opening)
        : bentSpan(
            chain.map((c) => ({ opening: c.opening, wall: walls[c.wall]! })),
            rules.number('windows.return'),
          );
    const name = chain.map((c) => c.opening.name).join(', ');
    return [
      {
        dressing: head.dressing,
        target: { id: head.opening.id, name, wallId: head.opening.wallId, span, shower: false },
        under: chain.slice(1).map((c) => c.dressing),
      },
    ];
  });
  const showers = look.dressings.flatMap((dressing): Dressed[] => {
    const tub = file.fittings.find((f) => f.id === dressing.openingId && f.kind === 'tub');
    return tub
      ? [
          {
            dressing,
            target: {
              id: tub.id,
              name: tub.name,
              wallId: tub.wallId,
              span: straightSpan(tubOpening(tub)),
              shower: true,
            },
            under: [],
          },
        ]
      : [];
  });
  const order = new Map(look.dressings.map((d, i) => [d.id, i]));
  return [...windows, ...showers].sort((a, b) => order.get(a.dressing.id)! - order.get(b.dressing.id)!);
}

/** What comes down over a stretch of a wall: ceiling, slope or beam less the crown, or a thing on the wall that hangs above a height. */
function overheadOn(
  wall: Wall,
  fromXMm: Mm,
  toXMm: Mm,
  aboveMm: Mm,
  file: RoomFile,
  walls: readonly Wall[],
  places: ReadonlyMap<string, OnWall>,
): { mm: Mm; by: string } {
  const edge = overheadOf(file.room, wall, walls);
  const lowest = (of: typeof edge) => lowestOver(of, Math.max(0, fromXMm), Math.min(wall.lengthMm, toXMm));
  const [ceiling, crowned] = [lowest(edge), lowest(underCrown(file.room, edge))];
  const beam = file.room.beams.find((b) => Math.abs(b.undersideMm - ceiling) < 0.5);
  let low = {
    mm: crowned,
    by: crowned < ceiling ? 'crown' : ceiling < file.room.ceilingMm - 1 ? (beam?.name ?? 'slope') : 'ceiling',
  };
  const take = (mm: Mm, from: Mm, to: Mm, by: string) => {
    if (mm >= aboveMm - 1 && mm < low.mm && overlapLength(from, to, fromXMm, toXMm) > 1) low = { mm, by };
  };
  for (const f of file.fittings)
    if (f.wallId === wall.id && IN_THE_WAY.has(f.kind)) take(f.bottomMm, f.xMm, f.xMm + f.widthMm, f.name);
  for (const p of file.pieces) {
    const on = places.get(p.id);
    if (on?.wallId === wall.id && p.bottomMm > 0) take(p.bottomMm, on.xMm, on.xMm + on.widthMm, p.name);
  }
  return low;
}

/** Lowest of the ceiling itself, of slopes and beams over a stretch of the rod: what a track is fixed to, before the crown. */
const ceilingOfSpan = (span: Span, fromMm: Mm, toMm: Mm, file: RoomFile, walls: readonly Wall[]): Mm =>
  Math.min(
    Infinity,
    ...onWalls(span, fromMm, toMm).map((s) => {
      const wall = walls.find((w) => w.id === s.wallId)!;
      return lowestOver(
        overheadOf(file.room, wall, walls),
        Math.max(0, s.fromXMm),
        Math.min(wall.lengthMm, s.toXMm),
      );
    }),
  );

/** Lowest thing over a stretch of the rod, before whichever walls it hangs. */
export const overheadOfSpan = (
  span: Span,
  fromMm: Mm,
  toMm: Mm,
  aboveMm: Mm,
  file: RoomFile,
  walls: readonly Wall[],
  places: ReadonlyMap<string, OnWall>,
): { mm: Mm; by: string } =>
  onWalls(span, fromMm, toMm)
    .map((s) =>
      overheadOn(
        walls.find((w) => w.id === s.wallId)!,
        s.fromXMm,
        s.toXMm,
        aboveMm,
        file,
        walls,
        places,
      ),
    )
    .reduce((a, b) => (b.mm < a.mm ? b : a), { mm: Infinity, by: 'ceiling' });

/** What an opening finds on its wall, left and right of its trim: how far it is to the next thing, and what that is. */
function roomBeside(
  o: Opening,
  file: RoomFile,
  walls: readonly Wall[],
  places: ReadonlyMap<string, OnWall>,
  dressedIds: ReadonlySet<string>,
  rules: RuleBook,
): { leftMm: Mm; rightMm: Mm; leftBy: string; rightBy: string } {
  const at = walls.findIndex((w) => w.id === o.wallId);
  const wall = walls[at]!;
  const top = o.sillMm + o.heightMm;
  const left = o.xMm - o.trimMm;
  const right = o.xMm + o.widthMm + o.trimMm;
  // in a corner where the other wall has a rod of its own, each ends before it would meet the other
  const keepAt = (other: Wall, inside: number) => {
    const meets = inside < 179 && file.openings.some((x) => x.wallId === other.id && dressedIds.has(x.id));
    return Math.max(
      rules.number('windows.cornerClearance'),
      meets ? turnsBeforeMm(rules.number('windows.return'), inside) : 0,
    );
  };
  const [before, after] = [walls[(at - 1 + walls.length) % walls.length]!, walls[(at + 1) % walls.length]!];
  let leftEnd = { atMm: keepAt(before, insideAngle(before, wall)), by: 'wall' };
  let rightEnd = { atMm: wall.lengthMm - keepAt(after, insideAngle(wall, after)), by: 'wall' };
  const blocks = [
    // two curtains share the wall between their windows
    ...file.openings
      .filter((x) => x.id !== o.id && x.wallId === o.wallId)
      .map((x) => {
        const share = isGlazed(x) ? 0.5 : 1;
        const from = x.xMm - x.trimMm;
        const to = x.xMm + x.widthMm + x.trimMm;
        return to <= left + 1
          ? { from, to: left - (left - to) * share, by: x.name }
          : { from: right + (from - right) * share, to, by: x.name };
      }),
    ...file.fittings
      .filter(
        (f) =>
          f.wallId === o.wallId &&
          IN_THE_WAY.has(f.kind) &&
          overlapLength(f.bottomMm, f.bottomMm + f.heightMm, o.sillMm, file.room.ceilingMm) > 0,
      )
      .map((f) => ({ from: f.xMm, to: f.xMm + f.widthMm, by: f.name })),
    ...file.pieces.flatMap((p) => {
      const on = places.get(p.id);
      return on &&
        on.wallId === o.wallId &&
        !isLamp(p) &&
        p.kind !== 'plant' &&
        p.bottomMm + p.heightMm > top * TALL_SHARE
        ? [{ from: on.xMm, to: on.xMm + on.widthMm, by: p.name }]
        : [];
    }),
  ];
  for (const b of blocks) {
    if (b.to <= left + 1 && b.to > leftEnd.atMm) leftEnd = { atMm: b.to, by: b.by };
    if (b.from >= right - 1 && b.from < rightEnd.atMm) rightEnd = { atMm: b.from, by: b.by };
  }
  return {
    leftMm: Math.max(0, left - leftEnd.atMm),
    rightMm: Math.max(0, rightEnd.atMm - right),
    leftBy: leftEnd.by,
    rightBy: rightEnd.by,
  };
}

/** What a window, or a row of them under one rod, finds round it: room to each side, what is overhead, hot things, doors and stairs near. */
export function windowPlaceOf(
  target: WindowTarget,
  file: RoomFile,
  walls: readonly Wall[],
  places: ReadonlyMap<string, OnWall>,
  lineMm: Mm | undefined,
  dressedIds: ReadonlySet<string>,
  rules: RuleBook,
): WindowPlace {
  const { span } = target;
  const [first, last] = [span.parts[0]!, span.parts[span.parts.length - 1]!];
  const top = Math.max(...span.parts.map((p) => p.opening.sillMm + p.opening.heightMm));
  const [left, right] = target.shower
    ? [
        { leftMm: 0, leftBy: 'wall' },
        { rightMm: 0, rightBy: 'wall' },
      ]
    : [
        roomBeside(first.opening, file, walls, places, dressedIds, rules),
        roomBeside(last.opening, file, walls, places, dressedIds, rules),
      ];
  const wallOf = (id: string) => walls.find((w) => w.id === id)!;
  const onSpan = (wallId: string, xMm: Mm): Mm | undefined => {
    const part = span.parts.find((p) => p.wallId === wallId);
    return part && xMm + part.offMm;
  };
  const along = (f: Fitting) => {
    const x = onSpan(f.wallId, f.xMm);
    return x === undefined
      ? []
      : [
          {
            id: f.id,
            name: f.name,
            xMm: x,
            widthMm: f.widthMm,
            bottomMm: f.bottomMm,
            topMm: f.bottomMm + f.heightMm,
          },
        ];
  };
  const least = (fromMm: Mm, toMm: Mm, to: (wall: Wall, from: Mm, to: Mm) => Mm) =>
    Math.min(Infinity, ...onWalls(span, fromMm, toMm).map((s) => to(wallOf(s.wallId), s.fromXMm, s.toXMm)));
  const stretch = (wall: Wall, from: Mm, to: Mm): [Point, Point] => [
    pointOnWall(wall, from),
    pointOnWall(wall, to),
  ];
  return {
    overhead: (fromMm, toMm) => overheadOfSpan(span, fromMm, toMm, top, file, walls, places),
    ceilingOver: (fromMm, toMm) => ceilingOfSpan(span, fromMm, toMm, file, walls),
    lineMm,
    wheelchair: file.home.flags.wheelchair,
    rented: file.home.flags.rented,
    roomMm: { leftMm: left.leftMm, rightMm: right.rightMm },
    endsAt: { left: left.leftBy, right: right.rightBy },
    heaters: file.fittings
      .filter((f) => f.kind === 'heater' || f.kind === 'stove')
      .map((f) => ({
        id: f.id,
        name: f.name,
        distanceMm: (fromMm: Mm, toMm: Mm) =>
          least(fromMm, toMm, (wall, from, to) => spanToFitting(wall, from, to, wallOf(f.wallId), f)),
      })),
    radiators: file.fittings.filter((f) => f.kind === 'radiator').flatMap(along),
    vents: file.fittings.filter((f) => f.kind === 'vent').flatMap(along),
    electric: file.fittings
      .filter((f) => f.kind === 'socket' || f.kind === 'switch')
      .flatMap(along)
      .map((f) => ({ name: f.name, fromMm: f.xMm, toMm: f.xMm + f.widthMm })),
    ways: [
      ...file.openings
        .filter((o) => !span.parts.some((p) => p.opening.id === o.id) && o.kind !== 'window')
        .map((o) => ({
          id: o.id,
          name: o.name,
          stairs: false,
          distanceMm: (fromMm: Mm, toMm: Mm) =>
            least(
              fromMm,
              toMm,
              (wall, from, to) =>
                apart(stretch(wall, from, to), stretch(wallOf(o.wallId), o.xMm, o.xMm + o.widthMm)).mm,
            ),
        })),
      ...file.fittings
        .filter((f) => f.kind === 'stairs')
        .map((f) => ({
          id: f.id,
          name: f.name,
          stairs: true,
          distanceMm: (fromMm: Mm, toMm: Mm) =>
            least(fromMm, toMm, (wall, from, to) => spanToFitting(wall, from, to, wallOf(f.wallId), f)),
        })),
    ],
  };
}

/** Frame top and what is overhead, for the line that the windows share. */
export const headOf = (
  target: WindowTarget,
  file: RoomFile,
  walls: readonly Wall[],
  places: ReadonlyMap<string, OnWall>,
): { frameTopMm: Mm; ceilingMm: Mm } => {
  const frameTopMm = Math.max(...target.span.parts.map((p) => p.opening.sillMm + p.opening.heightMm));
  const outer = outerOf(target.span);
  return {
    frameTopMm,
    ceilingMm: overheadOfSpan(target.span, outer.leftMm, outer.rightMm, frameTopMm, file, walls, places).mm,
  };
};

/** Plan distance between a stretch of wall and the front of a fitting. */
function spanToFitting(
  wall: Wall,
  from: Mm,
  to: Mm,
  other: Wall,
  f: { xMm: Mm; widthMm: Mm; depthMm: Mm },
): Mm {
  const [a, b] = [pointOnWall(wall, from), pointOnWall(wall, to)];
  const into = ((other.facingDeg + 180) * Math.PI) / 180;
  const front = (x: Mm, depth: Mm): Point => {
    const p = pointOnWall(other, x);
    return { xMm: p.xMm + depth * Math.sin(into), yMm: p.yMm - depth * Math.cos(into) };
  };
  const corners = [
    front(f.xMm, 0),
    front(f.xMm + f.widthMm, 0),
    front(f.xMm, f.depthMm),
    front(f.xMm + f.widthMm, f.depthMm),
  ];
  return Math.min(
    ...corners.map((c) => distanceToSegment(c, a, b)),
    ...[a, b].map((p) =>
      Math.min(
        distanceToSegment(p, corners[0]!, corners[2]!),
        distanceToSegment(p, corners[2]!, corners[3]!),
        distanceToSegment(p, corners[3]!, corners[1]!),
      ),
    ),
  );
}
