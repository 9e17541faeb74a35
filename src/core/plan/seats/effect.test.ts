import { describe, expect, it } from 'vitest';
import { nameColour } from '../../colour/name';
import { effectKind, type Effect } from './effect';

const effect = (
  previous: number,
  then: number,
  gap: [number, number],
  pull: [number, number] = [0, 0],
): Effect => ({
  family: { id: 'red', ownName: '', colourName: nameColour({ l: 45, a: 60, b: 40 }) },
  previous,
  then,
  gap: { previous: gap[0], then: gap[1] },
  pull: { previous: pull[0], then: pull[1] },
});

describe('what an arrangement does to a colour, in a word', () => {
  it.each([
    ['new in the room', effect(0, 2, [0, 1]), 'fresh'],
    ['gone from it', effect(2, 0, [1, 0]), 'gone'],
    ['a narrower gap, in fewer spots', effect(4, 3, [0.6, 0.5]), 'better'],
    ['a wider gap, in more spots', effect(3, 4, [0.5, 0.6]), 'worse'],
    ['more spots, the gap hardly other', effect(3, 4, [0.5, 0.54]), 'better'],
    ['fewer spots, the gap hardly other', effect(4, 3, [0.54, 0.5]), 'worse'],
    ['nearer to the middle', effect(3, 3, [0.5, 0.5], [0.4, 0.3]), 'better'],
    ['further from the middle', effect(3, 3, [0.5, 0.5], [0.3, 0.4]), 'worse'],
  ])('%s', (_, given, kind) => {
    expect(effectKind(given)).toBe(kind);
  });
});
