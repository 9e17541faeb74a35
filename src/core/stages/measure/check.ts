import { inches, type Mm } from '../../base/units';
import { insidePolygon, overlapLength, polygonArea } from '../../geometry/plane';
import type { Fitting, Opening, Piece, RoomFile } from '../../model/types';
import { lowestOver, overheadAt, overheadOf } from '../../room/ceiling';
import { footprint } from '../../room/place';
import { firstCrossing, wallsOf, type Wall } from '../../room/walls';
import { checkOwnRule, ruleBook } from '../../rules/book';

export type MeasureCode =
  | 'wall-missing'
  | 'wider-than-wall'
  | 'starts-before-wall'
  | 'ends-past-wall'
  | 'sill-above-head'
  | 'above-ceiling'
  | 'openings-overlap'
  | 'outside-room'
  | 'taller-than-room'
  | 'seat-wider-than-piece'
  | 'seat-deeper-than-piece'
  | 'seat-higher-than-piece'
  | 'drop-too-long'
  | 'outline-crosses'
  | 'outline-not-clockwise'
  | 'same-id'
  | 'not-found'
  | 'no-look'
  | 'rule-refused'
  | 'shares-not-whole'
  | 'slope-above-ceiling'
  | 'beam-above-ceiling'
  | 'beam-past-room'
  | 'standpoint-outside'
  | 'mantel-narrow'
  | 'shelf-past-piece'
  | 'shelves-out-of-order'
  | 'bed-taller-than-piece'
  | 'mattress-above-head'
  | 'sill-deeper'
  | 'floor-sill'
  | 'drops-apart'
  | 'drop-and-frame-apart'
  | 'ceiling-low';

/**
 * A reading that cannot be (refuse), or one that is odd (ask). `field` is the value that would have to
 * change.
 */
export type MeasureIssue = {
  code: MeasureCode;
  level: 'refuse' | 'ask';
  /** Where in the room file. */
  path: (string | number)[];
  about: string;
  field: string;
  /** What came and what was expected, mm where lengths. */
  cameMm?: Mm;
  expectedMm?: Mm;
  other?: string;
};

const TOLERANCE: Mm = 1;
/** Exactly the limit is not over it. */
const CRUMB: Mm = 0.01;

/** Everything about a room file that cannot be, or is odd. Empty when all is well. */
export function checkRoomFile(file: RoomFile): MeasureIssue[] {
  return [
    ...checkOutline(file),
    ...file.openings.flatMap((o, i) => checkOpening(o, file).map((issue) => at(issue, 'openings', i))),
    ...file.fittings.flatMap((f, i) => checkFitting(f, file).map((issue) => at(issue, 'fittings', i))),
    ...file.pieces.flatMap((p, i) => checkPiece(p, file).map((issue) => at(issue, 'pieces', i))),
    ...checkReferences(file),
  ];
}

const at = (issue: MeasureIssue, list: string, i: number): MeasureIssue => ({
  ...issue,
  path: [list, i, ...issue.path],
});
type Facts = Partial<Pick<MeasureIssue, 'cameMm' | 'expectedMm' | 'other'>>;
const issuer = (about: string) => ({
  refuse: (code: MeasureCode, field: string, facts: Facts = {}): MeasureIssue => ({
    code,
    level: 'refuse',
    path: field.split('.'),
    about,
    field,
    ...facts,
  }),
  ask: (code: MeasureCode, field: string, facts: Facts = {}): MeasureIssue => ({
    code,
    level: 'ask',
    path: field.split('.'),
    about,
    field,
    ...facts,
  }),
});

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
  if (file.room.ceilingMm < low - CRUMB)
    issues.push({
      ...ask('ceiling-low', 'ceilingMm', { cameMm: file.room.ceilingMm, expectedMm: low }),
      path: ['room', 'ceilingMm'],
    });
  return issues;
}

