import type { Dressing, Item, Opening } from '../../../src/core/model/types';
import { SHEER } from '../../../src/core/model/defaults';
import { dressing, inches, opening, linenPanel } from '../rooms';
import { type Given, box, fitting, room, win } from './given';
import type { FindingCases } from './case';

// a window
const drops = (left: number, middle: number, right: number): Partial<Opening> => ({
  dropsMm: { left: inches(left), middle: inches(middle), right: inches(right) },
});
const panel = (more: Partial<Item> = {}) => linenPanel({ heightMm: inches(96), price: 0, ...more });
const cloth = (more: Partial<Item>, d: Partial<Dressing> = {}) =>
  win({}, { itemId: 'panel', ...d }, { items: [panel(more)] });
const two = (d: Partial<Dressing>, xIn = 110) =>
  room({
    openings: [
      opening({ id: 'a', xMm: inches(20), widthMm: inches(36) }),
      opening({ id: 'b', xMm: inches(xIn), widthMm: inches(36) }),
    ],
    dressings: [dressing({ id: 'da', openingId: 'a' }), dressing({ id: 'db', openingId: 'b', ...d })],
  });
/** A window under a vent beside a taller one. */
const underVent = (bottomIn: number) => {
  const taller = two({});
  return {
    ...taller,
    openings: taller.openings.map((o) => (o.id === 'b' ? { ...o, heightMm: inches(58) } : o)),
    fittings: [fitting('vent', 'n', [20, bottomIn], [36, 2])],
  };
};
const RUNS = drops(78, 78.5, 79);
const TENSION = { mount: 'inside', heading: 'rodPocket', rod: { make: 'tension', outerMm: null } } as const;
const inReveal = (o: Partial<Opening>) => win(o, TENSION);
const heavyInside = (clothGsm: number) =>
  win({ revealMm: inches(4) }, { ...TENSION, itemId: 'panel' }, { items: [panel({ clothGsm })] });
const french = (o: Partial<Opening>, d: Partial<Dressing>) =>
  win(
    {
      kind: 'frenchDoor',
      sillMm: 0,
      heightMm: inches(80),
      opens: 'out',
      hinge: 'both',
      ...drops(80, 80, 80),
      ...o,
    },
    d,
  );
const shower = (wIn: number, d: Partial<Dressing> = {}) =>
  room({
    fittings: [{ ...fitting('tub', 'n', [10, 0], [wIn, 22]), id: 'tub' }],
    dressings: [
      dressing({
        openingId: 'tub',
        landing: 'clear',
        rod: { make: 'tension', outerMm: null },
        drawn: 'closed',
        ...d,
      }),
    ],
  });
const ADVISE: Given = { rules: [{ ruleId: 'windows.unevenFloor', school: 'advise' }] };
const PLEATED = { heading: 'pinchPleat', route: { kind: 'made', stockMm: null } } as const;

