import { describe, expect, test } from 'vitest';
import { inchRules } from '../../../tests/helpers/rooms';
import type { Swatch } from '../model/types';
import { familiesOf } from './families';
import type { Patch } from './patches';

const rules = inchRules();
/** A colour by lightness, chroma and hue in CIE Lab. */
const lch = (l: number, chroma: number, hueDeg: number): Pick<Swatch, 'l' | 'a' | 'b'> => ({
  l,
  a: chroma * Math.cos((hueDeg * Math.PI) / 180),
  b: chroma * Math.sin((hueDeg * Math.PI) / 180),
});
const patch = (
  colour: Pick<Swatch, 'l' | 'a' | 'b'>,
  areaMm2 = 100_000,
  more: Partial<Patch> = {},
): Patch => ({
  about: `${colour.l} ${colour.a} ${colour.b} ${areaMm2}`,
  name: 'Thing',
  wallId: null,
  colour: { ...colour, share: 1 },
  areaMm2,
  at: { xMm: 0, yMm: 0 },
  zMm: 700,
  soft: true,
  fixed: false,
  shell: false,
  ...more,
});
const families = (...patches: Patch[]) => familiesOf(patches, rules);
const shades = (...patches: Patch[]) => families(...patches).map((f) => f.shades.length);

describe('colours of one family', () => {
  test('are gathered round the one that is seen most, and named by it', () => {
    const [family] = families(patch(lch(50, 40, 40), 50_000), patch(lch(60, 42, 44), 200_000));
    expect(family!.shades).toHaveLength(2);
    expect(family!.seed.l).toBe(60);
    expect(family!.areaMm2).toBe(250_000);
    expect(family!.share).toBe(1);
  });
  test('of two seen equally the darker one leads', () => {
    expect(families(patch(lch(60, 40, 40)), patch(lch(50, 40, 40)))[0]!.seed.l).toBe(50);
    expect(families(patch(lch(50, 40, 40)), patch(lch(60, 40, 40)))[0]!.seed.l).toBe(50);
  });
  test('are of one hue; another hue is another family', () => {
    expect(shades(patch(lch(50, 45, 30)), patch(lch(50, 45, 40), 90_000))).toEqual([2]);
    expect(shades(patch(lch(50, 45, 30)), patch(lch(50, 45, 100), 90_000))).toEqual([1, 1]);
    // hues on both sides of zero are near one another
    expect(shades(patch(lch(50, 45, 355)), patch(lch(50, 45, 5), 90_000))).toEqual([2]);
  });
  test('are of one strength: a faint colour of the same hue is another family', () => {
    expect(shades(patch(lch(50, 60, 40)), patch(lch(50, 55, 40), 90_000))).toEqual([2]);
    expect(shades(patch(lch(50, 60, 40)), patch(lch(50, 25, 40), 90_000))).toEqual([1, 1]);
    expect(shades(patch(lch(50, 25, 40)), patch(lch(50, 60, 40), 90_000))).toEqual([1, 1]);
  });
  test('neutrals go by nearness, whatever their hue, and never with a colour', () => {
    const [warm, cool] = [lch(80, 2, 60), lch(80, 2, 240)];
    expect(shades(patch(warm), patch(cool, 90_000))).toEqual([2]);
    expect(shades(patch(warm), patch(lch(40, 2, 60), 90_000))).toEqual([1, 1]);
    const [first, second] = families(patch(warm), patch(lch(80, 30, 60), 90_000));
    expect([first!.neutral, second!.neutral]).toEqual([true, false]);
  });
  test('the same colour of two things is one shade, with the area of both', () => {
    const [family] = families(
      patch(lch(50, 40, 40), 30_000, { about: 'a' }),
      patch(lch(50, 40, 40), 20_000, { about: 'b' }),
    );
    expect(family!.shades.map((s) => s.areaMm2)).toEqual([50_000]);
    expect(family!.patches.map((p) => p.about)).toEqual(['a', 'b']);
  });
  test('come with the most seen first; their shares make a whole', () => {
    const found = families(
      patch(lch(50, 45, 30), 10_000),
      patch(lch(50, 45, 150), 60_000),
      patch(lch(50, 45, 270), 30_000),
    );
    expect(found.map((f) => f.share)).toEqual([0.6, 0.3, 0.1]);
    expect(families()).toEqual([]);
  });
});
