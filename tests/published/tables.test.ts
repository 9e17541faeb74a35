/** Table linen and places against tables of the trade. */
import { describe, expect, it } from 'vitest';
import { inches } from '../../src/core/base/units';
import { clothFalls } from '../../src/core/room/tableLinen';
import { mostPlaces, TABLE_SIDES } from '../../src/core/room/tablePlaces';

const top = (wIn: number, dIn: number, round = false) => ({
  widthMm: inches(wIn),
  depthMm: inches(dIn),
  round,
});
const cloth = (wIn: number, hIn: number, round = false) => ({
  widthMm: inches(wIn),
  heightMm: inches(hIn),
  round,
});

describe('tablecloths', () => {
  // common practice: charts of stock sizes, which give a drop of 12 in all round
  it.each([
    [60, 84, 60, 36],
    [60, 102, 78, 36],
    [60, 120, 96, 36],
    [72, 108, 84, 48],
    [52, 70, 46, 28],
  ])('%i × %i on a table of %i × %i', (w, h, long, deep) => {
    const falls = clothFalls(cloth(w, h), top(long, deep));
    expect(falls.endMm).toBeCloseTo(inches(12), 6);
    expect(falls.frontMm).toBeCloseTo(inches(12), 6);
    // the same table turned by 90°
    expect(clothFalls(cloth(w, h), top(deep, long)).frontMm).toBeCloseTo(inches(12), 6);
  });
  // common practice: what is hired out for round tables goes down to the floor, 30 in
  it.each([
    [90, 30],
    [96, 36],
    [108, 48],
    [120, 60],
    [132, 72],
  ])('a round one of %i in on a top %i in across', (across, topIn) => {
    const falls = clothFalls(cloth(across, across, true), top(topIn, topIn, true));
    for (const mm of [falls.endMm, falls.frontMm, falls.lowestMm]) expect(mm).toBeCloseTo(inches(30), 6);
    expect(falls.bareCornerMm).toBe(0);
  });
});

describe('places at a table', () => {
  // Panero and Zelnik, Human Dimension & Interior Space (1979): 24 in of edge for each, 30 in to sit well (from memory)
  const close = { edgeMm: inches(24), endFromMm: inches(30) };
  const roomy = { edgeMm: inches(30), endFromMm: inches(30) };
  // common practice: how many are seated at tables 36 in deep, at least and at most
  it.each([
    [48, 4, 6],
    [60, 4, 6],
    [72, 6, 8],
    [84, 6, 8],
    [96, 8, 10],
    [108, 8, 10],
  ])('%i in long: %i to %i', (long, least, most) => {
    expect(mostPlaces(top(long, 36), TABLE_SIDES, roomy)).toBeGreaterThanOrEqual(least);
    expect(mostPlaces(top(long, 36), TABLE_SIDES, close)).toBeLessThanOrEqual(most);
  });
  // common practice: how many are seated at round tables, at least and at most
  it.each([
    [36, 3, 4],
    [42, 4, 5],
    [48, 4, 6],
    [54, 5, 7],
    [60, 6, 8],
    [72, 7, 10],
  ])('%i in across: %i to %i', (across, least, most) => {
    const round = top(across, across, true);
    expect(mostPlaces(round, TABLE_SIDES, roomy)).toBeGreaterThanOrEqual(least);
    expect(mostPlaces(round, TABLE_SIDES, close)).toBeLessThanOrEqual(most);
  });
});
