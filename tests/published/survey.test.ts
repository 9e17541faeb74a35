/**
 * A closed traverse by hand: latitudes and departures, as any handbook of surveying reckons them (Wolf and
 * Ghilani, Elementary Surveying, ch. 10, the method; the rooms are our own).
 */
import { describe, expect, it } from 'vitest';
import { inches } from '../../src/core/base/units';
import { cornerName } from '../../src/core/room/cornerName';
import { closeWalk, outlineFromWalk, surveyOf, type Leg } from '../../src/core/room/survey';

const square = (...lengthsIn: number[]): Leg[] =>
  lengthsIn.map((n) => ({ lengthMm: inches(n), turnDeg: 90 }));
const inch = (mm: number) => Math.round((mm / 25.4) * 1000) / 1000 + 0;

describe('outlines walked with the tape', () => {
  it('a room of 168 by 144 whose south wall was read 1¾ in short: the gap, and the readings that close it', () => {
    const survey = surveyOf(square(168, 144, 166.25, 144));
    // departures: +168 − 166.25 = +1.75 east; latitudes: 144 − 144 = 0
    expect([inch(survey.open.eastMm), inch(survey.open.southMm), inch(survey.open.mm)]).toEqual([
      1.75, 0, 1.75,
    ]);
    expect(
      survey.corrections.slice(0, 2).map((c) => [c.what, c.leg + 1, inch(c.to), inch(c.leftMm)]),
    ).toEqual([
      ['length', 1, 166.25, 0],
      ['length', 3, 168, 0],
    ]);
    // east and west walls cannot take it up
    expect(survey.corrections.length).toBe(2);
    const read = outlineFromWalk(square(168, 144, 166.25, 144), inches(1 / 8));
    expect(read).toMatchObject({ ok: false, issues: [{ code: 'does-not-close', corner: 'north-west' }] });
  });
  // the longest share of a reading comes last
  it('an L of six walls with one slip of a foot: only walls that run its way can mend it', () => {
    // 200 east, 80 south, 90 west, 60 south, 110 west, 140 north; the fifth was read 98
    const legs: Leg[] = [
      [200, 90],
      [80, 90],
      [90, -90],
      [60, 90],
      [98, 90],
      [140, 90],
    ].map(([n, turnDeg]) => ({ lengthMm: inches(n!), turnDeg: turnDeg! }));
    const survey = surveyOf(legs);
    expect(inch(survey.open.eastMm)).toBe(12);
    expect(survey.corrections.map((c) => [c.leg + 1, inch(c.to)])).toEqual([
      [1, 188],
      [5, 110],
      [3, 102],
    ]);
    expect(survey.corrections.every((c) => c.leftMm < 0.01)).toBe(true);
  });
  it('a five-sided bay room by sines and cosines, and what a slanting wall can take up of a gap', () => {
    // 100 east, turn 90: 60 south, turn 45: 40√2 south-west, turn 45: 20 west, turn 45: 40√2 north-west, turn
    // 45: 60 north, turn 90
    const bay: Leg[] = [
      [100, 90],
      [60, 45],
      [40 * Math.SQRT2, 45],
      [20, 45],
      [40 * Math.SQRT2, 45],
      [60, 90],
    ].map(([n, turnDeg]) => ({ lengthMm: inches(n!), turnDeg: turnDeg! }));
    expect(surveyOf(bay).open.mm).toBeLessThan(1e-6);
    const read = outlineFromWalk(bay, inches(1 / 8));
    expect(read.ok && read.value.map((c) => [inch(c.xMm), inch(c.yMm)])).toEqual([
      [0, 0],
      [100, 0],
      [100, 60],
      [60, 100],
      [40, 100],
      [0, 60],
    ]);
    // the first slanting wall 2 in too long: 2/√2 west and south too far; itself takes all of it up, an
    // upright or level wall only half
    const wrong = surveyOf(bay.map((l, i) => (i === 2 ? { ...l, lengthMm: l.lengthMm + inches(2) } : l)));
    expect([inch(wrong.open.eastMm), inch(wrong.open.southMm)]).toEqual([-1.414, 1.414]);
    expect([
      wrong.corrections[0]!.leg,
      inch(wrong.corrections[0]!.to),
      inch(wrong.corrections[0]!.leftMm),
    ]).toEqual([2, inch(inches(40 * Math.SQRT2)), 0]);
    expect(inch(wrong.corrections.find((c) => c.leg === 0)!.leftMm)).toBe(1.414);
  });
  it('turns that make too little name the turn that brings one round', () => {
    const legs: Leg[] = [
      [100, 90],
      [80, 60],
      [100, 90],
      [80, 90],
    ].map(([n, turnDeg]) => ({ lengthMm: inches(n!), turnDeg: turnDeg! }));
    const survey = surveyOf(legs);
    expect(survey.open.turnDeg).toBe(-30);
    expect(survey.corrections[0]).toMatchObject({ what: 'turn', leg: 1, from: 60, to: 90 });
    expect(survey.corrections[0]!.leftMm).toBeLessThan(1e-6);
  });
  it('the last two walls close any walk that they can', () => {
    const closed = closeWalk(square(168, 144, 1, 1))!;
    expect(closed.map((l) => inch(l.lengthMm))).toEqual([168, 144, 168, 144]);
    expect(
      closeWalk([
        { lengthMm: 100, turnDeg: 90 },
        { lengthMm: 50, turnDeg: 90 },
        { lengthMm: 10, turnDeg: 180 },
        { lengthMm: 10, turnDeg: 0 },
      ]),
    ).toBeUndefined();
  });
  it('corners are named by where they lie', () => {
    const read = outlineFromWalk(square(168, 144, 168, 144), 1);
    expect(read.ok && read.value.map((_, i) => cornerName(read.value, i))).toEqual([
      'north-west',
      'north-east',
      'south-east',
      'south-west',
    ]);
  });
});
