import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyFurnishedRoom, furnishedRoomOf } from '../../../tests/helpers/anyRoom';
import type { Finding } from '../model/finding';
import type { Dressing, Fitting, Look, Opening, RoomFile } from '../model/types';
import { wallsOf, type Wall } from '../room/walls';
import { planLook, type Plan } from './planLook';

/** A room of at most this width, mirrored in the upright line through its middle. */
const SIDE = 6000;
const OTHER = { left: 'right', right: 'left', both: 'both', none: 'none' } as const;

/**
 * The same room as a mirror shows it: east is west, left is right. Each wall keeps its id; so that the walls
 * still go clockwise, they follow one another the other way round.
 */
function mirrored(file: RoomFile): RoomFile {
  const { room } = file;
  const walls = wallsOf(room);
  const lengthOf = new Map(walls.map((w) => [w.id, w.lengthMm]));
  const acrossWall = (wallId: string, xMm: number, widthMm = 0): number =>
    (lengthOf.get(wallId) ?? NaN) - xMm - widthMm;
  // a wall begins where the one before it ended, which in the mirror is where it ended itself
  const ends = room.walls.map((wall, i) => {
    const end = room.walls[(i + 1) % room.walls.length] as (typeof room.walls)[number];
    return { ...wall, xMm: SIDE - end.xMm, yMm: end.yMm };
  });
  return {
    ...file,
    room: {
      ...room,
      walls: ends.reverse(),
      standpoints: room.standpoints.map((s) => ({ ...s, xMm: SIDE - s.xMm })),
      holes: room.holes.map((h) => ({ ...h, xMm: acrossWall(h.wallId, h.xMm) })),
    },
    openings: file.openings.map((o): Opening => ({
      ...o,
      xMm: acrossWall(o.wallId, o.xMm, o.widthMm),
      hinge: OTHER[o.hinge],
      dropsMm: o.dropsMm && { left: o.dropsMm.right, middle: o.dropsMm.middle, right: o.dropsMm.left },
    })),
    fittings: file.fittings.map((f): Fitting => ({
      ...f,
      xMm: acrossWall(f.wallId, f.xMm, f.widthMm),
      rises: f.rises === 'left' ? 'right' : 'left',
    })),
    pieces: file.pieces.map((p) => ({ ...p, xMm: SIDE - p.xMm, turnDeg: (360 - p.turnDeg) % 360 })),
    looks: file.looks.map((look): Look => ({
      ...look,
      dressings: look.dressings.map((d): Dressing => ({
        ...d,
        extensionLeftMm: d.extensionRightMm,
        extensionRightMm: d.extensionLeftMm,
      })),
      hangings: look.hangings.map((h) => ({
        ...h,
        xMm: h.xMm === null ? null : acrossWall(h.wallId, h.xMm),
      })),
      placements: mirroredThings(file, look),
    })),
  };
}

/** Things are counted along their spot from its other end, and turned the other way. */
function mirroredThings(file: RoomFile, look: Look): Look['placements'] {
  const { placed } = planLook(file, { lookId: look.id });
  return look.placements.map((p) => {
    const spot = placed.find((thing) => thing.placement.id === p.id)?.spot;
    return { ...p, xMm: (spot?.widthMm ?? 0) - p.xMm, turnDeg: (360 - p.turnDeg) % 360 };
  });
}

/**
 * Left out: what is said of left and right in order (a group's row, a rod that joins the next window, an odd
 * panel that is drawn to the left, a shower's one curtain).
 */
const withoutOrder = (file: RoomFile): RoomFile => ({
  ...file,
  looks: file.looks.map((look) => ({
    ...look,
    groups: [],
    dressings: look.dressings.map((d) => {
      const isShower = file.fittings.some((f) => f.id === d.openingId);
      return {
        ...d,
        joinsNext: false,
        panels: isShower ? 2 : d.panels && 2 * Math.ceil(d.panels / 2),
        // drawn back, a shower's curtain is at its left end
        drawn: isShower ? 'closed' : d.drawn,
      };
    }),
    hangings: look.hangings.map((h) => ({ ...h, groupId: null })),
  })),
});

/** Rounded beside what is typed, so that a crumb of reckoning is none; a null stays one. */
const mm = (n: number | null): number | null => (n === null ? null : Math.round((n + 0.0131) * 10) / 10 + 0);

