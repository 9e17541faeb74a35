import { describe, expect, test } from 'vitest';
import { inchRules } from '../../../../tests/helpers/rooms';
import { lightOf, passes, passRule, type LayerLight } from './light';

const rules = inchRules();
const layer = (pass: number, more: Partial<LayerLight> = {}): LayerLight => ({
  coveredOpen: 0.2,
  coveredDrawn: 1,
  pass,
  drawn: 'open',
  ...more,
});

describe('light through one layer', () => {
  test('is told by the weight of the cloth, each class up to its limit', () => {
    expect([99, 100, 199, 200, 399, 400].map((gsm) => passRule(gsm, rules))).toEqual([
      'windows.passSheer',
      'windows.passLight',
      'windows.passLight',
      'windows.passMedium',
      'windows.passMedium',
      'windows.passHeavy',
    ]);
  });
  test('a lining takes its share of it, a blackout nearly all, whatever the cloth', () => {
    const bare = passes(150, 'none', null, rules);
    expect(passes(150, 'lining', null, rules)).toBeCloseTo(0.4 * bare, 9);
    expect(passes(150, 'interlining', null, rules)).toBeCloseTo(0.4 * bare, 9);
    expect(passes(50, 'blackout', null, rules)).toBe(0.01);
    expect(passes(500, 'blackout', null, rules)).toBe(0.01);
  });
  test('what is known of the cloth goes before everything, also when it is nothing', () => {
    expect(passes(500, 'blackout', 0.5, rules)).toBe(0.5);
    expect(passes(50, 'none', 0, rules)).toBe(0);
  });
});

describe('daylight that comes in', () => {
  test('is the bare glass and what the cloth lets through', () => {
    const light = lightOf(layer(0.3), null, rules);
    expect(light.open).toBeCloseTo(0.8 + 0.2 * 0.3, 9);
    expect(light.drawn).toBeCloseTo(0.3, 9);
    expect(light.sheerOnly).toBeNull();
    expect(light.now).toBe(light.open);
  });
  test('through two layers it is their product', () => {
    const sheer = layer(0.6, { coveredOpen: 0.1 });
    const light = lightOf(layer(0.3), sheer, rules);
    expect(light.open).toBeCloseTo(0.86 * 0.96, 9);
    expect(light.sheerOnly).toBeCloseTo(0.86 * 0.6, 9);
    expect(light.drawn).toBeCloseTo(0.3 * 0.6, 9);
  });
  test('as it now hangs it is that of how each layer is drawn', () => {
    const at = (main: LayerLight['drawn'], sheer: LayerLight['drawn']) =>
      lightOf(layer(0.3, { drawn: main }), layer(0.6, { drawn: sheer, coveredOpen: 0 }), rules).now;
    expect(at('closed', 'closed')).toBeCloseTo(0.18, 9);
    expect(at('closed', 'open')).toBeCloseTo(0.3, 9);
    expect(at('open', 'closed')).toBeCloseTo(0.86 * 0.6, 9);
  });
});

describe('being seen from outside', () => {
  // hidden by day below 0.7 of the light, by lamp below 0.35
  test.each([
    [0.71, 'seen', 'seen'],
    [0.7, 'seen', 'seen'],
    [0.69, 'hidden', 'seen'],
    [0.35, 'hidden', 'seen'],
    [0.34, 'hidden', 'hidden'],
  ] as const)('a curtain that lets %s through: by day %s, by lamp %s', (pass, byDay, byLamp) => {
    const light = lightOf(layer(pass, { drawn: 'closed' }), null, rules);
    expect([light.drawnByDay, light.drawnByLamp]).toEqual([byDay, byLamp]);
    expect([light.nowByDay, light.nowByLamp]).toEqual([byDay, byLamp]);
    expect([light.sheerByDay, light.sheerByLamp]).toEqual([null, null]);
  });
  test('a curtain that leaves a gap when drawn hides nothing', () => {
    expect(lightOf(layer(0.05, { coveredDrawn: 0.98 }), null, rules).drawnByDay).toBe('seen');
    expect(lightOf(layer(0.05, { coveredDrawn: 0.99 }), null, rules).drawnByDay).toBe('hidden');
  });
  test('open, it hides nothing now, whatever it could', () => {
    const light = lightOf(layer(0.05), layer(0.6), rules);
    expect([light.nowByDay, light.drawnByDay]).toEqual(['seen', 'hidden']);
    expect([light.sheerByDay, light.sheerByLamp]).toEqual(['hidden', 'seen']);
  });
  test('two layers that each would be seen through hide together', () => {
    const light = lightOf(layer(0.5, { drawn: 'closed' }), layer(0.6, { drawn: 'closed' }), rules);
    expect(light.drawnByLamp).toBe('hidden');
    expect(light.nowByLamp).toBe('hidden');
    expect(light.sheerByLamp).toBe('seen');
  });
});