/** A window, door or arch on its wall and among its neighbours. */
export function checkOpening(
  o: Opening,
  file: Pick<RoomFile, 'room' | 'openings' | 'rules'>,
): MeasureIssue[] {
  const { refuse, ask } = issuer(o.id);
  const wall = wallsOf(file.room).find((w) => w.id === o.wallId);
  if (!wall) return [refuse('wall-missing', 'wallId')];
  const issues: MeasureIssue[] = [];
  const top = o.sillMm + o.heightMm;
  if (o.widthMm > wall.lengthMm + TOLERANCE)
    issues.push(refuse('wider-than-wall', 'widthMm', { cameMm: o.widthMm, expectedMm: wall.lengthMm }));
  else if (o.xMm < -TOLERANCE)
    issues.push(refuse('starts-before-wall', 'xMm', { cameMm: o.xMm, expectedMm: 0 }));
  else if (o.xMm + o.widthMm > wall.lengthMm + TOLERANCE)
    issues.push(refuse('ends-past-wall', 'xMm', { cameMm: o.xMm, expectedMm: wall.lengthMm - o.widthMm }));
  const overhead = lowestOver(
    overheadOf(file.room, wall),
    Math.max(0, o.xMm),
    Math.min(wall.lengthMm, o.xMm + o.widthMm),
  );
  if (top > overhead + TOLERANCE)
    issues.push(refuse('above-ceiling', 'heightMm', { cameMm: top, expectedMm: overhead }));
  if (o.kind !== 'window' && o.sillMm > inches(12))
    issues.push(ask('floor-sill', 'sillMm', { cameMm: o.sillMm, expectedMm: 0 }));
  for (const other of file.openings) {
    if (other.id === o.id || other.wallId !== o.wallId) continue;
    const shared = overlapLength(o.xMm, o.xMm + o.widthMm, other.xMm, other.xMm + other.widthMm);
    const tall = overlapLength(o.sillMm, top, other.sillMm, other.sillMm + other.heightMm);
    if (shared > TOLERANCE && tall > TOLERANCE)
      issues.push(refuse('openings-overlap', 'xMm', { cameMm: shared, other: other.name }));
  }
  if (o.dropsMm) {
    const apart = ruleBook(file.rules, file.room.unit).number('measure.dropsApart');
    const { left, middle, right } = o.dropsMm;
    for (const key of ['left', 'middle', 'right'] as const) {
      if (o.dropsMm[key] > file.room.ceilingMm + inches(12))
        issues.push(
          refuse('drop-too-long', `dropsMm.${key}`, {
            cameMm: o.dropsMm[key],
            expectedMm: file.room.ceilingMm,
          }),
        );
    }
    if (Math.abs(left - middle) > apart + CRUMB)
      issues.push(ask('drops-apart', 'dropsMm.left', { cameMm: left, expectedMm: middle }));
    if (Math.abs(right - middle) > apart + CRUMB)
      issues.push(ask('drops-apart', 'dropsMm.right', { cameMm: right, expectedMm: middle }));
    if (issues.length === 0 && Math.abs(middle - top) > apart + CRUMB)
      issues.push(ask('drop-and-frame-apart', 'dropsMm.middle', { cameMm: middle, expectedMm: top }));
  }
  return issues;
}

export function checkFitting(f: Fitting, file: Pick<RoomFile, 'room'>): MeasureIssue[] {
  const { refuse } = issuer(f.id);
  const wall = wallsOf(file.room).find((w) => w.id === f.wallId);
  if (!wall) return [refuse('wall-missing', 'wallId')];
  const issues: MeasureIssue[] = [];
  if (f.widthMm > wall.lengthMm + TOLERANCE)
    issues.push(refuse('wider-than-wall', 'widthMm', { cameMm: f.widthMm, expectedMm: wall.lengthMm }));
  else if (f.xMm < -TOLERANCE)
    issues.push(refuse('starts-before-wall', 'xMm', { cameMm: f.xMm, expectedMm: 0 }));
  else if (f.xMm + f.widthMm > wall.lengthMm + TOLERANCE)
    issues.push(refuse('ends-past-wall', 'xMm', { cameMm: f.xMm, expectedMm: wall.lengthMm - f.widthMm }));
  const overhead = lowestOver(
    overheadOf(file.room, wall),
    Math.max(0, f.xMm),
    Math.min(wall.lengthMm, f.xMm + f.widthMm),
  );
  const top = Math.max(f.bottomMm + f.heightMm, f.mantel?.topMm ?? 0);
  if (top > overhead + TOLERANCE)
    issues.push(refuse('above-ceiling', 'heightMm', { cameMm: top, expectedMm: overhead }));
  if (f.mantel && f.mantel.widthMm < f.widthMm * 0.5)
    issues.push(
      refuse('mantel-narrow', 'mantel.widthMm', { cameMm: f.mantel.widthMm, expectedMm: f.widthMm }),
    );
  return issues;
}

