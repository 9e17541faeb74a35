/** What is timed in Node and in Chromium alike: the whole plan of one room, and what it is compared with. */
import Color from 'colorjs.io';
import type { RoomFile } from '../../src/core/model/types';
import { applyChange } from '../../src/core/model/change';
import { deltaE00 } from '../../src/core/colour/spaces';
import { planLook } from '../../src/core/plan/planLook';

const times = (rounds: number, work: (i: number) => unknown): number[] => Array.from({ length: rounds }, (_, i) => {
  const from = performance.now();
  work(i);
  return performance.now() - from;
});

/** A plan of every look in turn, each time of a file that has just changed, as it is while something is dragged. */
export function timePlans(file: RoomFile, rounds: number): number[] {
  const window = file.openings[0];
  const files = Array.from({ length: 8 }, (_, i) => (window ? applyChange(file, { do: 'putOpening', opening: { ...window, xMm: window.xMm + i } }) : file));
  times(30, (i) => planLook(files[i % 8]!, { lookId: file.looks[i % file.looks.length]!.id }));
  return times(rounds, (i) => planLook(files[i % 8]!, { lookId: file.looks[i % file.looks.length]!.id }));
}

/** The same file through JSON and back: a yardstick that is as fast or slow as the machine. */
export const timeJson = (file: RoomFile, rounds: number): number[] => times(rounds, () => JSON.parse(JSON.stringify(file)));

const pairs = (n: number) => Array.from({ length: n }, (_, i) => [{ l: (i * 37) % 101, a: ((i * 53) % 200) - 100, b: ((i * 71) % 200) - 100 }, { l: (i * 41) % 101, a: ((i * 59) % 200) - 100, b: ((i * 61) % 200) - 100 }] as const);

/** Ten thousand colour differences, ours and a reference library's. */
export function timeDifferences(rounds: number): { ours: number[]; reference: number[] } {
  const all = pairs(10_000);
  const colours = all.map((two) => two.map((c) => new Color('lab-d65', [c.l, c.a, c.b])));
  return {
    ours: times(rounds, () => all.forEach(([p, q]) => deltaE00(p, q))),
    reference: times(rounds, () => colours.forEach(([p, q]) => p!.deltaE(q!, '2000'))),
  };
}
