import { describe, expect, it } from 'vitest';
import { seenSpan } from './seenSpan';
import { PLAIN, type Shape } from './shape';

const shape = (xMm: number, widthMm: number, more: Partial<Shape> = {}): Shape => ({
  key: `${xMm}`,
  about: 'chest',
  name: 'Chest',
  form: 'box',
  box: { xMm, yMm: 0, widthMm, heightMm: 700 },
  depthMm: 400,
  colours: [],
  pattern: PLAIN,
  soft: false,
  fixed: false,
  ...more,
});
const spanOf = (...shapes: Shape[]) => seenSpan({ lengthMm: 3000, shapes });

describe('a wall is shown', () => {
  it('from end to end', () => {
    expect(spanOf()).toEqual({ xMm: 0, widthMm: 3000 });
    expect(spanOf(shape(100, 900, { stands: true }))).toEqual({ xMm: 0, widthMm: 3000 });
  });

  it('past the end at which furniture stands, on either side', () => {
    expect(spanOf(shape(-400, 900, { stands: true }))).toEqual({ xMm: -400, widthMm: 3400 });
    expect(spanOf(shape(2700, 900, { stands: true }))).toEqual({ xMm: 0, widthMm: 3600 });
  });

  it('not for what hangs on it, or pokes out a little', () => {
    expect(spanOf(shape(-400, 900))).toEqual({ xMm: 0, widthMm: 3000 });
    expect(spanOf(shape(-100, 900, { stands: true }))).toEqual({ xMm: 0, widthMm: 3000 });
    expect(spanOf(shape(-101, 900, { stands: true }))).toEqual({ xMm: -101, widthMm: 3101 });
  });

  it('no further than a metre past', () => {
    expect(spanOf(shape(2500, 2000, { stands: true }))).toEqual({ xMm: 0, widthMm: 4000 });
  });
});
