import { describe, expect, it } from 'vitest';
import { bareRoom, inches, piece, toIn } from '../../../../tests/helpers/rooms';
import type { HangingGroup, RoomFile } from '../../model/types';
import { planLook } from '../../plan/planLook';
import { grouped, planOf } from '../../../../tests/helpers/grouped';

describe('the height of a whole put by hand', () => {
  const said = (centreIn: number) =>
    planOf(
      grouped(
        [
          [16, 12],
          [16, 12],
          [16, 12],
        ],
        { centreMm: inches(centreIn) },
        {},
        108,
      ),
    )
      .groups[0]!.findings.filter((f) => f.code.startsWith('centre-'))
      .map((f) => [f.code, f.level]);
  it('is right by either school, and told outside the band', () => {
    expect(said(60)).toEqual([['centre-as-wished', 'ok']]);
    expect(said(67.5)).toEqual([['centre-as-wished', 'ok']]);
    expect(said(71)).toEqual([['centre-yielded', 'caution']]);
  });
});

describe('under a slope', () => {
  const base = bareRoom(inches(168), inches(144), inches(96));
  const eaves = { room: { ...base.room, slopes: [{ wallId: 'e', lowMm: inches(36), runMm: inches(60) }] } };
  const row = (g: Partial<HangingGroup>) =>
    planOf(
      grouped(
        [
          [16, 12],
          [16, 12],
        ],
        g,
        eaves,
      ),
    );
  it('a whole takes its height from what is over its own width', () => {
    // its right end is 138 in along, 30 in from the low wall: 66 in high there, 4 in of it kept clear
    expect(toIn(row({ xMm: inches(120.75) }).groups[0]!.topMm)).toBeCloseTo(62, 1);
    expect(toIn(row({ xMm: inches(60) }).groups[0]!.centreMm)).toBe(60);
  });
  it('each of its pieces is held to the ceiling over itself', () => {
    const planAt = (x: number) =>
      row({ xMm: inches(x), centreMm: inches(60) }).hangings.map((h) =>
        h.findings.some((f) => f.code === 'picture-over-ceiling'),
      );
    expect(planAt(135)).toEqual([false, true]);
    expect(planAt(60)).toEqual([false, false]);
  });
});

describe('over who sleeps or sits', () => {
  const base = bareRoom(inches(168), inches(144), inches(96));
  const bed = (xIn: number) => ({
    pieces: [
      piece({
        id: 'bed',
        name: 'Bed',
        kind: 'bed',
        seat: null,
        bed: { mattressMm: inches(22), thickMm: null, headboardMm: inches(40), footboardMm: 0 },
        xMm: inches(xIn),
        yMm: inches(40),
        widthMm: inches(62),
        depthMm: inches(80),
        heightMm: inches(40),
      }),
    ],
  });
  const two = (more: Partial<RoomFile>, g: Partial<HangingGroup> | null) => {
    const file = grouped(
      [
        [16, 12],
        [16, 12],
      ],
      g ?? {},
      more,
    );
    const hung = g
      ? file
      : {
          ...file,
          looks: [
            {
              ...file.looks[0]!,
              groups: [],
              hangings: file.looks[0]!.hangings.map((h, i) => ({
                ...h,
                groupId: null,
                xMm: inches(70 + 20 * i),
              })),
            },
          ],
        };
    return planOf(hung).hangings.map((h) => [
      h.twoPoints,
      h.findings.find((f) => f.code === 'two-points')?.by.why,
    ]);
  };
  it('every piece of a group over a bed wants two points, and so does one that merely hangs there', () => {
    expect(two(bed(84), { overPieceId: 'bed' })).toEqual([
      [true, 'over'],
      [true, 'over'],
    ]);
    expect(two(bed(84), null)).toEqual([
      [true, 'over'],
      [true, 'over'],
    ]);
    // the bed's left side is 81 in along: the first piece ends at 78
    expect(two(bed(112), null)).toEqual([
      [false, undefined],
      [true, 'over'],
    ]);
    expect(two({ room: base.room }, null)).toEqual([
      [false, undefined],
      [false, undefined],
    ]);
  });
});

describe('under a crown', () => {
  const base = bareRoom(inches(168), inches(144), inches(96));
  const crown = (mm: number) => ({ room: { ...base.room, crownMm: mm } });
  it('the clear space is kept under it, and it is what is named; the wall is as high as before', () => {
    const tall = (mm: number) =>
      planOf(
        grouped(
          [
            [16, 70],
            [16, 70],
          ],
          {},
          crown(mm),
        ),
      );
    expect([tall(0), tall(inches(6))].map((p) => toIn(p.groups[0]!.topMm))).toEqual([92, 86]);
    expect(tall(inches(6)).groups[0]!.findings.find((f) => f.code === 'ceiling-yielded')!.by).toMatchObject({
      other: 'crown',
    });
    expect([tall(0), tall(inches(6))].map((p) => toIn(p.groups[0]!.schools.quarterMm))).toEqual([60, 60]);
    const intoCeiling = planOf(
      grouped(
        [
          [16, 12],
          [16, 12],
        ],
        { centreMm: inches(86) },
        crown(inches(6)),
      ),
    ).hangings[0]!.findings.find((f) => f.code === 'picture-over-ceiling')!;
    expect([toIn(Number(intoCeiling.by.byMm)), intoCeiling.by.what]).toEqual([2, 'crown']);
  });
  it('is drawn along the level ceiling in the colour of the trim, and seen as such', () => {
    const drawn = (more: Partial<RoomFile['room']>) =>
      planLook({ ...base, room: { ...base.room, crownMm: inches(6), ...more } }, { lookId: 'look' })
        .elevations[0]!.shapes.filter((s) => s.key.startsWith('trim:crown'))
        .map((s) => [toIn(s.box.xMm), toIn(s.box.yMm), toIn(s.box.widthMm), toIn(s.box.heightMm)]);
    expect(drawn({})).toEqual([[0, 90, 168, 6]]);
    expect(drawn({ slopes: [{ wallId: 'e', lowMm: inches(36), runMm: inches(60) }] })).toEqual([
      [0, 90, 108, 6],
    ]);
    expect(drawn({ crownMm: 0 })).toEqual([]);
  });
});
