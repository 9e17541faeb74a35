import { describe, expect, it } from 'vitest';
import { labOfHex } from '../colour/spaces';
import { colourGroupOf, countStash } from './byKind';

const entry = (kind: 'cover' | 'rug', count: number, hex: string, state: 'owned' | 'gone' = 'owned') => ({
  kind,
  count,
  state,
  colours: [{ ...labOfHex(hex)!, share: 1 }],
});

describe('the stash by kind and colour', () => {
  it('counts pieces by the largest colour, most first, and leaves out what is gone', () => {
    const { kinds, groups } = countStash([
      entry('rug', 1, '#3355aa'),
      entry('cover', 2, '#3355aa'),
      entry('cover', 3, '#ffffff'),
      entry('cover', 9, '#aa2222', 'gone'),
      entry('rug', 0, '#aa2222'),
    ]);
    expect(kinds.map((k) => [k.kind, k.count])).toEqual([
      ['cover', 5],
      ['rug', 1],
    ]);
    expect([...kinds[0]!.byColour]).toEqual([
      [colourGroupOf(labOfHex('#3355aa')!), 2],
      ['white', 3],
    ]);
    expect(groups.map((g) => g.count)).toEqual([3, 3]);
  });

  it('takes a thing of two colours by the larger one, and a group’s colour as the mean by pieces', () => {
    const [light, dark] = [labOfHex('#4060b0')!, labOfHex('#36529a')!];
    const { groups } = countStash([
      { kind: 'rug', count: 1, state: 'owned', colours: [{ ...light, share: 1 }] },
      {
        kind: 'rug',
        count: 3,
        state: 'owned',
        colours: [
          { ...labOfHex('#ffffff')!, share: 0.3 },
          { ...dark, share: 0.7 },
        ],
      },
    ]);
    expect(groups).toHaveLength(1);
    expect(groups[0]!.colour.l).toBeCloseTo((light.l + 3 * dark.l) / 4, 9);
    expect(groups[0]!.colour.b).toBeCloseTo((light.b + 3 * dark.b) / 4, 9);
  });

  it('has nothing to count in an empty stash', () => {
    expect(countStash([])).toEqual({ kinds: [], groups: [] });
  });
});
