import { describe, expect, it } from 'vitest';
import {
  bareRoom,
  demoRoom,
  demoStudio,
  fittingOf,
  inches,
  opening,
  piece,
} from '../../../../tests/helpers/rooms';
import { parseLength } from '../../base/length';
import { applyChange } from '../../model/change';
import { roomFileSchema } from '../../model/schema';
import { laserText, type LaserUnit } from './laser';
import { asMeasured, changedFields, guessesFor, setReading, tapeReadings } from './readings';

const file = {
  ...bareRoom(),
  openings: [
    opening({ opens: 'in', hinge: 'left' }),
    opening({ id: 'd', kind: 'door', wallId: 's', opens: 'in', sillMm: 0, dropsMm: null }),
  ],
  fittings: [fittingOf({ kind: 'fireplace', mantel: { widthMm: 1500, depthMm: 200, topMm: 1300 } })],
  pieces: [
    piece(),
    piece({
      id: 'bed',
      kind: 'bed',
      bed: { mattressMm: 600, thickMm: null, headboardMm: 800, footboardMm: 0 },
    }),
  ],
};

describe('the readings of a tape session', () => {
  it('go round the walls, then wall by wall from left to right, then the pieces; none twice', () => {
    const all = tapeReadings(file);
    const keys = all.map((r) => `${r.about}/${r.field}`);
    expect(new Set(keys).size).toBe(keys.length);
    expect(keys.slice(0, 5)).toEqual([
      'n/wallLength',
      'e/wallLength',
      's/wallLength',
      'w/wallLength',
      'room/ceilingMm',
    ]);
    expect(keys).toContain('o1/dropMiddle');
    expect(keys).toContain('d/underMm');
    expect(keys).toContain('f1/mantelTop');
    expect(keys).toContain('bed/mattress');
    expect(keys).not.toContain('bed/seatWidth');
  });
  it.each(demoStudio().rooms.map((r) => r.room.id))(
    'each one of %s can be set, and is then what was set; nothing else changes but what hangs on it',
    (id) => {
      const room = demoRoom(id);
      for (const r of tapeReadings(room)) {
        const newMm = (r.valueMm ?? 100) + 1;
        const change = setReading(room, r.about, r.field, newMm);
        expect(change.ok).toBe(true);
        if (!change.ok) continue;
        const changed = applyChange(room, change.value);
        expect(
          tapeReadings(changed).find((x) => x.about === r.about && x.field === r.field)!.valueMm,
        ).toBeCloseTo(newMm, 6);
        expect(roomFileSchema.safeParse(changed).success, `${r.about}/${r.field}`).toBe(true);
        if (r.field !== 'wallLength') expect(changedFields(room, changed, r.about)).toContain(r.field);
      }
    },
  );
  it('of things that are gone are not set', () => {
    for (const [about, field] of [
      ['ghost', 'widthMm'],
      ['room', 'widthMm'],
      ['p1', 'mattress'],
      ['f2', 'mantelTop'],
    ] as const)
      expect(setReading(file, about, field, 1).ok).toBe(false);
  });
});

describe('guessed and measured', () => {
  it('a new thing is a guess in all its readings, and each is settled by its own value', () => {
    const marked = applyChange(file, { do: 'markReadings', readings: guessesFor(file, 'o1') });
    expect(marked.room.readings.length).toBe(tapeReadings(file).filter((r) => r.about === 'o1').length);
    const set = setReading(marked, 'o1', 'widthMm', inches(50));
    if (!set.ok) throw new Error();
    const changed = applyChange(marked, set.value);
    const settled = applyChange(changed, {
      do: 'markReadings',
      readings: asMeasured(marked, 'o1', changedFields(marked, changed, 'o1')),
    });
    expect(settled.room.readings.map((r) => r.field)).not.toContain('widthMm');
    expect(settled.room.readings.length).toBe(marked.room.readings.length - 1);
  });
  it('a second reading stays beside the first until one of them is settled', () => {
    const doubt = applyChange(file, {
      do: 'markReadings',
      readings: [{ about: 'o1', field: 'widthMm', guess: false, secondMm: 1230 }],
    });
    expect(tapeReadings(doubt).find((r) => r.about === 'o1' && r.field === 'widthMm')).toMatchObject({
      valueMm: inches(48),
      secondMm: 1230,
    });
    expect(
      applyChange(doubt, {
        do: 'markReadings',
        readings: [{ about: 'o1', field: 'widthMm', guess: false, secondMm: null }],
      }).room.readings,
    ).toEqual([]);
  });
  it('go with the thing that is removed', () => {
    const marked = applyChange(file, { do: 'markReadings', readings: guessesFor(file, 'f1') });
    expect(applyChange(marked, { do: 'removeFitting', id: 'f1' }).room.readings).toEqual([]);
  });
});

describe('a laser tape in keyboard mode', () => {
  it.each(['m', 'mm', 'cm', 'in', 'ft'] as LaserUnit[])(
    'writes %s that is read to within its error and its last figure',
    (unit) => {
      for (const mm of [254, 1219.2, 2438.4, 3657.5, 3650.1])
        for (const random of [0, 0.5, 1]) {
          const read = parseLength(laserText(mm, 1.5, unit, random), 'in');
          expect(read.ok && Math.abs(read.value - mm)).toBeLessThanOrEqual(1.5 + 0.51);
        }
    },
  );
});
