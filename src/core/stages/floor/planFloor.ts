import { feet, type Mm } from '../../base/units';
import {
  alongWay,
  apart,
  boundsOf,
  boxesMeet,
  sharedPart,
  step,
  wayOf,
  type Point,
} from '../../geometry/plane';
import type { Finding, FindingCode, FindingFacts, Level } from '../../model/finding';
import type { Opening, Piece, RoomFile } from '../../model/types';
import { hasTop, isLamp, isWay, sits, stands, standsOut } from '../../room/kinds';
import { footprint } from '../../room/place';
import { swingsOf } from '../../room/swing';
import { pointOnWall, type Wall } from '../../room/walls';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';
import { bordersOf, frontOf, frontWay, liesOn, sharedArea, tuckOf } from './rugs';
import { cutFloor, narrowWays, type Aim, type Floor, type Obstacle } from './walkways';

/** A distance to be drawn on the plan, with the finding that it belongs to. */
export type FloorLine = { code: FindingCode; level: Level; from: Point; to: Point; mm: Mm };
export type FloorPlan = { findings: Finding[]; lines: FloorLine[] };

type FloorFile = Pick<RoomFile, 'room' | 'openings' | 'fittings' | 'pieces' | 'home'>;

/** A crumb, so that exactly the limit is not under it. */
const CRUMB: Mm = 0.05;
/** How near a walker must come to a seat or window to be at it. */
const AT: Mm = feet(2.5);

/** The cut floors of rooms at hand: a window that is dragged leaves what stands on the floor alone. */
const floors = new WeakMap<
  readonly Piece[],
  {
    walls: RoomFile['room']['walls'];
    fittings: RoomFile['fittings'];
    doorways: readonly Opening[];
    widthMm: Mm;
    floor: Floor;
  }
>();

