import { describe, expect, it } from 'vitest';
import { lineLabels } from './lineLabels';

const scale = { x: (mm: number) => mm / 10, y: (mm: number) => mm / 10 };
const line = (from: readonly [number, number], to: readonly [number, number]) => ({
  from: { xMm: from[0], yMm: from[1] },
  to: { xMm: to[0], yMm: to[1] },
  mm: 1890,
});
const placesOf = (...lines: ReturnType<typeof line>[]) =>
  lineLabels(lines, scale, () => '189').map(({ at }) => [at.x, at.y]);

describe('the numbers of lines on the plan', () => {
  it('stand in the middle where nothing is in their way', () => {
    expect(placesOf(line([0, 0], [1000, 0]), line([0, 500], [1000, 500]))).toEqual([
      [50, 0],
      [50, 50],
    ]);
  });
  it('make way along their own line where two would lie on one another', () => {
    const [one, other] = placesOf(line([0, 0], [1000, 1000]), line([1000, 0], [0, 1000]));
    expect(one).toEqual([50, 50]);
    expect(other).toEqual([70, 30]);
    // the same line twice, as of two checks of one distance
    expect(placesOf(line([0, 0], [0, 1000]), line([0, 0], [0, 1000]))).toEqual([
      [0, 50],
      [0, 30],
    ]);
  });
  it('stay in the middle of a line that has room for one only', () => {
    expect(placesOf(line([0, 0], [50, 0]), line([0, 0], [50, 0]))).toEqual([
      [2.5, 0],
      [2.5, 0],
    ]);
  });
});