/** Of colours that are equally near to each other, which pair is named is left open. */
const aboutOf = ({ code, about }: Finding): string =>
  code === 'near-miss' ? '' : [...about].sort().join(' ');

/** What a mirror must leave as it is: judgements by code, level and object, and all heights and lengths. */
function facts({ findings, windows, hangings, seats, sheet }: Plan): object {
  return {
    findings: findings.map((f) => `${f.code} ${f.level} ${aboutOf(f)}`).sort(),
    windows: windows
      .map((w) => ({
        id: w.dressingId,
        rod: mm(w.rodHeightMm),
        span: mm(w.bracketToBracketMm),
        lengths: w.panelPlans.map((p) => mm(p.finishedLengthMm)).sort(),
        counts: [w.panels, w.brackets, w.rings, w.hooks, w.finials],
        route: w.chosenRoute?.kind ?? null,
      }))
      .sort((a, b) => (a.id < b.id ? -1 : 1)),
    hangings: hangings
      .map((h) => ({ id: h.hangingId, centre: mm(h.centreMm), gap: mm(h.gapMm), nails: h.nails.length }))
      .sort((a, b) => (a.id < b.id ? -1 : 1)),
    seats: seats.map((s) => [s.canSit, mm(s.depthLeftMm), s.free.map((f) => mm(f.toMm - f.fromMm)).sort()]),
    cost: sheet.cost,
  };
}

/** Where a picture hangs along its wall, and where its nails are. */
const placesOf = (plan: Plan, walls: readonly Wall[], flip: boolean): object[] =>
  plan.hangings
    .map((h) => {
      const lengthMm = walls.find((w) => w.id === h.wallId)?.lengthMm ?? NaN;
      const along = (xMm: number) => mm(flip ? lengthMm - xMm : xMm);
      const nails = h.nails.map((n) => `${along(n.xMm)} ${mm(n.heightMm)}`).sort();
      return { id: h.hangingId, x: along(h.xMm), nails };
    })
    .sort((a, b) => (a.id < b.id ? -1 : 1));

describe('a room in the mirror', () => {
  const rooms = fc.sample(anyFurnishedRoom, { numRuns: 80, seed: 11 }).map(furnishedRoomOf).map(withoutOrder);
  const pairs = rooms.map((file) => {
    const lookId = file.looks[0]?.id ?? '';
    const image = mirrored(file);
    return { file, was: planLook(file, { lookId }), now: planLook(image, { lookId }), image };
  });

  it('has walls of the same lengths, still clockwise, east and west exchanged', () => {
    for (const { file, image } of pairs) {
      const [walls, images] = [wallsOf(file.room), wallsOf(image.room)];
      for (const wall of walls) {
        const other = images.find((w) => w.id === wall.id);
        expect(other?.lengthMm).toBeCloseTo(wall.lengthMm, 6);
        expect((((other?.facingDeg ?? NaN) % 360) + 360) % 360).toBeCloseTo((360 - wall.facingDeg) % 360, 6);
      }
    }
  });
  it('is judged the same, with the same heights, lengths and counts', () => {
    for (const { was, now } of pairs) expect(facts(now)).toEqual(facts(was));
  });
  it('has its pictures and their nails on the other hand', () => {
    for (const { file, image, was, now } of pairs)
      expect(placesOf(now, wallsOf(image.room), false)).toEqual(placesOf(was, wallsOf(file.room), true));
  });
  it('has the things on its furniture on the other hand', () => {
    let things = 0;
    for (const { was, now } of pairs) {
      things += was.placed.length;
      const placesOf = (plan: Plan, flip: boolean) =>
        plan.placed.map(({ at }) => [mm(flip ? SIDE - at.xMm : at.xMm), mm(at.yMm), mm(at.zMm)]);
      expect(placesOf(now, false)).toEqual(placesOf(was, true));
    }
    expect(things).toBeGreaterThan(50);
  });
  it('seen in the mirror again is itself', () => {
    for (const { file, image } of pairs) {
      const twice = mirrored(image);
      expect(planLook(twice, { lookId: 'look' }).findings.length).toBe(
        planLook(file, { lookId: 'look' }).findings.length,
      );
    }
  });
});