/** The floor's checks: can one walk, reach, talk, open the doors; do rugs lie right. */
export function planFloor(file: FloorFile, walls: readonly Wall[], rules: RuleBook): FloorPlan {
  const findings: Finding[] = [];
  const lines: FloorLine[] = [];
  const find = (
    code: FindingCode,
    level: Level,
    about: readonly string[],
    by: FindingFacts,
    rule?: RuleId,
    line?: { from: Point; to: Point; mm: Mm },
  ) => {
    findings.push({ code, level, stage: 'measure', about, by, ...(rule ? { rule } : {}) });
    if (line) lines.push({ code, level, ...line });
  };
  const { pieces, openings, fittings } = file;
  const wallOf = (id: string) => walls.find((w) => w.id === id)!;
  const standing = pieces.filter(stands);
  const shapes = new Map(pieces.map((p) => [p.id, footprint(p)]));
  const shape = (p: Piece) => shapes.get(p.id)!;
  const out = fittings
    .filter(standsOut)
    .map((f) => ({ fitting: f, shape: fittingShape(f, wallOf(f.wallId)) }));
  const obstacles: Obstacle[] = [
    ...standing.map((p) => ({ id: p.id, name: p.name, shape: shape(p), wall: false })),
    ...out.map((o) => ({ id: o.fitting.id, name: o.fitting.name, shape: o.shape, wall: false })),
  ];

  walkways();
  talkSurfaceLight();
  sofaTables();
  rugChecks();
  doorsAndSwings();
  beds();
  overlaps();
  return { findings, lines };

  function walkways(): void {
    const width = rules.number(file.home.flags.wheelchair ? 'floor.wheelchair' : 'floor.walkway');
    const rule: RuleId = file.home.flags.wheelchair ? 'floor.wheelchair' : 'floor.walkway';
    const doorways = openings.filter(isWay);
    const cut = (): Floor => {
      const known = floors.get(pieces);
      if (
        known &&
        known.walls === file.room.walls &&
        known.fittings === fittings &&
        known.widthMm === width &&
        known.doorways.length === doorways.length &&
        doorways.every((d, i) => d === known.doorways[i])
      )
        return known.floor;
      const floor = cutFloor(
        file.room.walls,
        [
          ...obstacles,
          ...walls.flatMap((w) =>
            wallParts(
              w,
              doorways.filter((o) => o.wallId === w.id),
              width,
            ),
          ),
        ],
        width,
      );
      floors.set(pieces, { walls: file.room.walls, fittings, doorways, widthMm: width, floor });
      return floor;
    };
    const entrances = doorways.map((o): Aim => {
      const w = wallOf(o.wallId);
      return {
        id: o.id,
        name: o.name,
        shape: [step(pointOnWall(w, o.xMm + o.widthMm / 2), wayOf(w.facingDeg + 180), 150)],
        reachMm: 220,
      };
    });
    // aims are segments: a point is one that begins where it ends
    const asAim = (a: Aim): Aim => (a.shape.length === 1 ? { ...a, shape: [a.shape[0]!, a.shape[0]!] } : a);
    const aims: Aim[] = [
      ...pieces
        .filter((p) => sits(p) || p.kind === 'bed')
        .map((p) => ({ id: p.id, name: p.name, shape: shape(p), reachMm: AT })),
      ...openings
        .filter((o) => o.kind === 'window')
        .map((o) => {
          const w = wallOf(o.wallId);
          return {
            id: o.id,
            name: o.name,
            shape: [pointOnWall(w, o.xMm), pointOnWall(w, o.xMm + o.widthMm)],
            reachMm: AT,
          };
        }),
    ];
    const ways = entrances.length === 0 ? [] : narrowWays(cut(), entrances.map(asAim), aims);
    const told = new Map<
      string,
      { gate: NonNullable<(typeof ways)[number]['gate']>; to: string[]; about: string[] }
    >();
    for (const w of ways) {
      if (!w.gate) {
        find('no-way-to', 'caution', [w.to.id], { place: w.to.name, from: w.from.name, wantMm: width }, rule);
        continue;
      }
      const key = `${w.gate.at[0].xMm}/${w.gate.at[0].yMm}/${w.gate.at[1].xMm}/${w.gate.at[1].yMm}`;
      const known = told.get(key) ?? { gate: w.gate, to: [], about: [] };
      told.set(key, { ...known, to: [...known.to, w.to.name], about: [...known.about, w.to.id] });
    }
    for (const { gate, to, about } of told.values())
      find(
        'walkway-narrow',
        'caution',
        about,
        {
          byMm: gate.mm,
          wantMm: width,
          one: gate.between[0] || 'wall',
          other: gate.between[1] || 'wall',
          to: [...new Set(to)].join(', '),
        },
        rule,
        { from: gate.at[0], to: gate.at[1], mm: gate.mm },
      );
    if (entrances.length > 0 && aims.length + entrances.length > 1 && ways.length === 0)
      find('walkways-good', 'ok', [], { wantMm: width }, rule);
  }

  function talkSurfaceLight(): void {
    const seats = pieces.filter(sits);
    const talk = rules.number('floor.talk');
    const quiet = new Set<string>();
    for (const p of seats) {
      const others = seats
        .filter((q) => q !== p)
        .map((q) => {
          const gap = apart(sittingLine(p), sittingLine(q));
          return { q, mm: gap.mm, from: gap.from, to: gap.to };
        })
        .sort((a, b) => a.mm - b.mm);
      const near = others[0];
      if (near && near.mm > talk + CRUMB && !quiet.has(near.q.id)) {
        quiet.add(p.id);
        find(
          'seat-out-of-talk',
          'caution',
          [p.id],
          { seat: p.name, byMm: near.mm, wantMm: talk, other: near.q.name },
          'floor.talk',
          { from: near.from, to: near.to, mm: near.mm },
        );
      }
    }
    if (seats.length > 1 && quiet.size === 0)
      find(
        'seats-talk',
        'ok',
        seats.map((s) => s.id),
        { wantMm: talk },
        'floor.talk',
      );
    const served = seats.filter((p) => p.kind !== 'ottoman' && (p.seat?.wantedSitters ?? 1) > 0);
    const tops = [
      ...pieces
        .filter((p) => hasTop(p) && p.heightMm <= 1000)
        .map((p) => ({ name: p.name, shape: shape(p) })),
      ...out.filter((o) => o.fitting.kind === 'shelf').map((o) => ({ name: o.fitting.name, shape: o.shape })),
    ];
    const lamps = pieces.filter(isLamp);
    for (const p of served) {
      nearest(p, tops, rules.number('floor.surfaceReach'), 'seat-without-surface', 'floor.surfaceReach');
      nearest(
        p,
        lamps.map((l) => ({ name: l.name, shape: shape(l) })),
        rules.number('floor.lightReach'),
        'seat-without-light',
        'floor.lightReach',
      );
    }
  }
  function nearest(
    p: Piece,
    things: readonly { name: string; shape: readonly Point[] }[],
    reach: Mm,
    code: 'seat-without-surface' | 'seat-without-light',
    rule: RuleId,
  ): void {
    const found = things
      .map((x) => ({ x, gap: apart(shape(p), x.shape) }))
      .sort((a, b) => a.gap.mm - b.gap.mm)[0];
    if (found && found.gap.mm <= reach + CRUMB) return;
    find(
      code,
      'caution',
      [p.id],
      { seat: p.name, wantMm: reach, other: found?.x.name ?? 'none', byMm: found?.gap.mm ?? 0 },
      rule,
      found && found.gap.mm < feet(12)
        ? { from: found.gap.from, to: found.gap.to, mm: found.gap.mm }
        : undefined,
    );
  }

  function sofaTables(): void {
    for (const sofa of pieces.filter((p) => p.kind === 'sofa')) {
      const front = frontOf(sofa);
      const [way, across] = [frontWay(sofa), wayOf(sofa.turnDeg + 90)];
      const low = pieces.filter(
        (t) =>
          (t.kind === 'coffeeTable' || t.kind === 'ottoman' || t.kind === 'table') &&
          t.heightMm <= 600 &&
          alongWay(front, t, way) > 0 &&
          Math.abs(alongWay(front, t, across)) < sofa.widthMm / 2,
      );
      const table = low
        .map((t) => ({ t, gap: apart(shape(sofa), shape(t)) }))
        .sort((a, b) => a.gap.mm - b.gap.mm)[0];
      if (!table || table.gap.mm > feet(5)) continue;
      // without an end table the coffee table is the only place for a glass
      const ends = pieces.some(
        (e) =>
          hasTop(e) && e !== table.t && apart(shape(sofa), shape(e)).mm <= rules.number('floor.surfaceReach'),
      );
      const rule: RuleId =
        rules.school('floor.sofaTableSchool') === 'atLeast'
          ? 'floor.sofaTableLeast'
          : ends
            ? 'floor.sofaTable'
            : 'floor.sofaTableAlone';
      const [least, most] =
        rule === 'floor.sofaTableLeast' ? [rules.number(rule), Infinity] : rules.range(rule);
      const by = {
        sofa: sofa.name,
        table: table.t.name,
        byMm: table.gap.mm,
        wantMm: least,
        wantToMm: Number.isFinite(most) ? most : 0,
      };
      const line = { from: table.gap.from, to: table.gap.to, mm: table.gap.mm };
      if (table.gap.mm < least - CRUMB)
        find('sofa-table-near', 'caution', [sofa.id, table.t.id], by, rule, line);
      else if (table.gap.mm > most + CRUMB)
        find('sofa-table-far', 'caution', [sofa.id, table.t.id], by, rule, line);
      else find('sofa-table-good', 'ok', [sofa.id, table.t.id], by, rule);
    }
  }

  function rugChecks(): void {
    const rugs = pieces.filter((p) => p.kind === 'rug');
    const [least, most] = rules.range('floor.rugTuck');
    for (const rug of rugs) {
      const lower = rugs
        .filter((r) => liesOn(rug, r))
        .sort((a, b) => a.widthMm * a.depthMm - b.widthMm * b.depthMm)[0];
      if (lower) {
        layered(lower, rug);
        continue;
      }
      const near = pieces
        .filter(
          (p) =>
            (sits(p) || p.kind === 'bed') &&
            p.kind !== 'ottoman' &&
            p.kind !== 'bench' &&
            p.kind !== 'windowSeat',
        )
        .map((p) => ({ p, tuck: tuckOf(rug, p) }))
        .filter(({ tuck }) => tuck.tuckMm > -300);
      const largest = near.sort((a, b) => b.p.widthMm * b.p.depthMm - a.p.widthMm * a.p.depthMm)[0];
      if (!largest) continue;
      const { p, tuck } = largest;
      const by = {
        rug: rug.name,
        piece: p.name,
        byMm: Math.max(0, tuck.tuckMm),
        wantMm: least,
        wantToMm: most,
      };
      const line = { from: tuck.from, to: tuck.to, mm: Math.abs(tuck.tuckMm) };
      if (tuck.allLegs || (tuck.tuckMm >= least - CRUMB && tuck.tuckMm <= most + CRUMB))
        find(
          'rug-tuck-good',
          'ok',
          [rug.id, p.id],
          { ...by, all: tuck.allLegs ? 'yes' : 'no' },
          'floor.rugTuck',
        );
      else if (p.kind === 'bed' && tuck.tuckMm > most) continue;
      else
        find(
          'rug-tuck-off',
          'caution',
          [rug.id, p.id],
          { ...by, apart: tuck.tuckMm < 0 ? 'yes' : 'no', gapMm: Math.max(0, -tuck.tuckMm) },
          'floor.rugTuck',
          line,
        );
    }
    for (const f of fittings.filter((x) => x.kind === 'toilet')) {
      for (const rug of rugs)
        if (apart(fittingShape(f, wallOf(f.wallId)), shape(rug)).mm < rules.number('floor.toiletClear'))
          find('rug-by-toilet', 'caution', [rug.id, f.id], { rug: rug.name }, 'floor.toiletClear');
    }
    if (file.home.flags.wheelchair && rugs.length > 0)
      find(
        'rug-on-wheels',
        'caution',
        rugs.map((r) => r.id),
        { names: rugs.map((r) => r.name).join(', ') },
      );
  }
  function layered(lower: Piece, upper: Piece): void {
    const [least, most] = rules.range('floor.layerBorder');
    const borders = bordersOf(lower, upper);
    const [narrow, wide] = [
      borders.reduce((a, b) => (b.mm < a.mm ? b : a)),
      borders.reduce((a, b) => (b.mm > a.mm ? b : a)),
    ];
    const by = {
      rug: upper.name,
      lower: lower.name,
      byMm: narrow.mm,
      wideMm: wide.mm,
      wantMm: least,
      wantToMm: most,
    };
    if (narrow.mm < least - CRUMB || wide.mm > most + CRUMB) {
      const off = narrow.mm < least - CRUMB ? narrow : wide;
      find('layer-border-off', 'caution', [upper.id, lower.id], by, 'floor.layerBorder', {
        from: off.from,
        to: off.to,
        mm: Math.abs(off.mm),
      });
    } else if (wide.mm - narrow.mm > rules.number('floor.layerEven') + CRUMB)
      find('layer-border-uneven', 'caution', [upper.id, lower.id], by, 'floor.layerEven', {
        from: wide.from,
        to: wide.to,
        mm: wide.mm,
      });
    else find('layer-border-good', 'ok', [upper.id, lower.id], by, 'floor.layerBorder');
  }

  function doorsAndSwings(): void {
    for (const o of openings) {
      for (const swing of swingsOf(o, wallOf(o.wallId)).filter((s) => s.inwards)) {
        const hit = pieces
          .filter(
            (p) =>
              p.kind !== 'rug' &&
              p.bottomMm < o.sillMm + o.heightMm &&
              p.bottomMm + p.heightMm > o.sillMm + 1,
          )
          .map((p) => ({ p, area: sharedArea(shape(p), swing.sweeps) }))
          .filter((h) => h.area > 400)
          .sort((a, b) => b.area - a.area)[0];
        if (hit)
          find(
            'swing-blocked',
            'caution',
            [o.id, hit.p.id],
            { opening: o.name, piece: hit.p.name },
            undefined,
            { from: swing.hinge, to: swing.open, mm: swing.widthMm },
          );
        if (!isWay(o)) continue;
        for (const rug of pieces.filter(
          (p) => p.kind === 'rug' && sharedArea(shape(p), swing.sweeps) > 400,
        )) {
          const play = rules.number('floor.underDoor');
          if (o.underMm === 0)
            find(
              'door-over-rug-unmeasured',
              'caution',
              [o.id, rug.id],
              { door: o.name, rug: rug.name, byMm: rug.heightMm },
              'floor.underDoor',
            );
          else if (o.underMm < rug.heightMm + play - CRUMB)
            find(
              'door-over-rug',
              'caution',
              [o.id, rug.id],
              {
                door: o.name,
                rug: rug.name,
                haveMm: o.underMm,
                byMm: rug.heightMm,
                wantMm: rug.heightMm + play,
              },
              'floor.underDoor',
              { from: swing.hinge, to: swing.open, mm: swing.widthMm },
            );
        }
      }
    }
    for (const f of fittings) {
      if (f.kind !== 'vent' && f.kind !== 'radiator' && f.kind !== 'socket' && f.kind !== 'heater') continue;
      const body = fittingShape(f, wallOf(f.wallId));
      const over = pieces.filter(
        (p) =>
          stands(p) &&
          p.kind !== 'lamp' &&
          p.kind !== 'floorLamp' &&
          p.heightMm > f.bottomMm &&
          p.bottomMm < f.bottomMm + f.heightMm,
      );
      for (const p of over) {
        const gap = apart(body, shape(p));
        if (f.kind === 'heater') {
          if (
            (sits(p) || p.kind === 'bed' || p.kind === 'cot') &&
            gap.mm < rules.number('safety.heaterDistance') - CRUMB
          )
            find(
              'piece-by-heater',
              'caution',
              [p.id, f.id],
              { piece: p.name, heater: f.name, byMm: gap.mm, wantMm: rules.number('safety.heaterDistance') },
              'safety.heaterDistance',
              { from: gap.from, to: gap.to, mm: gap.mm },
            );
        } else if (f.kind !== 'socket' && gap.mm < rules.number('floor.ventClear') - CRUMB)
          find(
            'vent-covered',
            'caution',
            [p.id, f.id],
            { piece: p.name, fitting: f.name, byMm: gap.mm, wantMm: rules.number('floor.ventClear') },
            'floor.ventClear',
            { from: gap.from, to: gap.to, mm: gap.mm },
          );
      }
    }
  }

  function beds(): void {
    const want = rules.number('floor.bedPassage');
    for (const bed of pieces.filter((p) => p.kind === 'bed')) {
      const beside = pieces.filter(
        (p) =>
          (p.kind === 'bedside' || p.kind === 'chest' || p.kind === 'sideTable' || p.kind === 'table') &&
          p.widthMm < 800,
      );
      const front = frontWay(bed);
      const foot = frontOf(bed);
      // from below the bedsides down to the foot
      const back = bed.depthMm * 0.72;
      const sides = (
        [
          ['left', -90],
          ['right', 90],
        ] as const
      ).map(([side, turn]) => {
        const way = wayOf(bed.turnDeg + turn);
        const edge = step(foot, way, bed.widthMm / 2);
        return { side, ...clearBeyond(step(edge, front, -back), edge, way, bed, beside) };
      });
      const forTwo = bed.widthMm >= rules.number('floor.bedForTwo');
      const free = sides.filter((s) => s.mm >= want - CRUMB);
      if (free.length === 2 || (!forTwo && free.length === 1)) {
        find('bed-passage-good', 'ok', [bed.id], { bed: bed.name, wantMm: want }, 'floor.bedPassage');
        continue;
      }
      for (const s of sides.filter((x) => x.mm < want - CRUMB && (forTwo || free.length === 0)))
        find(
          'bed-passage-narrow',
          'caution',
          [bed.id],
          { bed: bed.name, side: s.side, byMm: s.mm, wantMm: want },
          'floor.bedPassage',
          { from: s.from, to: s.to, mm: s.mm },
        );
    }
  }
  /** The clear floor beyond an edge, straight out, to the first thing or wall. */
  function clearBeyond(
    a: Point,
    b: Point,
    way: Point,
    self: Piece,
    ignored: readonly Piece[],
  ): { mm: Mm; from: Point; to: Point } {
    const far = feet(10);
    const strip = [a, b, step(b, way, far), step(a, way, far)];
    const clockwise =
      (strip[1]!.xMm - strip[0]!.xMm) * (strip[2]!.yMm - strip[1]!.yMm) -
        (strip[1]!.yMm - strip[0]!.yMm) * (strip[2]!.xMm - strip[1]!.xMm) >
      0
        ? strip
        : [...strip].reverse();
    const things = [
      ...obstacles.filter((o) => o.id !== self.id && !ignored.some((p) => p.id === o.id)).map((o) => o.shape),
      ...walls.map((w) => [w.from, w.to]),
    ];
    let best = { mm: far, at: a };
    for (const thing of things)
      for (const p of sharedPart(thing, clockwise)) {
        const mm = alongWay(a, p, way);
        if (mm > -1 && mm < best.mm) best = { mm: Math.max(0, mm), at: p };
      }
    return { mm: best.mm, from: step(best.at, way, -best.mm), to: best.at };
  }

  function overlaps(): void {
    const solid = pieces.filter((p) => p.kind !== 'rug');
    const boxes = solid.map((p) => boundsOf(shape(p)));
    // things that stand in each other's place belong to one heap, which is said once
    const heap = solid.map((_, i) => i);
    const heapOf = (i: number): number => (heap[i] === i ? i : (heap[i] = heapOf(heap[i]!)));
    for (let i = 0; i < solid.length; i++)
      for (let j = i + 1; j < solid.length; j++) {
        const [a, b] = [solid[i]!, solid[j]!];
        if (
          !boxesMeet(boxes[i]!, boxes[j]!) ||
          Math.min(a.bottomMm + a.heightMm, b.bottomMm + b.heightMm) - Math.max(a.bottomMm, b.bottomMm) < 10
        )
          continue;
        // chairs and stools go under tables
        if (
          [a, b].some((p) => p.kind === 'diningChair' || p.kind === 'bench' || p.kind === 'ottoman') &&
          [a, b].some((p) => hasTop(p))
        )
          continue;
        if (sharedArea(shape(a), shape(b)) > 2500) heap[heapOf(j)] = heapOf(i);
      }
    const heaps = new Map<number, number[]>();
    solid.forEach((_, i) => heaps.set(heapOf(i), [...(heaps.get(heapOf(i)) ?? []), i]));
    for (const of of heaps.values()) {
      const names = of.map((i) => solid[i]!.name);
      if (of.length > 1)
        find(
          'pieces-overlap',
          'caution',
          of.map((i) => solid[i]!.id),
          { count: of.length, names: names.slice(0, 4).join(', '), more: Math.max(0, of.length - 4) },
        );
    }
  }
}