export function checkPiece(p: Piece, file: Pick<RoomFile, 'room'>): MeasureIssue[] {
  const { refuse } = issuer(p.id);
  const issues: MeasureIssue[] = [];
  if (footprint(p).some((c) => !insidePolygon(c, file.room.walls, inches(0.5))))
    issues.push(refuse('outside-room', 'xMm', { cameMm: p.xMm }));
  // it is as high all over, so what is overhead at its corners and middle decides
  const overhead =
    file.room.slopes.length + file.room.beams.length === 0
      ? file.room.ceilingMm
      : Math.min(...[p, ...footprint(p)].map((at) => overheadAt(file.room, at)));
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
  p.shelvesMm.forEach((s, i) => {
    if (s > p.heightMm + TOLERANCE)
      issues.push(refuse('shelf-past-piece', `shelvesMm.${i}`, { cameMm: s, expectedMm: p.heightMm }));
    else if (i > 0 && s <= p.shelvesMm[i - 1]!)
      issues.push(
        refuse('shelves-out-of-order', `shelvesMm.${i}`, { cameMm: s, expectedMm: p.shelvesMm[i - 1]! }),
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

/** Ids used once, and every id that is spoken of is there. */
function checkReferences(file: RoomFile): MeasureIssue[] {
  const issues: MeasureIssue[] = [];
  const unique = (rows: readonly { id: string }[], path: (string | number)[]) => {
    const seen = new Set<string>();
    rows.forEach((row, i) => {
      if (seen.has(row.id))
        issues.push({
          code: 'same-id',
          level: 'refuse',
          path: [...path, i, 'id'],
          about: row.id,
          field: 'id',
        });
      seen.add(row.id);
    });
    return seen;
  };
  unique(file.room.walls, ['room', 'walls']);
  const openings = unique(file.openings, ['openings']);
  const mantels = file.fittings.filter((f) => f.mantel).map((f) => f.id);
  unique(file.fittings, ['fittings']);
  const pieces = unique(file.pieces, ['pieces']);
  const tops = new Set([...pieces, ...mantels]);
  const items = unique(file.items, ['items']);
  unique(file.places, ['places']);
  unique(file.clear.irritations, ['clear', 'irritations']);
  unique(file.clear.tasks, ['clear', 'tasks']);
  unique(file.clear.found, ['clear', 'found']);
  unique(file.looks, ['looks']);
  if (file.looks.length === 0)
    issues.push({ code: 'no-look', level: 'refuse', path: ['looks'], about: 'room', field: 'looks' });
  const walls = new Set(file.room.walls.map((w) => w.id));
  const tubs = new Set(file.fittings.filter((f) => f.kind === 'tub').map((f) => f.id));
  const known = (set: ReadonlySet<string>, id: string | null, path: (string | number)[]) => {
    if (id !== null && !set.has(id))
      issues.push({
        code: 'not-found',
        level: 'refuse',
        path,
        about: id,
        field: String(path[path.length - 1]),
        other: id,
      });
  };
  unique(file.room.holes, ['room', 'holes']);
  file.room.holes.forEach((h, i) => known(walls, h.wallId, ['room', 'holes', i, 'wallId']));
  const axes = new Set([...pieces, ...file.fittings.map((f) => f.id)]);
  file.clear.found.forEach((f, i) => known(items, f.itemId, ['clear', 'found', i, 'itemId']));
  file.looks.forEach((look, l) => {
    unique(look.dressings, ['looks', l, 'dressings']);
    unique(look.hangings, ['looks', l, 'hangings']);
    unique(look.placements, ['looks', l, 'placements']);
    unique(look.groups, ['looks', l, 'groups']);
    const groups = new Set(look.groups.map((g) => g.id));
    const dressed = new Set<string>();
    look.dressings.forEach((d, i) => {
      known(tubs.has(d.openingId) ? tubs : openings, d.openingId, ['looks', l, 'dressings', i, 'openingId']);
      known(items, d.sheer?.itemId ?? null, ['looks', l, 'dressings', i, 'sheer', 'itemId']);
      known(items, d.itemId, ['looks', l, 'dressings', i, 'itemId']);
      if (dressed.has(d.openingId))
        issues.push({
          code: 'same-id',
          level: 'refuse',
          path: ['looks', l, 'dressings', i, 'openingId'],
          about: d.openingId,
          field: 'openingId',
        });
      dressed.add(d.openingId);
    });
    look.hangings.forEach((h, i) => {
      known(items, h.itemId, ['looks', l, 'hangings', i, 'itemId']);
      known(walls, h.wallId, ['looks', l, 'hangings', i, 'wallId']);
      known(pieces, h.overPieceId, ['looks', l, 'hangings', i, 'overPieceId']);
      known(items, h.print?.itemId ?? null, ['looks', l, 'hangings', i, 'print', 'itemId']);
      known(groups, h.groupId, ['looks', l, 'hangings', i, 'groupId']);
    });
    look.groups.forEach((g, i) => {
      known(walls, g.wallId, ['looks', l, 'groups', i, 'wallId']);
      known(pieces, g.overPieceId, ['looks', l, 'groups', i, 'overPieceId']);
      known(axes, g.axisId, ['looks', l, 'groups', i, 'axisId']);
    });
    look.placements.forEach((p, i) => {
      known(items, p.itemId, ['looks', l, 'placements', i, 'itemId']);
      known(tops, p.pieceId, ['looks', l, 'placements', i, 'pieceId']);
    });
    if (look.plannedShares && Math.abs(look.plannedShares.reduce((a, b) => a + b, 0) - 1) > 0.011)
      issues.push({
        code: 'shares-not-whole',
        level: 'refuse',
        path: ['looks', l, 'plannedShares'],
        about: look.id,
        field: 'plannedShares',
      });
  });
  file.rules.forEach((rule, i) => {
    if (checkOwnRule(rule))
      issues.push({
        code: 'rule-refused',
        level: 'refuse',
        path: ['rules', i],
        about: rule.ruleId,
        field: 'value',
        other: rule.ruleId,
      });
  });
  return issues;
}
