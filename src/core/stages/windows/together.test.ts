import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bareRoom, demoRoom, dressing, inches, opening, linenPanel } from '../../../../tests/helpers/rooms';
import { applyChange } from '../../model/change';
import { SHEER } from '../../model/defaults';
import type { Dressing, Opening, RoomFile } from '../../model/types';
import { planLook } from '../../plan/planLook';
import { solutionChanges, solveRoom } from '../../plan/solveRoom';
const room = (openings: Opening[], dressings: Dressing[], more: Partial<RoomFile> = {}): RoomFile => {
  const base = bareRoom(inches(168), inches(144), inches(108));
  return { ...base, openings, ...more, looks: [{ ...base.looks[0]!, dressings }] };
};

describe('all windows together', () => {
  const two = (second: Partial<Opening>, d: Partial<Dressing> = {}) =>
    room(
      [
        opening({ id: 'a', xMm: inches(25), widthMm: inches(30) }),
        opening({ id: 'b', xMm: inches(110), widthMm: inches(30), ...second }),
      ],
      [dressing({ id: 'da', openingId: 'a', ...d }), dressing({ id: 'db', openingId: 'b', ...d })],
    );
  it('takes the owned set that does for both on one line, taken up, and says that nothing is given up', () => {
    const s = solveRoom(two({}), 'look', 'all', { owned: [linenPanel()], shops: [] });
    expect(s[0]).toMatchObject({ oneRodMm: inches(105), buy: 0, givesUp: [] });
    expect(s[0]!.shares.map((x) => [x.itemId, x.kind])).toEqual([
      ['panel', 'takeUp'],
      ['panel', 'takeUp'],
    ]);
    expect(s.length).toBe(3);
    expect(
      new Set(
        s.map((x) => `${x.shares[0]!.itemId}${x.shares[0]!.stockMm}${x.givesUp.map((g) => g.want).join()}`),
      ).size,
    ).toBe(3);
  });
  it('a set too small is told, unless a shop has the rest', () => {
    const few = linenPanel({ count: 3, heightMm: inches(103.5) });
    const short = solveRoom(
      { ...two({}), rules: [{ ruleId: 'windows.stockLengths', value: [inches(63)] }] },
      'look',
      'all',
      { owned: [few], shops: [] },
    ).find((s) => s.shares[0]!.itemId === 'panel');
    expect(short?.givesUp.find((g) => g.want === 'stock')?.by).toBe(5);
    const had = solveRoom(two({}), 'look', 'all', {
      owned: [few],
      shops: [{ name: 'linen panel', stock: 6, price: 3000, leadDays: 4 }],
    })[0]!;
    expect(had).toMatchObject({ givesUp: [], buy: 5, cost: 15_000, leadDays: 4 });
  });
  it('panels that hang in another room are left there, or borrowed and said so', () => {
    const file = { ...two({}), rules: [{ ruleId: 'windows.stockLengths' as const, value: [inches(63)] }] };
    const away = {
      ...linenPanel({ count: 10, heightMm: inches(103.5) }),
      elsewhere: { room: 'Bedroom', count: 6 },
    };
    const s = solveRoom(file, 'look', 'all', { owned: [away], shops: [] }).filter(
      (x) => x.shares[0]!.itemId === 'panel',
    );
    expect(s.map((x) => x.givesUp.map((g) => [g.want, g.by, g.room]))).toEqual([
      [['ownRoom', 4, 'Bedroom']],
      [['stock', 4, undefined]],
    ]);
    expect(s.map((x) => [x.buy, x.cost])).toEqual([
      [0, 0],
      [4, 4 * away.price],
    ]);
    // enough is left here: nothing is borrowed
    const enough = solveRoom(file, 'look', 'all', { owned: [{ ...away, count: 14 }], shops: [] })[0]!;
    expect(enough).toMatchObject({ givesUp: [], buy: 0 });
  });
  it('when nothing satisfies all, the best three differ and each says what it gives up', () => {
    // one frame so high that no line under this ceiling suits both schools, and one length only
    const file = {
      ...two({ sillMm: inches(40), heightMm: inches(60) }),
      rules: [
        { ruleId: 'windows.stockLengths', value: [inches(84)] },
        { ruleId: 'windows.stockHem', value: inches(2) },
      ],
    };
    const s = solveRoom(file, 'look', 'all', { owned: [], shops: [] });
    expect(s.length).toBe(3);
    expect(s.every((x) => x.givesUp.length > 0)).toBe(true);
    // made for both; bought for one of them; bought for both, each at a height of its own
    expect(s.map((x) => x.givesUp.map((g) => g.want))).toEqual([
      ['ready'],
      ['landing', 'oneProduct', 'ready'],
      ['oneLine', 'height', 'landing'],
    ]);
    // with cloth enough for a hem below the sill, the floor can be what gives way: both aprons end 4 in under
    // a trim of 3
    const short = { ...file, rules: [{ ruleId: 'windows.stockLengths' as const, value: [inches(90)] }] };
    const ends = solveRoom(short, 'look', 'all', { owned: [], shops: [] }, 12).find((x) =>
      x.givesUp.some((g) => g.want === 'floor'),
    )!;
    expect(ends.shares.map((x) => [x.stockMm, x.kind, x.hemAt])).toEqual([
      [inches(90), 'takeUp', 'apron'],
      [inches(90), 'takeUp', 'apron'],
    ]);
    expect(ends.givesUp[0]!.by).toBeCloseTo(inches(40 - 3 - 4), 3);
    const look = short.looks[0]!;
    const changed = planLook(solutionChanges(short, look, ends, []).reduce(applyChange, short), {
      lookId: 'look',
    });
    expect(changed.windows.map((w) => [w.hemOn, w.chosenRoute?.kind])).toEqual([
      ['apron', 'takeUp'],
      ['apron', 'takeUp'],
    ]);
  });
  it('some of the windows are dressed together, and the others are left as they hang', () => {
    const base = room(
      [
        opening({ id: 'a', xMm: inches(10), widthMm: inches(30) }),
        opening({ id: 'b', xMm: inches(70), widthMm: inches(30) }),
        opening({ id: 'c', wallId: 's', xMm: inches(70), widthMm: inches(30) }),
      ],
      ['a', 'b', 'c'].map((id) => dressing({ id: `d${id}`, openingId: id })),
    );
    const file = {
      ...base,
      rules: [
        { ruleId: 'windows.stockLengths' as const, value: [inches(98)] },
        { ruleId: 'windows.stockHem' as const, value: inches(2) },
      ],
    };
    const s = solveRoom(file, 'look', 'da dc', { owned: [], shops: [] });
    expect(s.map((x) => x.shares.map((y) => y.dressingId))).toEqual(s.map(() => ['da', 'dc']));
    const lower = s.find((x) => x.givesUp.some((g) => g.want === 'height'))!;
    const previous = planLook(file, { lookId: 'look' }).windows.find((w) => w.dressingId === 'db')!;
    const changed = planLook(solutionChanges(file, file.looks[0]!, lower, []).reduce(applyChange, file), {
      lookId: 'look',
    });
    expect(changed.windows.find((w) => w.dressingId === 'db')).toMatchObject({
      rodHeightMm: previous.rodHeightMm,
      finishedLengthMm: previous.finishedLengthMm,
      chosenRoute: null,
    });
    expect(
      changed.windows
        .filter((w) => w.dressingId !== 'db')
        .map((w) => [w.rodHeightMm, w.chosenRoute?.stockMm]),
    ).toEqual([
      [lower.oneRodMm, inches(98)],
      [lower.oneRodMm, inches(98)],
    ]);
  });
  it('a shop that sells only pairs: as many as are bought, at what they cost, on the list too', () => {
    const pairs = linenPanel({ count: 3, setOf: 2, heightMm: inches(103.5) });
    const s = solveRoom(two({}), 'look', 'all', {
      owned: [pairs],
      shops: [{ name: 'linen panel', stock: 6, price: 3000, leadDays: 4 }],
    }).find((x) => x.shares[0]!.itemId === 'panel')!;
    expect([s.panels, s.owned, s.buy, s.cost]).toEqual([8, 3, 6, 18_000]);
    const file = { ...two({ xMm: inches(90) }, { itemId: 'panel' }), items: [pairs] };
    expect(planLook(file, { lookId: 'look' }).sheet.buy.find((b) => b.kind === 'panelShort')).toMatchObject({
      need: 8,
      have: 3,
      count: 6,
      cost: 6 * 4000,
    });
    const stock = planLook(
      {
        ...room([opening({})], [dressing({ panels: 3 })]),
        rules: [{ ruleId: 'windows.panelsSoldIn', value: 2 }],
      },
      { lookId: 'look' },
    );
    expect(stock.sheet.buy.find((b) => b.kind === 'panels')!.count).toBe(4);
  });
  it('a count that was typed stays typed, and what it costs is what was told', () => {
    const file = room(
      [opening({ id: 'a', xMm: inches(25), widthMm: inches(30) })],
      [dressing({ id: 'da', openingId: 'a', panels: 6 })],
    );
    const s = solveRoom(file, 'look', 'all', { owned: [linenPanel({ count: 2 })], shops: [] })[0]!;
    expect(s).toMatchObject({ panels: 6 });
    const changed = planLook(
      solutionChanges(file, file.looks[0]!, s, [linenPanel({ count: 2 })]).reduce(applyChange, file),
      { lookId: 'look' },
    );
    expect([changed.windows[0]!.panels, changed.windows[0]!.chosenRoute?.kind]).toEqual([
      6,
      s.shares[0]!.kind,
    ]);
  });
  it('a slope that leaves more room at another height: as many panels as then hang', () => {
    const base = room(
      [
        opening({
          id: 'a',
          xMm: inches(16),
          widthMm: inches(22),
          sillMm: inches(10),
          heightMm: inches(30),
          dropsMm: { left: inches(40), middle: inches(40), right: inches(40.75) },
        }),
      ],
      [dressing({ id: 'da', openingId: 'a', fullness: 2.9 })],
    );
    const file = {
      ...base,
      room: {
        ...base.room,
        ceilingMm: inches(75),
        slopes: [{ wallId: 'w', lowMm: inches(32), runMm: inches(12) }],
      },
    };
    const all = solveRoom(file, 'look', 'all', { owned: [], shops: [] });
    expect(all.length).toBeGreaterThan(0);
    for (const s of all) {
      const w = planLook(solutionChanges(file, file.looks[0]!, s, []).reduce(applyChange, file), {
        lookId: 'look',
      }).windows[0]!;
      expect([w.panels, w.chosenRoute?.kind, w.rodHeightMm]).toEqual([
        s.panels,
        s.shares[0]!.kind,
        expect.closeTo(s.shares[0]!.rodMm, 3),
      ]);
    }
  });
  it('where one hem lies on the floor, one that ends on a sill keeps its landing', () => {
    const base = two({});
    const file = {
      ...base,
      rules: [
        { ruleId: 'windows.stockLengths' as const, value: [inches(106.5)] },
        { ruleId: 'windows.stockHem' as const, value: inches(2) },
      ],
      looks: [
        {
          ...base.looks[0]!,
          dressings: base.looks[0]!.dressings.map((d, i) => (i === 1 ? { ...d, hemAt: 'sill' as const } : d)),
        },
      ],
    };
    const lies = solveRoom(file, 'look', 'all', { owned: [], shops: [] }).find(
      (s) => s.givesUp.map((g) => g.want).join() === 'landing',
    )!;
    expect(lies.shares.map((x) => [x.landing, x.kind, x.stockMm])).toEqual([
      ['pool', 'asItIs', inches(106.5)],
      ['kiss', 'takeUp', inches(106.5)],
    ]);
    const look = file.looks[0]!;
    const changed = planLook(solutionChanges(file, look, lies, []).reduce(applyChange, file), {
      lookId: 'look',
    });
    expect(changed.windows.map((w) => [w.landing, w.finishedLengthMm])).toEqual([
      ['pool', inches(106.5)],
      ['kiss', inches(73.5)],
    ]);
  });
  it.each([
    ['early-summer', 'long-room'],
    ['as-found', 'long-room'],
    ['summer', 'lookout'],
  ])('what is taken hangs as told: %s in %s', (lookId, roomId) => {
    const file = demoRoom(roomId);
    const look = file.looks.find((l) => l.id === lookId)!;
    const owned = file.items.filter((i) => i.kind === 'panel');
    for (const s of solveRoom(file, lookId, 'all', { owned: owned, shops: [] })) {
      const changed = planLook(solutionChanges(file, look, s, owned).reduce(applyChange, file), { lookId });
      for (const share of s.shares) {
        const w = changed.windows.find((x) => x.dressingId === share.dressingId)!;
        expect(w.rodHeightMm).toBeCloseTo(share.rodMm, 3);
        expect(w.chosenRoute?.kind, `${share.window} ${share.kind} ${share.stockMm}`).toBe(share.kind);
        expect(w.chosenRoute?.stockMm ?? null).toBe(share.stockMm);
      }
    }
  });
  it('the same question has the same answer, on any ceiling, in both unit systems', () => {
    fc.assert(
      fc.property(fc.integer({ min: 88, max: 144 }), fc.boolean(), (ceiling, metric) => {
        const base = two({});
        const file = {
          ...base,
          room: {
            ...base.room,
            ceilingMm: inches(ceiling),
            unit: metric ? ('cm' as const) : ('in' as const),
          },
        };
        const [a, b] = [
          solveRoom(file, 'look', 'all', { owned: [linenPanel()], shops: [] }),
          solveRoom(file, 'look', 'all', { owned: [linenPanel()], shops: [] }),
        ];
        expect(a).toEqual(b);
        for (const s of a) for (const x of s.shares) expect(x.rodMm).toBeLessThanOrEqual(inches(ceiling));
      }),
      { numRuns: 12 },
    );
  });
});

describe('panels on loan, and sets', () => {
  it('panels of another room are told, with where they are', () => {
    const file = room([opening()], [dressing({ itemId: 'panel' })], {
      items: [linenPanel({ roomId: 'attic', whereabouts: 'Attic shelf' })],
    });
    expect(
      planLook(file, { lookId: 'look' }).findings.find((f) => f.code === 'panels-borrowed')?.by,
    ).toMatchObject({ where: 'Attic shelf', item: 'Linen panel' });
  });
  it('a sheer and a curtain of one kind are counted together', () => {
    const file = room([opening()], [dressing({ itemId: 'panel', sheer: { ...SHEER, itemId: 'panel' } })], {
      items: [linenPanel({ count: 5 })],
    });
    expect(
      planLook(file, { lookId: 'look' }).findings.find((f) => f.code === 'set-short')?.by.need,
    ).toBeGreaterThan(5);
  });
});