/** Half of the room that one who sits takes: nobody sits nearer to an arm. */
const HALF_A_SITTER: Mm = 230;
/** Where people sit on a piece: along its width, each at least half a person from the arms. */
function sittingLine(p: Piece): [Point, Point] {
  const half = Math.max(1, (p.seat?.widthMm ?? p.widthMm) / 2 - HALF_A_SITTER);
  const along = wayOf(p.turnDeg + 90);
  return [step(p, along, -half), step(p, along, half)];
}

/** A wall's footing without the doorways in it; a doorway narrower than a walkway does not narrow the way by its own jambs. */
function wallParts(wall: Wall, ways: readonly { xMm: Mm; widthMm: Mm }[], widthMm: Mm): Obstacle[] {
  const gaps = ways
    .map((o) => {
      const more = Math.max(0, (widthMm * 1.05 - o.widthMm) / 2);
      return [o.xMm - more, o.xMm + o.widthMm + more] as const;
    })
    .sort((a, b) => a[0] - b[0]);
  const parts: Obstacle[] = [];
  let at = 0;
  for (const [from, to] of [...gaps, [wall.lengthMm, wall.lengthMm] as const]) {
    if (from > at + 1)
      parts.push({
        id: wall.id,
        name: '',
        shape: [pointOnWall(wall, at), pointOnWall(wall, from)],
        wall: true,
      });
    at = Math.max(at, to);
  }
  return parts;
}

/** What a fitting takes of the floor. */
export function fittingShape(f: { xMm: Mm; widthMm: Mm; depthMm: Mm }, wall: Wall): Point[] {
  const into = wayOf(wall.facingDeg + 180);
  const [a, b] = [pointOnWall(wall, f.xMm), pointOnWall(wall, f.xMm + f.widthMm)];
  return [a, b, step(b, into, f.depthMm), step(a, into, f.depthMm)];
}
