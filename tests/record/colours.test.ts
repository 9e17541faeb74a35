/** What is made of colours: named, grouped, seen under a lamp, read from a photo, told apart. */
import { expect, it } from 'vitest';
import { seededRandom } from '../../src/core/base/random';
import { clusterColours, settleClusters } from '../../src/core/colour/cluster';
import { estimateReflectance, labUnder, lightSource, seenBy, warmthOf } from '../../src/core/colour/light';
import { metamerOf } from '../../src/core/colour/metamer';
import { nameColour } from '../../src/core/colour/name';
import { partingOf } from '../../src/core/colour/reader';
import { sampleColours } from '../../src/core/colour/sample';
import {
  chromaOf,
  deltaE00,
  hexOfLab,
  hueApart,
  labHueDeg,
  labOfHex,
  oklchOfLab,
} from '../../src/core/colour/spaces';
import { homography, project, straighten, aspectOf, type Four } from '../../src/core/geometry/homography';
import { ruleBook } from '../../src/core/rules/book';
import { arrivalOf } from '../../src/core/stash/arrived';
import { colourGroupOf } from '../../src/core/stash/byKind';
import { linesOf } from './lines';

const random = seededRandom(5);
const within = (low: number, high: number) => low + random() * (high - low);
const LABS = Array.from({ length: 60 }, () => ({ l: within(6, 97), a: within(-55, 60), b: within(-55, 75) }));
const KELVINS = [2200, 2700, 4000, 6500];
const rules = ruleBook([], 'in');

it('colours are what they were', async () => {
  const lines = LABS.flatMap((lab, i) => {
    const next = LABS[(i + 1) % LABS.length] ?? lab;
    const near = { l: lab.l + 1.4, a: lab.a - 0.8, b: lab.b + 1.1 };
    const spectrum = estimateReflectance(lab);
    const other = metamerOf(spectrum, 0.4);
    const hex = hexOfLab(lab);
    return [
      ...linesOf(`colour ${i}`, {
        ...lab,
        hex,
        back: labOfHex(hex),
        ...nameColour(lab),
        group: colourGroupOf(lab),
      }),
      ...linesOf('space', {
        ...oklchOfLab(lab),
        chroma: chromaOf(lab),
        hue: labHueDeg(lab),
        warmth: warmthOf(lab),
      }),
      ...linesOf('apart', {
        next: deltaE00(lab, next),
        near: deltaE00(lab, near),
        hue: hueApart(labHueDeg(lab), labHueDeg(next)),
      }),
      ...KELVINS.flatMap((k) =>
        linesOf(`at ${k} K`, {
          ...seenBy(lab, lightSource(k)),
          spectral: labUnder(spectrum, lightSource(k)),
        }),
      ),
      ...linesOf('parting', { spectrum, other, ...partingOf(spectrum, other) }),
      ...linesOf('arrived', [arrivalOf(lab, near, rules), arrivalOf(lab, next, rules)]),
    ];
  });
  await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot('./colours.txt');
});

/** A cloth of three colours with a white card on it, in yellow light. */
function photo(): { width: number; height: number; data: Uint8ClampedArray } {
  const [width, height] = [48, 32];
  const data = new Uint8ClampedArray(4 * width * height);
  const threads = [
    [150, 60, 40],
    [40, 70, 120],
    [190, 170, 120],
  ] as const;
  for (let i = 0; i < width * height; i++) {
    const [x, y] = [i % width, Math.floor(i / width)];
    const isCard = x < 10 && y < 10;
    const thread = threads[(x >> 2) % 5 === 0 ? 2 : (y >> 3) % 2] ?? threads[0];
    thread.forEach((v, k) => (data[4 * i + k] = ((isCard ? 225 : v) + within(-6, 6)) * [1, 0.94, 0.8][k]!));
    data[4 * i + 3] = 255;
  }
  return { width, height, data };
}

it('a photo of cloth is read as it was', async () => {
  const picture = photo();
  const card = { x: 0.02, y: 0.03, width: 0.15, height: 0.2 };
  const regions = [
    { x: 0.3, y: 0.1, width: 0.3, height: 0.8 },
    { x: 0.7, y: 0.4, width: 0.25, height: 0.5 },
  ];
  const pixels = Float32Array.from(
    { length: 600 },
    (_, i) => LABS[i % 7]![(['l', 'a', 'b'] as const)[i % 3]!] + within(-3, 3),
  );
  const corners: Four = [
    { x: 6, y: 4 },
    { x: 40, y: 7 },
    { x: 43, y: 28 },
    { x: 3, y: 25 },
  ];
  const square: Four = [
    { x: 0, y: 0 },
    { x: 20, y: 0 },
    { x: 20, y: 15 },
    { x: 0, y: 15 },
  ];
  const projection = homography(corners, square);
  const lines = [
    ...[1, 2, 3, 5].flatMap((count) =>
      linesOf(
        `sample ${count}`,
        sampleColours(picture, { regions, card, cardReflectance: 0.9, count, seed: 3 }),
      ),
    ),
    ...linesOf(
      'as it is',
      sampleColours(picture, {
        regions,
        card: null,
        cardReflectance: 0.9,
        count: 3,
        seed: 3,
        mostPixels: 200,
      }),
    ),
    ...[1, 4, 9].flatMap((count) => {
      const found = clusterColours(pixels, { count, restarts: 3, seed: 8 });
      return [...linesOf(`groups ${count}`, found), ...linesOf('settled', settleClusters(found, 6, 0.05))];
    }),
    ...linesOf('projection', {
      projection,
      middle: projection && project(projection, { x: 23, y: 16 }),
      aspect: aspectOf(corners, 48, 32),
    }),
    ...linesOf('straight', { pixels: [...(straighten(picture, corners, 20, 15) ?? [])] }),
  ];
  await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot('./photo.txt');
});
