import { describe, expect, it } from 'vitest';
import {
  bareRoom,
  demoRoom,
  demoStudio,
  dressing,
  hanging,
  inches,
  item,
  opening,
  piece,
  placement,
  toIn,
} from '../../../tests/helpers/rooms';
import { applyChange } from '../model/change';
import { GROUP } from '../model/defaults';
import type { RoomFile } from '../model/types';
import { checkRoomFile } from '../stages/measure/check';
import { isPropped } from '../room/lies';
import { planLook } from './planLook';

const codes = (id: string, lookId: string) => planLook(demoRoom(id), { lookId }).findings.map((f) => f.code);

const withoutMemories = ({ memories: _m, ...plan }: ReturnType<typeof planLook>) => plan;

const headOfLook = ({
  dressings: _d,
  hangings: _h,
  groups: _g,
  placements: _p,
  ...head
}: RoomFile['looks'][number]) => head;

describe('the demo studio', () => {
  it('is sound, and rich enough to judge by', () => {
    const studio = demoStudio();
    expect(studio.items.length).toBeGreaterThan(75);
    for (const r of studio.rooms)
      expect(checkRoomFile(demoRoom(r.room.id)).filter((i) => i.level === 'refuse')).toEqual([]);
    expect(new Set(demoRoom('long-room').looks.map((l) => l.name))).toEqual(
      new Set(['As found', 'Early summer', 'Early summer, blue']),
    );
  });
  it('has real faults to find: a rod too low, two near whites, an accent alone, a set one short', () => {
    expect(codes('long-room', 'as-found')).toEqual(
      expect.arrayContaining(['rod-below-the-rule', 'near-miss', 'hook-above-frame']),
    );
    expect(codes('long-room', 'early-summer')).toEqual(
      expect.arrayContaining(['accent-alone', 'cover-bought-short', 'near-miss', 'curtain-on-radiator']),
    );
  });
});

