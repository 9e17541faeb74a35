/** Galleries against a second geometry library, a rectangle packer (potpack) and a naive reckoning of gaps. */
import Flatten from '@flatten-js/core';
import potpack from 'potpack';
import { beforeAll, describe, expect, test } from 'vitest';
import { seededRandom } from '../../src/core/base/random';
import { solveGallery } from '../../src/core/packing/gallery';
import type { Frame, GalleryAsk, GalleryLayout } from '../../src/core/packing/frames';

const GAP = 60;
const SIZES = [
  [203, 254],
  [279, 356],
  [406, 508],
  [305, 406],
  [508, 610],
  [457, 610],
] as const;
/** Frames of sizes that shops have, seen by size only. */
function framesOf(count: number, seed: number): Frame[] {
  const random = seededRandom(seed);
  return Array.from({ length: count }, (_, i) => {
    const [w, h] = SIZES[Math.floor(random() * SIZES.length)] as (typeof SIZES)[number];
    const isWide = random() < 0.4;
    return {
      id: `f${i}`,
      widthMm: isWide ? h : w,
      heightMm: isWide ? w : h,
      weight: 0.5,
      nails: [{ dxMm: 0, dyMm: 0 }],
    };
  });
}
const ask = (frames: Frame[]): GalleryAsk => ({
  frames,
  pinned: [],
  gapMm: GAP,
  zone: null,
  stands: null,
  blocked: [],
  ratio: 1.5,
  holes: [],
  holeReachMm: 0,
  seed: 3,
  rounds: 120,
});
type Hung = { frame: Frame; x: number; y: number };
const hungOf = (frames: Frame[], layout: GalleryLayout): Hung[] =>
  frames.map((frame) => {
    const place = layout.at.get(frame.id) as { xMm: number; yMm: number };
    return { frame, x: place.xMm, y: place.yMm };
  });
const boxOf = ({ frame, x, y }: Hung) =>
  new Flatten.Box(
    x - frame.widthMm / 2,
    y - frame.heightMm / 2,
    x + frame.widthMm / 2,
    y + frame.heightMm / 2,
  );
const polygonOf = (h: Hung) => new Flatten.Polygon(boxOf(h));

describe.each([5, 9, 16, 24])('a gallery of %i frames', (count) => {
  const frames = framesOf(count, count);
  let hung: Hung[] = [];
  let layouts: GalleryLayout[] = [];
  beforeAll(() => {
    layouts = solveGallery(ask(frames), 3);
    hung = hungOf(frames, layouts[0] as GalleryLayout);
  });

  test('hangs every frame once, none over another, none nearer than the gap (second library)', () => {
    expect(new Set(hung.map((h) => h.frame.id)).size).toBe(count);
    for (const [i, one] of hung.entries())
      for (const other of hung.slice(i + 1)) {
        const [far] = polygonOf(one).distanceTo(polygonOf(other));
        expect(far).toBeGreaterThanOrEqual(GAP - 1e-6);
      }
  });
  test('its width and height are those of the box around all frames', () => {
    const whole = hung.map(boxOf).reduce((a, b) => a.merge(b));
    expect(whole.xmax - whole.xmin).toBeCloseTo(layouts[0]?.widthMm ?? NaN, 6);
    expect(whole.ymax - whole.ymin).toBeCloseTo(layouts[0]?.heightMm ?? NaN, 6);
  });
  test('what it fills of its outline is the frames’ area over that of the box', () => {
    const area = frames.reduce((sum, f) => sum + f.widthMm * f.heightMm, 0);
    const { widthMm, heightMm, filled } = layouts[0] as GalleryLayout;
    expect(filled).toBeCloseTo(area / (widthMm * heightMm), 6);
  });
  test('is no looser than a rectangle packer that only has to fit them in', () => {
    // the packer's boxes carry half the gap on each side
    const boxes = frames.map((f) => ({ w: f.widthMm + GAP, h: f.heightMm + GAP }));
    const packed = potpack(boxes);
    const packedArea = (packed.w - GAP) * (packed.h - GAP);
    const { widthMm, heightMm } = layouts[0] as GalleryLayout;
    expect(widthMm * heightMm).toBeLessThan(1.6 * packedArea);
  });
  test('the second best is another layout, not the best one named twice', () => {
    const [one, other] = layouts.map((l) => hungOf(frames, l)) as [Hung[], Hung[]];
    const moved = one.filter((h, i) => Math.hypot(h.x - (other[i]?.x ?? 0), h.y - (other[i]?.y ?? 0)) > GAP);
    expect(moved.length).toBeGreaterThan(0);
  });
});
