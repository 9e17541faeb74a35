import { inches } from '../../base/units';
import { insidePolygon, polygonArea } from '../../geometry/plane';
import type { RoomFile } from '../../model/types';
import { firstCrossing, wallsOf, type Wall } from '../../room/walls';
import { ruleBook } from '../../rules/book';
import { EPSILON_MM, issuer, TOLERANCE, type MeasureIssue } from './issue';

export function checkOutline(file: Pick<RoomFile, 'room' | 'rules'>): MeasureIssue[] {
  const { refuse, ask } = issuer('room');
  const issues: MeasureIssue[] = [];
  const crossing = firstCrossing(file.room.walls);
  if (crossing !== undefined)
    issues.push({ ...refuse('outline-crosses', 'walls'), path: ['room', 'walls', crossing] });
  else if (polygonArea(file.room.walls) <= 0)
    issues.push({ ...refuse('outline-not-clockwise', 'walls'), path: ['room', 'walls'] });
  const walls = wallsOf(file.room);
  const deep = (wall: Wall) =>
    Math.max(
      ...file.room.walls.map((c) => {
        const a = (wall.facingDeg * Math.PI) / 180;
        return (wall.from.xMm - c.xMm) * Math.sin(a) - (wall.from.yMm - c.yMm) * Math.cos(a);
      }),
    );
  file.room.slopes.forEach((s, i) => {
    const wall = walls.find((w) => w.id === s.wallId);
    if (!wall)
      issues.push({ ...refuse('wall-missing', `slope.${s.wallId}`), path: ['room', 'slopes', i, 'wallId'] });
    else if (s.lowMm >= file.room.ceilingMm)
      issues.push({
        ...refuse('slope-above-ceiling', `slope.${s.wallId}`, {
          cameMm: s.lowMm,
          expectedMm: file.room.ceilingMm,
        }),
        path: ['room', 'slopes', i, 'lowMm'],
      });
  });
  file.room.beams.forEach((b, i) => {
    const wall = walls.find((w) => w.id === b.wallId);
    if (!wall)
      issues.push({ ...refuse('wall-missing', `beam.${b.id}`), path: ['room', 'beams', i, 'wallId'] });
    else if (b.undersideMm >= file.room.ceilingMm)
      issues.push({
        ...refuse('beam-above-ceiling', `beam.${b.id}`, {
          cameMm: b.undersideMm,
          expectedMm: file.room.ceilingMm,
        }),
        path: ['room', 'beams', i, 'undersideMm'],
      });
    else if (b.fromWallMm + b.widthMm > deep(wall) + TOLERANCE)
      issues.push({
        ...refuse('beam-past-room', `beam.${b.id}`, {
          cameMm: b.fromWallMm + b.widthMm,
          expectedMm: deep(wall),
        }),
        path: ['room', 'beams', i, 'fromWallMm'],
      });
  });
  file.room.standpoints.forEach((s, i) => {
    if (!insidePolygon(s, file.room.walls, inches(0.5)))
      issues.push({
        ...refuse('standpoint-outside', `standpoint.${s.id}`),
        path: ['room', 'standpoints', i],
      });
  });
  const low = ruleBook(file.rules, file.room.unit).number('measure.lowCeiling');
  if (file.room.ceilingMm < low - EPSILON_MM)
    issues.push({
      ...ask('ceiling-low', 'ceilingMm', { cameMm: file.room.ceilingMm, expectedMm: low }),
      path: ['room', 'ceilingMm'],
    });
  return issues;
}
