import { expect, test } from 'vitest';
import type { FittingStep, Mark } from './fittingStep';
import { BRIEF } from '../model/defaults';
import { sheetParts } from './sheetParts';

const sheetWalls = (steps: FittingStep[]) => sheetParts(steps, { brief: BRIEF });
const sheetZones = (steps: FittingStep[]) => sheetParts(steps, { brief: { ...BRIEF, order: 'zone' } });

const mark = (label: Mark['label'], xMm: number, wallId?: string): Mark => ({
  label,
  xMm,
  heightMm: 2000,
  fromLineMm: 500,
  ...(wallId ? { wallId } : {}),
});
const step = (kind: FittingStep['kind'], wallId: string, marks: Mark[]): FittingStep => ({
  kind,
  about: `${kind}-${wallId}`,
  name: kind,
  wallId,
  marks,
  finishedMm: [],
  count: 1,
});

test('walls come in the order in which the day comes to them, steps keep their number', () => {
  const walls = sheetWalls([
    step('rod', 'south', []),
    step('rod', 'north', []),
    step('curtain', 'south', []),
    step('picture', 'west', []),
    step('seat', 'north', []),
  ]);
  expect(walls.map((w) => [w.wallId, w.steps.map((s) => s.number)])).toEqual([
    ['south', [1, 3]],
    ['north', [2, 5]],
    ['west', [4]],
  ]);
});

test('only what is put on the wall is drawn: brackets and nails, not hems, tops or centres', () => {
  const [wall] = sheetWalls([
    step('rod', 'a', [mark('bracketLeft', 100), mark('bracketRight', 900)]),
    step('curtain', 'a', [mark('hemLeft', 100)]),
    step('picture', 'a', [mark('nail', 400), mark('frameTop', 400), mark('frameCentre', 400)]),
  ]);
  expect(wall!.marks.map((m) => [m.mark.label, m.number])).toEqual([
    ['bracketLeft', 1],
    ['bracketRight', 1],
    ['nail', 3],
  ]);
});

test('a bracket on the next wall is drawn there, even where that wall has no step of its own', () => {
  const walls = sheetWalls([
    step('rod', 'a', [mark('bracketLeft', 100), mark('bracketRight', 50, 'b')]),
    step('curtain', 'a', []),
  ]);
  expect(walls.map((w) => [w.wallId, w.steps.length, w.marks.length])).toEqual([
    ['a', 2, 1],
    ['b', 0, 1],
  ]);
});

test('a sheet without steps has no walls', () => {
  expect(sheetWalls([])).toEqual([]);
});

test('zone by zone: the floor, then each wall with what is at it, numbered as they are come to', () => {
  const zones = sheetZones([
    { ...step('floor', 'north', []), about: 'rug' },
    step('rod', 'south', [mark('bracketLeft', 100)]),
    step('rod', 'north', []),
    step('curtain', 'south', []),
    { ...step('seat', 'north', []), about: 'sofa' },
    { ...step('surface', 'south', []), about: 'chest/top' },
    { ...step('surface', 'south', []), about: 'chest/lower1' },
  ]);
  expect(zones.map((z) => [z.key, z.wallId, z.steps.map((s) => s.number), z.marks.length])).toEqual([
    ['floor', 'north', [1], 0],
    ['wall north', 'north', [2], 0],
    ['host sofa', 'north', [3], 0],
    ['wall south', 'south', [4, 5], 1],
    ['host chest', 'south', [6, 7], 0],
  ]);
});

test('zone by zone, a bracket round the corner is drawn on the wall it is on, with its number', () => {
  const zones = sheetZones([
    step('rod', 'a', [mark('bracketLeft', 100), mark('bracketRight', 50, 'b')]),
    step('picture', 'b', [mark('nail', 400)]),
  ]);
  expect(zones.map((z) => [z.wallId, z.marks.map((m) => [m.mark.label, m.number])])).toEqual([
    ['a', [['bracketLeft', 1]]],
    [
      'b',
      [
        ['bracketRight', 1],
        ['nail', 2],
      ],
    ],
  ]);
});

test.each(['class', 'zone'] as const)(
  'what is done before the day comes first and has no wall: %s',
  (order) => {
    const steps = [
      step('work', 'a', []),
      step('work', 'b', []),
      step('floor', 'b', []),
      step('rod', 'a', []),
    ];
    const [before, ...rest] = sheetParts(steps, { brief: { ...BRIEF, order } });
    expect([before!.zone, before!.steps.map((s) => s.number)]).toEqual([{ of: 'before' }, [1, 2]]);
    expect(rest.flatMap((part) => part.steps.map((s) => s.number))).toEqual([3, 4]);
    expect(rest.map((part) => part.zone.of)).not.toContain('before');
  },
);
