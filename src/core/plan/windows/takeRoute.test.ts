import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyRoom, roomOf } from '../../../../tests/helpers/anyRoom';
import { room } from '../../../../tests/helpers/findingCases/given';
import { dressing, inches, linenPanel, opening } from '../../../../tests/helpers/rooms';
import { applyChange } from '../../model/change';
import type { RoomFile } from '../../model/types';
import { ruleBook } from '../../rules/book';
import type { Route } from '../../stages/windows/routes';
import { planLook } from '../planLook';
import { stashWays } from './stashWays';
import { takeRoute } from './takeRoute';

const planOf = (file: RoomFile) => planLook(file, { lookId: file.looks[0]!.id });

/** Takes a way at a window, as the worksheet does. */
function take(file: RoomFile, dressingId: string, route: Route): RoomFile {
  const look = file.looks[0]!;
  const plan = planOf(file).windows.find((w) => w.dressingId === dressingId)!;
  const d = look.dressings.find((x) => x.id === dressingId)!;
  const rules = ruleBook(file.rules, file.room.unit);
  return takeRoute({ look, dressing: d, plan, rules }, route).reduce(applyChange, file);
}
const of = (file: RoomFile, dressingId: string) =>
  planOf(file).windows.find((w) => w.dressingId === dressingId)!;

/** Two windows of one head under a ceiling that lets the rod go both ways. */
const pair = (rodLineMm: number | null): RoomFile => {
  const base = room({ ceilingIn: 110, items: [linenPanel({ count: 8 })] });
  return {
    ...base,
    openings: [
      opening({ id: 'a', wallId: 'n', xMm: inches(30) }),
      opening({ id: 'b', wallId: 'e', xMm: inches(30) }),
    ],
    looks: [
      {
        ...base.looks[0]!,
        rodLineMm,
        dressings: [
          dressing({ id: 'da', openingId: 'a', heading: 'ringClip' }),
          dressing({ id: 'db', openingId: 'b', heading: 'ringClip' }),
        ],
      },
    ],
  };
};
const moving = (file: RoomFile) =>
  of(file, 'da').routes.filter(
    (r) => r.kind === 'asItIs' && Math.abs(r.rodMm - of(file, 'da').rodHeightMm) > 1,
  );

describe('a way that moves the rod', () => {
  it.each([null, inches(95), inches(103)])(
    'moves the whole line, changes nothing of what the others say, and takes it back when it is left (line %s)',
    (lineMm) => {
      const file = pair(lineMm);
      const before = of(file, 'da');
      const [way] = moving(file);
      const taken = take(file, 'da', way!);
      const at = of(taken, 'da');
      expect(at.rodHeightMm).toBeCloseTo(way!.rodMm, 6);
      expect(of(taken, 'db').rodHeightMm).toBeCloseTo(way!.rodMm, 6);
      expect(at.chosenRoute).toEqual(way);
      expect(at.routes).toEqual(before.routes);
      const other = before.routes.find((r) => r.kind === 'made')!;
      const left = take(taken, 'da', other);
      expect(left.looks[0]!.rodLineMm).toBe(lineMm);
      expect(left.looks[0]!.dressings[0]!.rodBefore).toBeUndefined();
      expect(of(left, 'da').rodHeightMm).toBe(before.rodHeightMm);
    },
  );
  it('is told from where the rod is now, once a hand has moved it or another window has', () => {
    const file = pair(inches(95));
    const taken = take(file, 'da', moving(file)[0]!);
    const look = { ...taken.looks[0]!, rodLineMm: inches(97) };
    const typed = { ...taken, looks: [look] };
    const fresh = pair(inches(97));
    expect(of(typed, 'da').routes).toEqual(of(fresh, 'da').routes);
    // and the next one starts from there
    const again = take(typed, 'da', moving(typed)[0]!);
    expect(again.looks[0]!.dressings[0]!.rodBefore).toEqual({ mm: inches(97), typed: true });
  });
  it('a typed height of its own is put back too', () => {
    const base = pair(null);
    const [first, second] = base.looks[0]!.dressings;
    const own = { ...first!, rodHeightMm: inches(95) };
    const file = { ...base, looks: [{ ...base.looks[0]!, dressings: [own, second!] }] };
    const taken = take(file, 'da', moving(file)[0]!);
    expect(of(taken, 'db').rodHeightMm).toBe(of(file, 'db').rodHeightMm);
    const left = take(
      taken,
      'da',
      of(taken, 'da').routes.find((r) => r.kind === 'made')!,
    );
    expect(left.looks[0]!.dressings[0]!.rodHeightMm).toBe(inches(95));
  });
  it('panels of the stash say what they would do from where the rod was', () => {
    const other = linenPanel({ id: 'other', name: 'Sailcloth', count: 6, heightMm: inches(101) });
    const asked = (file: RoomFile) => {
      const look = file.looks[0]!;
      return stashWays({ file, look, windows: planOf(file).windows }, look.dressings[0]!, [other]);
    };
    const file = pair(inches(95));
    expect(asked(file)).not.toEqual([]);
    expect(asked(take(file, 'da', moving(file)[0]!))).toEqual(asked(file));
  });
});

it('in any room choosing a way changes nothing of what the others at its window say', () => {
  let moved = 0;
  fc.assert(
    fc.property(anyRoom, fc.nat(), fc.nat(), (drawn, window, which) => {
      const file = roomOf(drawn);
      const all = planOf(file).windows.filter((w) => w.routes.length > 0);
      const w = all[window % Math.max(1, all.length)];
      if (!w) return;
      const route = w.routes[which % w.routes.length]!;
      const taken = of(take(file, w.dressingId, route), w.dressingId);
      if (Math.abs(taken.rodHeightMm - w.rodHeightMm) > 1) moved++;
      const nameOf = (r: Route) => `${r.kind} ${r.stockMm}`;
      const others = (routes: readonly Route[]) => routes.filter((r) => nameOf(r) !== nameOf(route));
      // a way that was listed only because it had been chosen goes when it is left
      const listed = new Set(taken.routes.map(nameOf));
      expect(others(taken.routes)).toEqual(others(w.routes).filter((r) => listed.has(nameOf(r))));
    }),
    { seed: 3, numRuns: 150 },
  );
  expect(moved).toBeGreaterThan(3);
});