describe('planLook', () => {
  it('plans a room with nothing in it', () => {
    const plan = planLook(bareRoom(), { lookId: 'look' });
    expect(plan.windows).toEqual([]);
    expect(plan.sheet.steps).toEqual([]);
    expect(plan.stages.windows.needs).toBe('a-window');
    expect(plan.spread.families[0]!.share).toBeGreaterThan(0.5);
  });
  it('throws for a look that is not there', () => {
    expect(() => planLook(bareRoom(), { lookId: 'none' })).toThrow('no look none');
  });
  it('is pure: the file is not touched and the same file gives the same plan', () => {
    const file = demoRoom('long-room');
    const previous = JSON.stringify(file);
    const plan = JSON.stringify(planLook(file, { lookId: 'early-summer' }));
    expect(JSON.stringify(file)).toBe(previous);
    expect(JSON.stringify(planLook(demoRoom('long-room'), { lookId: 'early-summer' }))).toBe(plan);
  });
  it('takes over from before only what still holds: after every change the plan is the one made afresh', () => {
    let file = demoRoom('long-room');
    let previous: ReturnType<typeof planLook> | undefined;
    const [window, look] = [
      file.openings.find((o) => o.id === 'harbour-window')!,
      file.looks.find((l) => l.id === 'early-summer')!,
    ];
    const cover = file.items.find((i) => i.id === look.placements.find(isPropped)!.itemId)!;
    const sofa = file.pieces.find((p) => p.seat && p.kind === 'sofa')!;
    const steps: [string, Parameters<typeof applyChange>[1] | null][] = [
      ['early-summer', null],
      ['as-found', null],
      ['early-summer', null],
      ['early-summer', { do: 'putOpening', opening: { ...window, xMm: window.xMm + 90 } }],
      [
        'early-summer',
        {
          do: 'putPiece',
          piece: { ...sofa, xMm: sofa.xMm + 60, seat: { ...sofa.seat!, depthMm: sofa.seat!.depthMm - 250 } },
        },
      ],
      ['early-summer', { do: 'putItem', item: { ...cover, widthMm: cover.widthMm + 100, fill: 'feather' } }],
      [
        'early-summer',
        {
          do: 'removePlacement',
          lookId: 'early-summer',
          id: look.placements.find(isPropped)!.id,
        },
      ],
      [
        'early-summer',
        {
          do: 'setHome',
          home: { ...file.home, flags: { ...file.home.flags, featherFree: true, wheelchair: true } },
        },
      ],
      ['early-summer', { do: 'setRule', rule: { ruleId: 'seats.perSitter', value: inches(30) } }],
      [
        'early-summer',
        { do: 'putHanging', lookId: 'early-summer', hanging: { ...look.hangings[0]!, xMm: inches(70) } },
      ],
      [
        'early-summer',
        { do: 'putDressing', lookId: 'early-summer', dressing: { ...look.dressings[0]!, landing: 'pool' } },
      ],
      ['early-summer', { do: 'putLook', look: { ...headOfLook(look), rodLineMm: inches(94) } }],
      [
        'early-summer',
        {
          do: 'putGroup',
          lookId: 'early-summer',
          group: { ...GROUP, id: 'g', name: 'G', wallId: 'n', kind: 'row' },
        },
      ],
      ['early-summer', { do: 'setRule', rule: { ruleId: 'walls.centre', value: inches(58) } }],
      ['early-summer', { do: 'setRoom', room: { ...file.room, unit: 'cm' } }],
    ];
    for (const [lookId, change] of steps) {
      if (change) file = applyChange(file, change);
      const plan = planLook(file, { lookId, previous });
      expect(withoutMemories(plan)).toEqual(withoutMemories(planLook(structuredClone(file), { lookId })));
      previous = plan;
    }
  });
  it('follows a drop by an eighth of an inch, and moves nothing else', () => {
    const file = demoRoom('long-room');
    const window = file.openings.find((o) => o.id === 'harbour-window')!;
    const moved = applyChange(file, {
      do: 'putOpening',
      opening: {
        ...window,
        dropsMm: {
          ...window.dropsMm!,
          left: window.dropsMm!.left + inches(1 / 8),
          middle: window.dropsMm!.middle + inches(1 / 8),
          right: window.dropsMm!.right + inches(1 / 8),
        },
      },
    });
    const [a, b] = [planLook(file, { lookId: 'early-summer' }), planLook(moved, { lookId: 'early-summer' })];
    a.windows[0]!.panelPlans.forEach((p, i) =>
      expect(toIn(b.windows[0]!.panelPlans[i]!.finishedLengthMm - p.finishedLengthMm)).toBeCloseTo(1 / 8, 6),
    );
    expect(b.windows[0]!.rodHeightMm).toBe(a.windows[0]!.rodHeightMm);
    expect(b.windows[1]).toEqual(a.windows[1]);
    expect(b.hangings).toEqual(a.hangings);
    expect(b.seats).toEqual(a.seats);
  });
  it('keeps windows of different heads on one line, and one moved by hand moves all', () => {
    const file = demoRoom('long-room');
    const plan = planLook(file, { lookId: 'early-summer' });
    expect(new Set(plan.windows.map((w) => w.rodHeightMm)).size).toBe(1);
    const {
      dressings: _d,
      hangings: _h,
      groups: _g,
      placements: _p,
      ...head
    } = file.looks.find((l) => l.id === 'early-summer')!;
    const lower = planLook(applyChange(file, { do: 'putLook', look: { ...head, rodLineMm: inches(95) } }), {
      lookId: 'early-summer',
    });
    expect(lower.windows.map((w) => toIn(w.rodHeightMm))).toEqual([95, 95]);
    expect(lower.findings.map((f) => f.code)).toContain('rod-below-the-rule');
  });
  it('lets each window keep its own height when the studio says so', () => {
    const plan = planLook(
      {
        ...demoRoom('long-room'),
        rules: [
          { ruleId: 'windows.rodLine', school: 'each' },
          { ruleId: 'windows.heightSchool', school: 'overFrame' },
        ],
      },
      { lookId: 'early-summer' },
    );
    expect(plan.rodLineMm).toBeNull();
    expect(plan.windows.map((w) => toIn(w.rodHeightMm - w.frameTopMm))).toEqual([5, 5]);
  });
  it('counts panels over all windows against what is owned', () => {
    const file = bareRoom(inches(240));
    const panel = item({
      id: 'panel',
      kind: 'panel',
      name: 'Linen',
      widthMm: inches(54),
      heightMm: inches(96),
      count: 4,
    });
    const full = {
      ...file,
      openings: [opening({ id: 'a', xMm: inches(30) }), opening({ id: 'b', xMm: inches(150) })],
      items: [panel],
      looks: [
        {
          ...file.looks[0]!,
          dressings: [
            dressing({ id: 'da', openingId: 'a', itemId: 'panel' }),
            dressing({ id: 'db', openingId: 'b', itemId: 'panel' }),
          ],
        },
      ],
    };
    const short = planLook(full, { lookId: 'look' }).findings.find((f) => f.code === 'set-short')!;
    expect(short.by).toMatchObject({ need: 8, have: 4 });
    expect(planLook(full, { lookId: 'look' }).sheet.buy.find((b) => b.kind === 'panelShort')).toMatchObject({
      count: 4,
      need: 8,
      have: 4,
    });
  });
  it('warns of a curtain by a heater round the corner', () => {
    const file = bareRoom();
    const full = {
      ...file,
      openings: [opening({ xMm: inches(110) })],
      fittings: [
        {
          id: 'f',
          name: 'Heater',
          kind: 'heater' as const,
          mantel: null,
          rises: 'right' as const,
          wallId: 'e',
          xMm: inches(6),
          widthMm: inches(18),
          bottomMm: 0,
          heightMm: inches(16),
          depthMm: inches(8),
          colours: [{ l: 90, a: 0, b: 0, share: 1 }],
        },
      ],
      looks: [{ ...file.looks[0]!, dressings: [dressing()] }],
    };
    const found = planLook(full, { lookId: 'look' }).findings.find((f) => f.code === 'curtain-by-heater')!;
    expect(toIn(found.by.distanceMm as number)).toBeLessThan(36);
  });
});

