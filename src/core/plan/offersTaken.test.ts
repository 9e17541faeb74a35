import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyRoom, roomOf } from '../../../tests/helpers/anyRoom';
import { isOpen, type Finding } from '../model/finding';
import type { Hanging, HangingGroup, RoomFile } from '../model/types';
import { canHangOver } from '../room/fittingTop';
import { planLook, type Plan } from './planLook';

const plan = (file: RoomFile): Plan => planLook(file, { lookId: 'look' });
const openAbout = (p: Plan, about: string): Finding[] =>
  p.findings.filter((f) => f.stage === 'walls' && f.about.includes(about) && isOpen(f));
const withLook = (file: RoomFile, more: Partial<RoomFile['looks'][number]>): RoomFile => ({
  ...file,
  looks: [{ ...file.looks[0]!, ...more }],
});
const putHanging = (file: RoomFile, h: Hanging): RoomFile =>
  withLook(file, { hangings: file.looks[0]!.hangings.map((x) => (x.id === h.id ? h : x)) });
const putGroup = (file: RoomFile, g: HangingGroup): RoomFile => withLook(file, { groups: [g] });

/** Pieces over the fittings of their wall, some never weighed, and holes near the nails that they get. */
function withOffers(file: RoomFile, nudge: readonly { dx: number; dy: number }[]): RoomFile {
  const tops = file.fittings.filter(canHangOver);
  const hangings = file.looks[0]!.hangings.map((h, i) => {
    const top = tops.find((f) => f.wallId === h.wallId);
    return top && i % 2 === 0 && h.groupId === null ? { ...h, overPieceId: top.id } : h;
  });
  const items = file.items.map((x, i) => (i % 3 === 0 ? { ...x, massG: 0 } : x));
  const dressed = withLook({ ...file, items }, { hangings });
  const nails = plan(dressed).hangings.flatMap((h) => h.nails.map((nail) => ({ wallId: h.wallId, ...nail })));
  const holes = nudge.flatMap(({ dx, dy }, i) => {
    const nail = nails[i % Math.max(1, nails.length)];
    if (!nail) return [];
    return [
      { id: `hole${i}`, wallId: nail.wallId, xMm: nail.xMm + dx, heightMm: Math.max(0, nail.heightMm + dy) },
    ];
  });
  return { ...dressed, room: { ...dressed.room, holes } };
}
const nudges = fc.array(
  fc.record({ dx: fc.integer({ min: -70, max: 70 }), dy: fc.integer({ min: -40, max: 40 }) }),
  { minLength: 1, maxLength: 4 },
);

describe('in any room, a shift to a hole that is offered and taken', () => {
  it('puts a nail into it, or hides it, and nothing gets worse', () => {
    let taken = 0;
    fc.assert(
      fc.property(anyRoom, nudges, (drawn, nudge) => {
        const file = withOffers(roomOf(drawn), nudge);
        const before = plan(file);
        for (const h of before.hangings) {
          const { shift } = h.holes;
          const hanging = file.looks[0]!.hangings.find((x) => x.id === h.hangingId)!;
          if (!shift) continue;
          const centreMm = h.centreMm + shift.dyMm;
          const after = plan(
            putHanging(file, { ...hanging, xMm: h.xMm + shift.dxMm, centreMm, gapMm: null }),
          );
          const then = after.hangings.find((x) => x.hangingId === h.hangingId)!;
          expect(shift.uses ? then.holes.used.length : then.holes.hidden.length).toBeGreaterThan(0);
          for (const nail of then.nails) {
            const hole = file.room.holes.find((x) => then.holes.used.includes(x.id) && x.xMm === nail.xMm);
            if (hole) expect(nail.heightMm).toBe(hole.heightMm);
          }
          const codes = openAbout(before, h.hangingId).map((f) => f.code);
          const worse = openAbout(after, h.hangingId).filter(
            (f) => !codes.includes(f.code) && f.code !== 'picture-by-curtain',
          );
          expect(worse, JSON.stringify(shift)).toEqual([]);
          taken++;
        }
        const group = file.looks[0]!.groups[0];
        const planned = before.groups.find((g) => g.groupId === group?.id);
        if (!group || !planned?.holes.shift) return;
        const { dxMm, dyMm, uses } = planned.holes.shift;
        const after = plan(
          putGroup(file, {
            ...group,
            xMm: (group.kind === 'pair' ? planned.middle.xMm : planned.xMm) + dxMm,
            centreMm: planned.centreMm + dyMm,
            aboveMm: null,
          }),
        ).groups[0]!;
        expect(uses ? after.holes.used.length : after.holes.hidden.length).toBeGreaterThan(0);
        taken++;
      }),
      { numRuns: 150, seed: 11, endOnFailure: true },
    );
    expect(taken).toBeGreaterThan(20);
  }, 60_000);
});
