import { describe, expect, it } from 'vitest';
import { bareRoom, inches, item, placement, standing } from '../../../../tests/helpers/rooms';
import { chestAt } from '../../../../tests/helpers/floor';
import type { Item, Placement } from '../../model/types';
import { planLook } from '../../plan/planLook';

const chest = chestAt('chest', [inches(64), inches(9)], [inches(48), inches(18)], { heightMm: inches(30) });
const thing = (id: string, kind: Item['kind'], [w, h, d]: readonly [number, number, number]): Item =>
  item({ id, name: id, kind, widthMm: inches(w), heightMm: inches(h), depthMm: inches(d) });
const put = (itemId: string, of: string, part: string, more: Partial<Placement> = {}): Placement =>
  placement({ id: `x-${itemId}`, itemId, xMm: inches(24), ...standing(of, part), ...more });

function codesOf(items: Item[], placements: Placement[]): string[] {
  const base = bareRoom();
  const looks = base.looks.map((look) => ({ ...look, placements }));
  const { findings } = planLook({ ...base, pieces: [chest], items, looks }, { lookId: 'look' });
  return findings.filter((f) => f.stage === 'surfaces').map((f) => f.code);
}

describe('things in and on things', () => {
  it.each([
    [8, 'surface-fits'],
    [11, 'surface-fits'],
    [12.5, 'taller-than-spot'],
  ])('a candle of %s in in a lantern of 12 in: %s', (highIn, code) => {
    const items = [thing('lantern', 'lantern', [8, 12, 8]), thing('candle', 'candle', [3, highIn, 3])];
    const placements = [
      put('lantern', 'chest', 'top'),
      put('candle', 'x-lantern', 'inside', { xMm: inches(4) }),
    ];
    expect(codesOf(items, placements)).toEqual([code]);
  });
  it.each([
    ['throw', 'basket', 'surface-fits'],
    ['plant', 'pot', 'surface-fits'],
    ['vase', 'basket', 'past-the-edge'],
  ] as const)('a wide %s in a %s: %s', (kind, holder, code) => {
    const size = [22, 12, 22] as const;
    const items = [
      thing('holder', holder, [16, 13, 16]),
      thing('it', kind, kind === 'throw' ? [60, 50, 1] : size),
    ];
    const inIt = put('it', 'x-holder', 'inside', {
      xMm: inches(8),
      ...(kind === 'throw' ? { lie: 'folded' } : {}),
    });
    expect(codesOf(items, [put('holder', 'chest', 'top'), inIt])).toEqual([code]);
  });
  it.each([0, 90, 180, 270, 30])(
    'a jar past the end of a tray is reported, the tray turned by %s°',
    (turnDeg) => {
      const items = [thing('tray', 'tray', [14, 2, 10]), thing('jar', 'vase', [4, 4, 4])];
      const at = (xIn: number) => [
        put('tray', 'chest', 'top', { turnDeg }),
        put('jar', 'x-tray', 'top', { xMm: inches(xIn) }),
      ];
      const only = (placements: Placement[]) =>
        codesOf(items, placements).filter((code) => code !== 'surface-fits');
      expect(only(at(7))).toEqual([]);
      expect(only(at(1))).toEqual(['past-the-edge']);
      expect(only(at(-1))).toEqual(['falls-off']);
    },
  );
});
