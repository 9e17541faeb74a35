import type { Mm } from '../base/units';
import { distanceToSegment, overlapLength, type Point } from '../geometry/plane';
import type { Opening, RoomFile } from '../model/types';
import type { OnWall } from '../room/place';
import { lowestOver, overheadOf } from '../room/ceiling';
import { isGlazed, isLamp } from '../room/kinds';
import { pointOnWall, type Wall } from '../room/walls';
import type { RuleBook } from '../rules/book';
import type { WindowPlace } from '../stages/windows/planWindow';

/** Furniture at least this share of the way up to the window's head stands in the way of a curtain. */
const TALL_SHARE = 0.8;

/** What comes down over an opening: the ceiling, its slope or beam, or a boxed beam on the wall above the frame. */
export function overheadOfOpening(o: Opening, file: RoomFile, wall: Wall, walls: readonly Wall[]): Mm {
  const [left, right] = [o.xMm - o.trimMm, o.xMm + o.widthMm + o.trimMm];
  const boxed = file.fittings.filter((f) => f.kind === 'beam' && f.wallId === o.wallId && f.bottomMm >= o.sillMm + o.heightMm && overlapLength(f.xMm, f.xMm + f.widthMm, left, right) > 1).map((f) => f.bottomMm);
  return Math.min(lowestOver(overheadOf(file.room, wall, walls), Math.max(0, left), Math.min(wall.lengthMm, right)), ...boxed);
}

/** What a window finds on its wall: room to each side, hot things near, radiators below. */
export function windowPlaceOf(o: Opening, file: RoomFile, walls: readonly Wall[], places: ReadonlyMap<string, OnWall>, lineMm: Mm | undefined, rules: RuleBook): WindowPlace {
  const wall = walls.find((w) => w.id === o.wallId)!;
  const top = o.sillMm + o.heightMm;
  const left = o.xMm - o.trimMm;
  const right = o.xMm + o.widthMm + o.trimMm;
  const keep = rules.number('windows.cornerClearance');
  let leftEnd = { atMm: keep, by: 'wall' };
  let rightEnd = { atMm: wall.lengthMm - keep, by: 'wall' };
  const blocks = [
    // two curtains share the wall between their windows
    ...file.openings.filter((x) => x.id !== o.id && x.wallId === o.wallId).map((x) => {
      const share = isGlazed(x) ? 0.5 : 1;
      const from = x.xMm - x.trimMm;
      const to = x.xMm + x.widthMm + x.trimMm;
      return to <= left + 1 ? { from, to: left - (left - to) * share, by: x.name } : { from: right + (from - right) * share, to, by: x.name };
    }),
    ...file.fittings.filter((f) => f.wallId === o.wallId && (f.kind === 'tv' || f.kind === 'shelf' || f.kind === 'vent') && overlapLength(f.bottomMm, f.bottomMm + f.heightMm, o.sillMm, file.room.ceilingMm) > 0).map((f) => ({ from: f.xMm, to: f.xMm + f.widthMm, by: f.name })),
    ...file.pieces.flatMap((p) => { const on = places.get(p.id); return on && on.wallId === o.wallId && !isLamp(p) && p.kind !== 'plant' && p.bottomMm + p.heightMm > top * TALL_SHARE ? [{ from: on.xMm, to: on.xMm + on.widthMm, by: p.name }] : []; }),
  ];
  for (const b of blocks) {
    if (b.to <= left + 1 && b.to > leftEnd.atMm) leftEnd = { atMm: b.to, by: b.by };
    if (b.from >= right - 1 && b.from < rightEnd.atMm) rightEnd = { atMm: b.from, by: b.by };
  }
  return {
    ceilingMm: overheadOfOpening(o, file, wall, walls), lineMm, wheelchair: file.home.flags.wheelchair,
    roomMm: { leftMm: Math.max(0, left - leftEnd.atMm), rightMm: Math.max(0, rightEnd.atMm - right) },
    endsAt: { left: leftEnd.by, right: rightEnd.by },
    heaters: file.fittings.filter((f) => f.kind === 'heater' || f.kind === 'stove').map((f) => ({ id: f.id, name: f.name, distanceMm: (from: Mm, to: Mm) => spanToFitting(wall, from, to, walls.find((w) => w.id === f.wallId)!, f) })),
    radiators: file.fittings.filter((f) => f.kind === 'radiator' && f.wallId === o.wallId).map((f) => ({ id: f.id, name: f.name, xMm: f.xMm, widthMm: f.widthMm, topMm: f.bottomMm + f.heightMm })),
  };
}

/** Plan distance between a stretch of wall and the front of a fitting. */
function spanToFitting(wall: Wall, from: Mm, to: Mm, other: Wall, f: { xMm: Mm; widthMm: Mm; depthMm: Mm }): Mm {
  const [a, b] = [pointOnWall(wall, from), pointOnWall(wall, to)];
  const into = ((other.facingDeg + 180) * Math.PI) / 180;
  const front = (x: Mm, depth: Mm): Point => { const p = pointOnWall(other, x); return { xMm: p.xMm + depth * Math.sin(into), yMm: p.yMm - depth * Math.cos(into) }; };
  const corners = [front(f.xMm, 0), front(f.xMm + f.widthMm, 0), front(f.xMm, f.depthMm), front(f.xMm + f.widthMm, f.depthMm)];
  return Math.min(...corners.map((c) => distanceToSegment(c, a, b)), ...[a, b].map((p) => Math.min(distanceToSegment(p, corners[0]!, corners[2]!), distanceToSegment(p, corners[2]!, corners[3]!), distanceToSegment(p, corners[3]!, corners[1]!))));
}
