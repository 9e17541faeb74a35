import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { degreeOfAdaptation, estimateReflectance, lightSource, seenBy, warmthOf } from './light';
import { nameColour } from './name';
import { deltaE00, hexOfLab, hueApart, labOfHex, oklchOfLab } from './spaces';

const lab = (hex: string) => labOfHex(hex)!;
const hexes = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);

describe('spaces', () => {
  it('hex comes back as the same hex', () => {
    fc.assert(
      fc.property(hexes, (hex) => {
        expect(hexOfLab(lab(hex))).toBe(hex);
      }),
    );
  });
  it('what is no colour is no colour', () =>
    expect([labOfHex('sail'), labOfHex('#12'), labOfHex('')]).toEqual([undefined, undefined, undefined]));
  it('a colour beyond the screen keeps its hue', () => {
    const shown = lab(hexOfLab({ l: 60, a: 110, b: 0 }));
    expect(hueApart(oklchOfLab(shown).hueDeg, oklchOfLab({ l: 60, a: 110, b: 0 }).hueDeg)).toBeLessThan(4);
  });
  it('hues apart go the short way', () => expect([hueApart(350, 10), hueApart(90, 270)]).toEqual([20, 180]));
});

describe('names a stylist would say', () => {
  it.each([
    ['#f7f7f7', { kind: 'white', undertone: 'stark' }],
    ['#f4ecd8', { kind: 'white', undertone: 'creamy' }],
    ['#eef0f6', { kind: 'white', undertone: 'cool' }],
    ['#2b2b2c', { kind: 'neutral', depth: 'black' }],
    ['#808080', { kind: 'neutral', depth: 'mid', undertone: 'plain' }],
    ['#a3462f', { kind: 'hue', hue: 'rust' }],
    ['#d0a338', { kind: 'hue', hue: 'gold' }],
    ['#1f5f63', { kind: 'hue', hue: 'teal', depth: 'deep' }],
    ['#2c3c60', { kind: 'hue', hue: 'navy' }],
    ['#b8a585', { kind: 'hue', hue: 'tan', strength: 'greyed' }],
    ['#8f9c86', { kind: 'hue' }],
  ])('%s', (hex, name) => expect(nameColour(lab(hex))).toMatchObject(name));
  it('every colour has one', () => {
    fc.assert(
      fc.property(hexes, (hex) => {
        expect(['white', 'neutral', 'hue']).toContain(nameColour(lab(hex)).kind);
      }),
    );
  });
});

describe('light', () => {
  it('the estimated cloth looks like its colour by daylight', () => {
    const day = lightSource(6504.0001);
    for (const hex of [
      '#a3462f',
      '#2c3c52',
      '#d0a338',
      '#e9e5da',
      '#4f6f93',
      '#111111',
      '#fefefe',
      '#ff0000',
      '#00a0ff',
    ]) {
      const r = estimateReflectance(lab(hex));
      expect(r.every((v) => v >= 0 && v <= 1)).toBe(true);
      expect(deltaE00(seenBy(lab(hex), { ...day, kelvin: 6400 }), lab(hex))).toBeLessThan(
        hex === '#ff0000' || hex === '#00a0ff' ? 12 : 0.6,
      );
    }
  });
  it('by lamp a white turns warmer, by daylight it stays', () => {
    const white = lab('#f2f2f0');
    expect(seenBy(white, lightSource(6504))).toEqual(white);
    expect(warmthOf(seenBy(white, lightSource(2700)))).toBeGreaterThan(warmthOf(white) + 1);
    expect(warmthOf(seenBy(white, lightSource(2700)))).toBeGreaterThan(
      warmthOf(seenBy(white, lightSource(4000))),
    );
  });
  it('the eye adapts more in bright light, never more than wholly', () => {
    expect(degreeOfAdaptation(5)).toBeLessThan(degreeOfAdaptation(500));
    expect(degreeOfAdaptation(1e6)).toBeLessThanOrEqual(1);
  });
});
