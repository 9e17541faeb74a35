import { elementAt } from '../../base/list';
import type { Mm } from '../../base/units';
import { boundsOf, type Point } from '../../geometry/plane';
import type { Fitting, Piece, RoomFile } from '../../model/types';
import { footprint } from '../../room/place';
import { overheadOver, pastWallsMm, WALL_PLAY } from '../../room/standsIn';
import { wallsOf } from '../../room/walls';
import { checkAlongWall, checkUnderCeiling } from './checkOpening';
import { issuer, TOLERANCE, type MeasureIssue } from './issue';

/** A mantel narrower than this share of its fireplace is a slip. */
const NARROW_MANTEL = 0.5;

export function checkFitting(f: Fitting, file: Pick<RoomFile, 'room'>): MeasureIssue[] {
  const { refuse } = issuer(f.id);
  const wall = wallsOf(file.room).find((w) => w.id === f.wallId);
  if (!wall) return [refuse('wall-missing', 'wallId')];
  const top = Math.max(f.bottomMm + f.heightMm, f.mantel?.topMm ?? 0);
  const narrow = f.mantel && f.mantel.widthMm < f.widthMm * NARROW_MANTEL ? f.mantel : null;
  return [
    ...checkAlongWall(f, wall),
    ...checkUnderCeiling(f, top, wall, file.room),
    ...(narrow
      ? [refuse('mantel-narrow', 'mantel.widthMm', { cameMm: narrow.widthMm, expectedMm: f.widthMm })]
      : []),
  ];
}

/** Which way things at these corners are further out of a room. */
function furtherOut(corners: readonly Point[], outline: readonly Point[]): 'xMm' | 'yMm' {
  const [inner, room] = [boundsOf(corners), boundsOf(outline)];
  const beyond = (low: Mm, high: Mm, from: Mm, to: Mm) => Math.max(0, from - low, high - to);
  const x = beyond(inner.xMm, inner.xMm + inner.widthMm, room.xMm, room.xMm + room.widthMm);
  const y = beyond(inner.yMm, inner.yMm + inner.heightMm, room.yMm, room.yMm + room.heightMm);
  return y > x ? 'yMm' : 'xMm';
}

export function checkPiece(p: Piece, file: Pick<RoomFile, 'room'>): MeasureIssue[] {
  const { refuse } = issuer(p.id);
  const issues: MeasureIssue[] = [];
  if (pastWallsMm(p, file.room, WALL_PLAY) > 0) {
    const field = furtherOut(footprint(p), file.room.walls);
    issues.push(refuse('outside-room', field, { cameMm: p[field] }));
  }
  const overhead = overheadOver(p, file.room);
  if (p.bottomMm + p.heightMm > overhead + TOLERANCE)
    issues.push(
      refuse('taller-than-room', 'heightMm', { cameMm: p.bottomMm + p.heightMm, expectedMm: overhead }),
    );
  if (p.bed && Math.max(p.bed.headboardMm, p.bed.footboardMm, p.bed.mattressMm) > p.heightMm + TOLERANCE)
    issues.push(
      refuse('bed-taller-than-piece', 'bed.headboardMm', {
        cameMm: Math.max(p.bed.headboardMm, p.bed.footboardMm, p.bed.mattressMm),
        expectedMm: p.heightMm,
      }),
    );
  if (p.bed?.thickMm && p.bed.thickMm > p.bed.mattressMm + TOLERANCE)
    issues.push(
      refuse('mattress-thicker-than-high', 'bed.thickMm', {
        cameMm: p.bed.thickMm,
        expectedMm: p.bed.mattressMm,
      }),
    );
  p.shelvesMm.forEach((s, i) => {
    if (s > p.heightMm + TOLERANCE)
      issues.push(refuse('shelf-past-piece', `shelvesMm.${i}`, { cameMm: s, expectedMm: p.heightMm }));
    else if (i > 0 && s <= elementAt(p.shelvesMm, i - 1))
      issues.push(
        refuse('shelves-out-of-order', `shelvesMm.${i}`, {
          cameMm: s,
          expectedMm: elementAt(p.shelvesMm, i - 1),
        }),
      );
  });
  if (p.seat) {
    if (p.seat.widthMm > p.widthMm + TOLERANCE)
      issues.push(
        refuse('seat-wider-than-piece', 'seat.widthMm', { cameMm: p.seat.widthMm, expectedMm: p.widthMm }),
      );
    if (p.seat.depthMm > p.depthMm + TOLERANCE)
      issues.push(
        refuse('seat-deeper-than-piece', 'seat.depthMm', { cameMm: p.seat.depthMm, expectedMm: p.depthMm }),
      );
    if (p.seat.heightMm > p.heightMm + TOLERANCE)
      issues.push(
        refuse('seat-higher-than-piece', 'seat.heightMm', {
          cameMm: p.seat.heightMm,
          expectedMm: p.heightMm,
        }),
      );
  }
  return issues;
}