describe('the fitting sheet', () => {
  const plan = planLook(demoRoom('long-room'), { lookId: 'early-summer' });
  it('goes rods, curtains, pictures, seats, surfaces', () => {
    const order = ['rod', 'curtain', 'picture', 'seat', 'surface'];
    const kinds = plan.sheet.steps.map((s) => order.indexOf(s.kind));
    expect(kinds).toEqual([...kinds].sort((a, b) => a - b));
    expect(kinds.length).toBeGreaterThan(6);
  });
  it('gives each mark from the floor and from one level line', () => {
    for (const m of plan.sheet.steps.flatMap((s) => s.marks))
      expect(m.heightMm - m.fromLineMm).toBeCloseTo(plan.sheet.levelLineMm, 6);
  });
  it('has a fingerprint that stays while nothing changes and moves when a mark does', () => {
    const file = demoRoom('long-room');
    const again = planLook(file, { lookId: 'early-summer' });
    expect(again.sheet.fingerprint).toBe(plan.sheet.fingerprint);
    const h = file.looks.find((l) => l.id === 'early-summer')!.hangings[1]!;
    expect(
      planLook(
        applyChange(file, {
          do: 'putHanging',
          lookId: 'early-summer',
          hanging: { ...h, centreMm: inches(59) },
        }),
        { lookId: 'early-summer' },
      ).sheet.fingerprint,
    ).not.toBe(plan.sheet.fingerprint);
  });
  it('says so on the rail when the sheet that was taken along is no longer right', () => {
    const file = demoRoom('long-room');
    const {
      dressings: _d,
      hangings: _h,
      groups: _g,
      placements: _p,
      ...head
    } = file.looks.find((l) => l.id === 'early-summer')!;
    const taken = applyChange(file, { do: 'putLook', look: { ...head, sheetTaken: plan.sheet.fingerprint } });
    expect(planLook(taken, { lookId: 'early-summer' }).stages.fitting.state).toBe('done');
    const window = taken.openings[0]!;
    expect(
      planLook(
        applyChange(taken, { do: 'putOpening', opening: { ...window, xMm: window.xMm + inches(1) } }),
        { lookId: 'early-summer' },
      ).stages.fitting.state,
    ).toBe('stale');
  });
  it('adds up its costs', () => {
    expect(plan.sheet.cost).toBe(plan.sheet.buy.reduce((s, b) => s + (b.cost ?? 0), 0));
  });
});

describe('the scene', () => {
  it('hides the sofa behind its pillows: what is covered is not counted twice', () => {
    const file = bareRoom();
    const bare = { ...file, pieces: [piece()], items: [item({ widthMm: inches(24), heightMm: inches(24) })] };
    const dressed = { ...bare, looks: [{ ...bare.looks[0]!, placements: [placement({ xMm: inches(36) })] }] };
    const [a, b] = [planLook(bare, { lookId: 'look' }), planLook(dressed, { lookId: 'look' })];
    expect(b.spread.seenAreaMm2).toBeCloseTo(a.spread.seenAreaMm2, 3);
  });
  it('counts no colour for cloth that is not chosen yet, though it covers the wall', () => {
    const file = bareRoom();
    const bare = planLook({ ...file, openings: [opening()] }, { lookId: 'look' });
    const undyed = planLook(
      { ...file, openings: [opening()], looks: [{ ...file.looks[0]!, dressings: [dressing()] }] },
      { lookId: 'look' },
    );
    expect(undyed.spread.families.map((f) => f.id)).toEqual(
      expect.arrayContaining(bare.spread.families.map((f) => f.id)),
    );
    expect(undyed.findings.filter((f) => f.code === 'near-miss').length).toBe(
      bare.findings.filter((f) => f.code === 'near-miss').length,
    );
    expect(undyed.spread.seenAreaMm2).toBeLessThan(bare.spread.seenAreaMm2);
  });
  it('shows every piece on exactly one wall', () => {
    const plan = planLook(demoRoom('long-room'), { lookId: 'early-summer' });
    for (const p of demoRoom('long-room').pieces.filter((x) => x.kind !== 'rug'))
      expect(plan.elevations.filter((e) => e.shapes.some((s) => s.about === p.id)).length).toBe(1);
  });
  it('hangs a picture where its plan says', () => {
    const file = bareRoom();
    const full = {
      ...file,
      items: [item({ kind: 'art', widthMm: inches(30), heightMm: inches(20) })],
      looks: [{ ...file.looks[0]!, hangings: [hanging()] }],
    };
    const plan = planLook(full, { lookId: 'look' });
    const shape = plan.elevations[0]!.shapes.find((s) => s.form === 'picture')!;
    expect(shape.box.yMm + shape.box.heightMm / 2).toBeCloseTo(plan.hangings[0]!.centreMm, 6);
    expect(plan.stages.walls.done).toBe(1);
  });
});