export const WINDOWS_CASES = {
  'floor-not-measured': { level: 'caution', shows: win({ dropsMm: null }), not: win() },
  'floor-level': { level: 'ok', shows: win(drops(78, 78.125, 78)), not: win(RUNS) },
  'hems-differ': {
    level: 'caution',
    shows: win(RUNS),
    not: win(RUNS, {}, { rules: [{ ruleId: 'windows.unevenFloor', school: 'oneLength' }] }),
  },
  'kiss-over-uneven-floor': { level: 'caution', shows: win(RUNS), not: win(RUNS, { landing: 'clear' }) },
  'clear-over-uneven-floor': {
    level: 'caution',
    shows: win(RUNS, { landing: 'clear' }),
    not: win({}, { landing: 'clear' }),
  },
  'floor-hidden-by-landing': {
    level: 'ok',
    shows: win(RUNS, { landing: 'pool' }),
    not: win(drops(78, 80, 82), { landing: 'break' }),
  },
  'rod-held-under-ceiling': {
    level: 'yielded',
    shows: win({}, {}, { ceilingIn: 80, rules: [{ ruleId: 'windows.heightSchool', school: 'overFrame' }] }),
    not: win({}, {}, { rules: [{ ruleId: 'windows.heightSchool', school: 'overFrame' }] }),
  },
  'rod-off-the-line': { level: 'caution', shows: two({ rodHeightMm: inches(92) }), not: two({}) },
  'rod-follows': { level: 'ok', shows: win({}, {}, { room: { crownMm: inches(4) } }), not: win({}) },
  'rods-meet': { level: 'yielded', shows: two({}, 70), not: two({}) },
  'rod-below-the-rule': {
    level: 'caution',
    shows: win({}, { rodHeightMm: inches(85) }),
    not: win({}, { rodHeightMm: inches(92) }),
  },
  'rod-below-frame': {
    level: 'stop',
    shows: win({}, { rodHeightMm: inches(80.875) }),
    not: win({}, { rodHeightMm: inches(81) }),
  },
  'rod-above-ceiling': {
    level: 'stop',
    shows: win({}, { rodHeightMm: inches(96.125) }),
    not: win({}, { rodHeightMm: inches(96) }),
  },
  'bracket-held-by-neighbour': { level: 'yielded', shows: win({ xMm: inches(6) }), not: win() },
  'bracket-past-the-wall': {
    level: 'stop',
    shows: win({ xMm: inches(6) }, { extensionLeftMm: inches(12) }),
    not: win({}, { extensionLeftMm: inches(12) }),
  },
  'cloth-meets': {
    level: 'caution',
    shows: win({}, {}, { pieces: [box('desk', [84, 10], [40, 20])] }),
    not: win({}, {}, { pieces: [box('desk', [84, 20], [40, 20])] }),
  },
  'cloth-weight-guessed': { level: 'caution', shows: cloth({ clothGsm: 0 }), not: cloth({}) },
  'side-panels': { level: 'ok', shows: win({}, { decorative: true }), not: win() },
  'line-split': {
    level: 'yielded',
    shows: underVent(84),
    not: underVent(94),
  },
  'looped-cord': {
    level: 'stop',
    shows: win({ blindCord: 'loop' }, {}, { room: { childsRoom: true } }),
    not: win({ blindCord: 'loop' }),
  },
  'cord-unknown': {
    level: 'caution',
    shows: win({}, {}, { room: { childsRoom: true } }),
    not: win({ blindCord: 'none' }, {}, { room: { childsRoom: true } }),
  },
  'bracket-widened-for-stack': {
    level: 'ok',
    shows: cloth({ clothGsm: 460 }),
    not: cloth({ clothGsm: 460 }, { extensionLeftMm: inches(7), extensionRightMm: inches(7) }),
  },
  'glass-clear': { level: 'ok', shows: win(), not: win({ xMm: inches(6), widthMm: inches(150) }) },
  'glass-covered': { level: 'caution', shows: win({ xMm: inches(6), widthMm: inches(150) }), not: win() },
  'fullness-good': { level: 'ok', shows: win(), not: cloth({}, { panels: 2 }) },
  'fullness-more': {
    level: 'yielded',
    shows: win({ widthMm: inches(30) }),
    not: win({ widthMm: inches(48) }),
  },
  'fullness-low': { level: 'caution', shows: cloth({}, { panels: 2 }), not: win() },
  'nothing-in-stock-lands': {
    level: 'caution',
    shows: win({}, {}, { rules: [{ ruleId: 'windows.stockLengths', value: [inches(63)] }] }),
    not: win(),
  },
  'length-not-positive': { level: 'stop', shows: win({}, { rodHeightMm: inches(1) }), not: win() },
  'set-short': { level: 'caution', shows: cloth({ count: 3 }), not: cloth({ count: 4 }) },
  'panels-borrowed': {
    level: 'yielded',
    shows: cloth({ roomId: 'elsewhere' }),
    not: cloth({ roomId: 'room' }),
  },
  'reveal-too-shallow': {
    level: 'caution',
    shows: inReveal({ revealMm: inches(1) }),
    not: inReveal({ revealMm: inches(4) }),
  },
  'inside-rod-meets-sash': {
    level: 'caution',
    shows: inReveal({ revealMm: inches(4), opens: 'in', hinge: 'left' }),
    not: inReveal({ revealMm: inches(4), opens: 'out', hinge: 'left' }),
  },
  'shower-too-narrow': { level: 'caution', shows: shower(80, { panels: 1 }), not: shower(60, { panels: 1 }) },
  'shower-hem': { level: 'ok', shows: shower(60), not: win() },
  'one-length-shows-floor': {
    level: 'caution',
    shows: win(RUNS, {}, ADVISE),
    not: win(RUNS, { landing: 'break' }, ADVISE),
  },
  'pool-on-sill': {
    level: 'caution',
    shows: win({}, { hemAt: 'sill', landing: 'pool' }),
    not: win({}, { hemAt: 'sill', landing: 'clear' }),
  },
  'hem-in-doorway': {
    level: 'caution',
    shows: french({}, { landing: 'pool' }),
    not: french({}, { landing: 'clear' }),
  },
  'pool-by-way': {
    level: 'caution',
    shows: win({}, { landing: 'pool' }, { fittings: [fitting('stairs', 'n', [126, 0], [36, 60])] }),
    not: win({}, { landing: 'kiss' }, { fittings: [fitting('stairs', 'n', [126, 0], [36, 60])] }),
  },
  'pleats-cloth-off': {
    level: 'caution',
    shows: win({}, { ...PLEATED, fullness: 3.4 }),
    not: win({}, { ...PLEATED, fullness: 2 }),
  },
  'curtain-over-vent': {
    level: 'caution',
    shows: win({}, {}, { fittings: [fitting('vent', 'n', [75, 4], [12, 6])] }),
    not: win({}, { hemAt: 'apron' }, { fittings: [fitting('vent', 'n', [75, 4], [12, 6])] }),
  },
  'heading-needs-track': {
    level: 'stop',
    shows: win({}, { heading: 'wave' }),
    not: win({}, { heading: 'wave', rod: { make: 'track', outerMm: null } }),
  },
  'heading-not-on-track': {
    level: 'stop',
    shows: win({}, { heading: 'grommet', rod: { make: 'track', outerMm: null } }),
    not: win({}, { heading: 'pinchPleat', rod: { make: 'track', outerMm: null } }),
  },
  'tension-needs-two-sides': {
    level: 'stop',
    shows: win({}, { rod: { make: 'tension', outerMm: null } }),
    not: inReveal({ revealMm: inches(4) }),
  },
  'tension-too-long': {
    level: 'caution',
    shows: inReveal({ widthMm: inches(61), revealMm: inches(4) }),
    not: inReveal({ widthMm: inches(60), revealMm: inches(4) }),
  },
  'tension-too-heavy': { level: 'caution', shows: heavyInside(1400), not: heavyInside(150) },
  'rod-sags': {
    level: 'caution',
    shows: win(
      { widthMm: inches(60) },
      { rod: { make: 'tube', outerMm: 4 }, itemId: 'panel' },
      { items: [panel({ clothGsm: 2500 })] },
    ),
    not: win({ widthMm: inches(60) }),
  },
  'centre-brackets': {
    level: 'ok',
    shows: win({ xMm: inches(20), widthMm: inches(120) }),
    not: win({ widthMm: inches(30) }),
  },
  'bracket-by-lintel-edge': {
    level: 'caution',
    shows: win({}, { rodHeightMm: inches(84.5) }),
    not: win({}, { rodHeightMm: inches(86) }),
  },
  'bracket-cable-zone': {
    level: 'caution',
    shows: win({}, {}, { fittings: [fitting('socket', 'n', [46, 12], [5, 3])] }),
    not: win({}, {}, { fittings: [fitting('socket', 'n', [64, 12], [5, 3])] }),
  },
  'rented-tension': { level: 'caution', shows: win({}, {}, { flags: { rented: true } }), not: win() },
  'seen-by-lamp': {
    level: 'caution',
    shows: win(
      { overlooked: true },
      { drawn: 'closed', sheer: { ...SHEER, drawn: 'open' }, lightShare: 0.5 },
      {},
    ),
    not: win(
      { overlooked: true },
      { drawn: 'closed', sheer: { ...SHEER, drawn: 'closed' }, lightShare: 0.5 },
      {},
    ),
  },
  'never-hidden': {
    level: 'caution',
    shows: win({ overlooked: true }, { lightShare: 0.6 }),
    not: win({ overlooked: true }, { lightShare: 0.2 }),
  },
  hidden: {
    level: 'ok',
    shows: win({ overlooked: true }, { drawn: 'closed' }),
    not: win({ overlooked: true }, { drawn: 'open' }),
  },
  'hazy-hidden': { level: 'ok', shows: win({ hazy: true }, { sheer: SHEER }), not: win({ hazy: true }) },
  'hazy-shows': { level: 'yielded', shows: win({ hazy: true }), not: win({ hazy: true }, { sheer: SHEER }) },
  'leaf-meets-rod': {
    level: 'stop',
    shows: french({ opens: 'in' }, { rodHeightMm: inches(80.5) }),
    not: french({ opens: 'in' }, { rodHeightMm: inches(83) }),
  },
  'leaf-meets-stack': {
    level: 'caution',
    shows: french(
      { opens: 'in', hinge: 'both' },
      { extensionLeftMm: inches(2), extensionRightMm: inches(2) },
    ),
    not: french({ opens: 'in', hinge: 'both' }, {}),
  },
  'leaf-screws': {
    level: 'caution',
    shows: french({ opens: 'in', hinge: 'both' }, { mount: 'leaf', heading: 'rodPocket' }),
    not: french({ opens: 'in', hinge: 'both' }, {}),
  },
  'leaf-covered': {
    level: 'ok',
    shows: french({ opens: 'in', hinge: 'both' }, { mount: 'leaf', heading: 'rodPocket' }),
    not: french({ opens: 'in', hinge: 'both' }, {}),
  },
  'curtain-by-heater': {
    level: 'caution',
    shows: win({}, {}, { fittings: [fitting('heater', 'n', [130, 0])] }),
    not: win({}, {}, { fittings: [fitting('heater', 's', [60, 0])] }),
  },
  'curtain-on-radiator': {
    level: 'caution',
    shows: win({}, {}, { fittings: [fitting('radiator', 'n', [70, 4])] }),
    not: win({}, {}, { fittings: [fitting('radiator', 'n', [2, 4])] }),
  },
  'pool-on-wheels': {
    level: 'caution',
    shows: win({}, { landing: 'pool' }, { flags: { wheelchair: true } }),
    not: win({}, { landing: 'break' }, { flags: { wheelchair: true } }),
  },
  'owned-panel-short': { level: 'caution', shows: cloth({ heightMm: inches(84) }), not: cloth({}) },
} satisfies FindingCases;
