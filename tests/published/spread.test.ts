/** How colour is spread, against plane statics (centre of mass), circular spacing and a naive clustering. */
import { describe, expect, test } from 'vitest';
import { seededRandom } from '../../src/core/base/random';
import type { Patch } from '../../src/core/spread/patches';
import { placesOfPatches, roomExtent, spreadOf } from '../../src/core/spread/places';
import { perimeterPosition } from '../../src/core/room/place';
import { wallsOf } from '../../src/core/room/walls';
import { bareRoom, inchRules } from '../helpers/rooms';

const rules = inchRules();
const SIDE = 6000;
const walls = wallsOf(bareRoom(SIDE, SIDE, 2600).room);
const patch = (xMm: number, yMm: number, zMm = 750, areaMm2 = 100_000): Patch => ({
  about: `${xMm} ${yMm} ${zMm}`,
  name: 'Thing',
  wallId: null,
  colour: { l: 45, a: 40, b: 30, share: 1 },
  areaMm2,
  at: { xMm, yMm },
  zMm,
  soft: true,
  fixed: false,
  shell: false,
});
const area = (p: Patch) => p.areaMm2;
const spread = (patches: Patch[]) => spreadOf(patches, area, roomExtent(walls), rules);

describe('the pull off centre is that of the centre of mass (statics)', () => {
  const halfDiagonal = Math.hypot(SIDE, SIDE) / 2;
  test('a lever: twice the weight at half the arm is balanced', () => {
    const middle = SIDE / 2;
    expect(
      spread([patch(middle - 1000, middle, 750, 200_000), patch(middle + 2000, middle)]).pull,
    ).toBeCloseTo(0, 9);
  });
  test('all of it in one corner is the whole half diagonal', () => {
    expect(spread([patch(0, 0)]).pull).toBeCloseTo(1, 9);
    expect(spread([patch(SIDE, SIDE)]).pull).toBeCloseTo(1, 9);
  });
  test('random masses: Σ m·r ÷ Σ m, reckoned apart from the places they are gathered in', () => {
    const random = seededRandom(8);
    for (let round = 0; round < 50; round++) {
      const patches = Array.from({ length: 9 }, () =>
        patch(random() * SIDE, random() * SIDE, random() * 2000, 20_000 + random() * 200_000),
      );
      const mass = patches.reduce((sum, p) => sum + p.areaMm2, 0);
      const x = patches.reduce((sum, p) => sum + p.areaMm2 * p.at.xMm, 0) / mass - SIDE / 2;
      const y = patches.reduce((sum, p) => sum + p.areaMm2 * p.at.yMm, 0) / mass - SIDE / 2;
      expect(spread(patches).pull).toBeCloseTo(Math.hypot(x, y) / halfDiagonal, 9);
    }
  });
});

describe('the widest stretch of wall without it', () => {
  test('n things spaced evenly leave one nth of the way round (pigeonhole)', () => {
    for (const n of [3, 4, 5, 8]) {
      const perimeter = 4 * SIDE;
      const patches = Array.from({ length: n }, (_, i) => {
        const along = (i * perimeter) / n;
        const side = Math.floor(along / SIDE);
        const t = along - side * SIDE;
        const corners = [
          [t, 0],
          [SIDE, t],
          [SIDE - t, SIDE],
          [0, SIDE - t],
        ] as const;
        const [x, y] = corners[side as 0];
        return patch(x, y);
      });
      expect(spread(patches).widestGap.share).toBeCloseTo(1 / n, 6);
    }
  });
  test('two things leave at least half, and the two stretches make up the whole', () => {
    const random = seededRandom(21);
    for (let round = 0; round < 40; round++) {
      const [a, b] = [patch(random() * SIDE, 0), patch(random() * SIDE, SIDE)];
      const [from, to] = [a, b].map((p) => perimeterPosition(p.at, walls)) as [number, number];
      const other = Math.abs(to - from);
      const { share } = spread([a, b]).widestGap;
      expect(share).toBeCloseTo(Math.max(other, 4 * SIDE - other) / (4 * SIDE), 9);
      expect(share).toBeGreaterThanOrEqual(0.5);
    }
  });
});

describe('things near one another are one place: single linkage', () => {
  test('as a naive clustering has it, which joins the nearest two until none is near enough', () => {
    const reach = rules.number('spread.placeReach');
    const random = seededRandom(5);
    for (let round = 0; round < 60; round++) {
      const patches = Array.from({ length: 12 }, () =>
        patch(random() * SIDE, random() * SIDE, random() * 2000),
      );
      const far = (p: Patch, q: Patch) => Math.hypot(p.at.xMm - q.at.xMm, p.at.yMm - q.at.yMm, p.zMm - q.zMm);
      let clusters = patches.map((p) => [p]);
      for (;;) {
        const near = clusters.flatMap((a, i) =>
          clusters
            .slice(i + 1)
            .flatMap((b) => (a.some((p) => b.some((q) => far(p, q) < reach)) ? [[a, b]] : [])),
        )[0] as [Patch[], Patch[]] | undefined;
        if (!near) break;
        clusters = [...clusters.filter((c) => c !== near[0] && c !== near[1]), [...near[0], ...near[1]]];
      }
      const wanted = clusters
        .map((c) =>
          c
            .map((p) => p.about)
            .sort()
            .join(),
        )
        .sort();
      const found = placesOfPatches(patches, area, walls, rules).map((p) => [...p.about].sort().join());
      expect(found.sort()).toEqual(wanted);
    }
  });
});
