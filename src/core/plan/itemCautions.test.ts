import { describe, expect, it } from 'vitest';
import { bareRoom, fittingOf, inches, item, piece, placement, standing } from '../../../tests/helpers/rooms';
import { FLAGS } from '../model/defaults';
import type { HomeFlags, Item, Placement, RoomFile } from '../model/types';
import { planLook } from './planLook';

const CHEST = piece({ id: 'chest', name: 'Chest', kind: 'chest', seat: null, heightMm: inches(30) });
const PEBBLE = item({ id: 'i1', name: 'Pebble', kind: 'object', widthMm: 28, heightMm: 20, depthMm: 25 });

function codes(
  flags: Partial<HomeFlags>,
  things: Item[],
  placed: Partial<Placement>[],
  more: Partial<RoomFile> = {},
): string[] {
  const base = bareRoom();
  const placements = placed.map((p, i) => placement({ id: `x${i}`, ...standing('chest'), ...p }));
  const file = {
    ...base,
    pieces: [CHEST],
    items: things,
    ...more,
    home: { ...base.home, flags: { ...FLAGS, ...flags } },
    looks: [{ ...base.looks[0]!, placements }],
  };
  return planLook(file, { lookId: 'look' }).findings.map((f) => f.code);
}

describe('small things', () => {
  it('are reported where the youngest can reach them', () => {
    expect(codes({ childrenAges: [2] }, [PEBBLE], [{}])).toContain('small-part-in-reach');
    expect(codes({ childrenAges: [9] }, [PEBBLE], [{}])).not.toContain('small-part-in-reach');
    expect(codes({}, [PEBBLE], [{}])).not.toContain('small-part-in-reach');
  });
  it('are not where they are too large to swallow, out of reach, or no loose object', () => {
    const large = { ...PEBBLE, widthMm: 90, heightMm: 80, depthMm: 70 };
    expect(codes({ childrenAges: [2] }, [large], [{}])).not.toContain('small-part-in-reach');
    const high = { ...CHEST, heightMm: inches(70) };
    expect(codes({ childrenAges: [2] }, [PEBBLE], [{}], { pieces: [high] })).not.toContain(
      'small-part-in-reach',
    );
    expect(codes({ childrenAges: [2] }, [PEBBLE], [{ lie: 'overBack' }])).not.toContain(
      'small-part-in-reach',
    );
  });
  it('are judged on a mantel as on furniture, and not where there is no top to lie on', () => {
    const mantel = { widthMm: inches(50), depthMm: inches(8), topMm: inches(30) };
    const fire = (withMantel: boolean) =>
      fittingOf({ id: 'fire', kind: 'fireplace', mantel: withMantel ? mantel : null });
    const onIt = [standing('fire', 'mantel')];
    expect(codes({ childrenAges: [2] }, [PEBBLE], onIt, { fittings: [fire(true)] })).toContain(
      'small-part-in-reach',
    );
    expect(codes({ childrenAges: [2] }, [PEBBLE], onIt, { fittings: [fire(false)] })).not.toContain(
      'small-part-in-reach',
    );
    expect(codes({ childrenAges: [2] }, [PEBBLE], [standing('gone')])).not.toContain('small-part-in-reach');
  });
});

describe('candles', () => {
  const candle = item({ id: 'i1', name: 'Candle', kind: 'candle', widthMm: 70, heightMm: 90, depthMm: 70 });
  it('are kept from children and pets', () => {
    expect(codes({ pets: true }, [candle], [{}])).toContain('candle-in-reach');
    expect(codes({}, [candle], [{}])).not.toContain('candle-in-reach');
  });
  it('are kept from what burns', () => {
    const fern = item({ id: 'fern', name: 'Fern', kind: 'plant', widthMm: 200, heightMm: 300 });
    const beside = [{ xMm: 100 }, { itemId: 'fern', xMm: 260 }];
    const apart = [{ xMm: 100 }, { itemId: 'fern', xMm: 900 }];
    expect(codes({}, [candle, fern], beside)).toContain('candle-near-cloth');
    expect(codes({}, [candle, fern], apart)).not.toContain('candle-near-cloth');
    for (const kind of ['garland', 'stem', 'book', 'basket'] as const)
      expect(codes({}, [candle, { ...fern, kind }], beside)).toContain('candle-near-cloth');
    for (const kind of ['vase', 'object', 'candle'] as const)
      expect(codes({}, [candle, { ...fern, kind }], beside)).not.toContain('candle-near-cloth');
  });
  it('have no flame where they run on batteries', () => {
    const fern = item({ id: 'fern', name: 'Fern', kind: 'plant', widthMm: 200, heightMm: 300 });
    const battery = { ...candle, battery: true };
    const found = codes({ pets: true }, [battery, fern], [{ xMm: 100 }, { itemId: 'fern', xMm: 260 }]);
    expect(found).not.toContain('candle-near-cloth');
    expect(found).not.toContain('candle-in-reach');
  });
});

describe('what a household avoids', () => {
  const placed = [{}];
  it.each([
    ['wool', { woolFree: true }, { fibre: 'wool' as const }, 'wool-in-wool-free'],
    ['scents', { scentFree: true }, { scented: true }, 'scent-in-scent-free'],
    ['poisonous plants by pets', { pets: true }, { poisonous: true }, 'poisonous-plant'],
    ['poisonous plants by the small', { childrenAges: [3] }, { poisonous: true }, 'poisonous-plant'],
  ])('%s', (_what, flags, more, code) => {
    expect(codes(flags, [{ ...PEBBLE, ...more }], placed)).toContain(code);
    expect(codes({}, [{ ...PEBBLE, ...more }], placed)).not.toContain(code);
    expect(codes(flags, [PEBBLE], placed)).not.toContain(code);
  });
  it('and colours nobody has seen, or that a photo only guesses', () => {
    expect(codes({}, [{ ...PEBBLE, seen: false }], placed)).toContain('colour-unseen');
    expect(codes({}, [{ ...PEBBLE, colourFrom: 'photo' }], placed)).toContain('colour-uncorrected');
    expect(codes({}, [PEBBLE], placed)).not.toContain('colour-unseen');
    expect(codes({}, [{ ...PEBBLE, seen: false }], [])).not.toContain('colour-unseen');
  });
});
