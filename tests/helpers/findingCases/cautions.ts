import type { Item, RoomFile } from '../../../src/core/model/types';
import { inches, item, opening, placement, standing } from '../rooms';
import { room, win, art, hung, nothing, box } from './given';
import type { FindingCases } from './case';

const onTable = (i: Item, flags: Partial<RoomFile['home']['flags']>) =>
  room({
    pieces: [box('table', [84, 72], [40, 24], { kind: 'coffeeTable' })],
    items: [i],
    placements: [placement({ ...standing('table'), xMm: inches(20) })],
    flags,
  });
const candles = (apartIn: number) =>
  room({
    pieces: [box('table', [84, 72], [60, 24], { kind: 'console' })],
    items: [
      item({ id: 'c', kind: 'candle', widthMm: inches(2), heightMm: inches(6) }),
      item({ id: 'g', kind: 'plant', widthMm: inches(6), heightMm: inches(10) }),
    ],
    placements: [
      placement({ id: 'a', itemId: 'c', ...standing('table'), xMm: inches(10) }),
      placement({ id: 'b', itemId: 'g', ...standing('table'), xMm: inches(10 + apartIn) }),
    ],
  });
const found = (verdict: RoomFile['clear']['found'][number]['verdict']) => ({
  id: 'f',
  itemId: 'i1',
  wallId: null,
  verdict,
  toRoomId: null,
  placeId: null,
});
const task = (more: Partial<RoomFile['clear']['tasks'][number]>) => ({
  id: 't',
  kind: 'carpet' as const,
  text: 'Powder the carpet',
  itemId: null,
  waitMinutes: 0,
  startedAt: null,
  done: false,
  ...more,
});

export const CAUTIONS_CASES = {
  ladder: { level: 'caution', shows: win(), not: hung(art(30, 20)) },
  'two-people-rod': {
    level: 'caution',
    shows: win({ widthMm: inches(70), xMm: inches(40) }),
    not: hung(art(30, 20)),
  },
  'detector-before-drilling': { level: 'caution', shows: win(), not: nothing },
  'rating-of-fixings': { level: 'caution', shows: hung(art(30, 20)), not: nothing },
  'rented-no-drill': {
    level: 'caution',
    shows: hung(art(30, 20), {}, { flags: { rented: true } }),
    not: hung(art(30, 20)),
  },
  'rests-on-guess': {
    level: 'caution',
    shows: win(
      {},
      {},
      { room: { readings: [{ about: 'o1', field: 'widthMm', guess: true, secondMm: null }] } },
    ),
    not: win(
      {},
      {},
      { room: { readings: [{ about: 'o1', field: 'widthMm', guess: false, secondMm: 1000 }] } },
    ),
  },
  'readings-differ': {
    level: 'caution',
    shows: win(
      {},
      {},
      { room: { readings: [{ about: 'o1', field: 'widthMm', guess: false, secondMm: 1000 }] } },
    ),
    not: win(),
  },
  'bed-by-window': {
    level: 'caution',
    shows: room({ openings: [opening()], pieces: [box('c', [84, 37], [30, 30], { kind: 'cot' })] }),
    not: room({ openings: [opening()], pieces: [box('c', [84, 39], [30, 30], { kind: 'cot' })] }),
  },
  'glazed-over-cot': {
    level: 'stop',
    shows: hung(
      art(20, 20, { glazed: true }),
      {},
      { pieces: [box('c', [84, 20], [54, 30], { kind: 'cot' })] },
    ),
    not: hung(art(20, 20), {}, { pieces: [box('c', [84, 20], [54, 30], { kind: 'cot' })] }),
  },
  'can-tip': {
    level: 'caution',
    shows: room({
      pieces: [box('c', [84, 20], [40, 18], { kind: 'chest', heightMm: inches(27) })],
      flags: { childrenAges: [6] },
    }),
    not: room({
      pieces: [box('c', [84, 20], [40, 18], { kind: 'chest', heightMm: inches(26) })],
      flags: { childrenAges: [6] },
    }),
  },
  'poisonous-plant': {
    level: 'caution',
    shows: onTable(item({ kind: 'plant', poisonous: true }), { pets: true }),
    not: onTable(item({ kind: 'plant', poisonous: true }), {}),
  },
  'wool-in-wool-free': {
    level: 'stop',
    shows: onTable(item({ fibre: 'wool' }), { woolFree: true }),
    not: onTable(item({ fibre: 'cotton' }), { woolFree: true }),
  },
  'scent-in-scent-free': {
    level: 'stop',
    shows: onTable(item({ kind: 'candle', scented: true }), { scentFree: true }),
    not: onTable(item({ kind: 'candle' }), { scentFree: true }),
  },
  'small-part-in-reach': {
    level: 'caution',
    shows: onTable(item({ kind: 'object', widthMm: 25, heightMm: 25, depthMm: 25 }), { childrenAges: [1.5] }),
    not: onTable(item({ kind: 'object', widthMm: 60, heightMm: 60, depthMm: 60 }), { childrenAges: [1.5] }),
  },
  'candle-near-cloth': { level: 'caution', shows: candles(14), not: candles(20) },
  'candle-in-reach': {
    level: 'caution',
    shows: onTable(item({ kind: 'candle' }), { pets: true }),
    not: onTable(item({ kind: 'candle' }), {}),
  },
  'sash-meets-curtain': {
    level: 'caution',
    shows: win({ opens: 'in', hinge: 'left' }, { rodHeightMm: inches(80) }),
    not: win({ opens: 'in', hinge: 'left' }, { rodHeightMm: inches(84) }),
  },

  'colour-unseen': { level: 'caution', shows: onTable(item({ seen: false }), {}), not: onTable(item(), {}) },
  'colour-uncorrected': {
    level: 'yielded',
    shows: onTable(item({ colourFrom: 'photo' }), {}),
    not: onTable(item({ colourFrom: 'corrected' }), {}),
  },

  'verdicts-open': {
    level: 'caution',
    shows: room({ items: [item()], clear: { found: [found(null)] } }),
    not: room({ items: [item()], clear: { found: [found('stays')] } }),
  },
  'task-waits': {
    level: 'yielded',
    shows: room({ clear: { tasks: [task({ startedAt: '2026-01-01T10:00:00.000Z', waitMinutes: 15 })] } }),
    not: room({
      clear: { tasks: [task({ startedAt: '2026-01-01T10:00:00.000Z', waitMinutes: 15, done: true })] },
    }),
  },
  'bleach-alone': {
    level: 'caution',
    shows: room({ clear: { tasks: [task({ kind: 'clean' })] } }),
    not: room({ clear: { tasks: [task({ kind: 'mend' })] } }),
  },
  'keep-dry': {
    level: 'caution',
    shows: room({ items: [item({ fibre: 'wool' })], clear: { found: [found('away')] } }),
    not: room({ items: [item({ fibre: 'cotton' })], clear: { found: [found('away')] } }),
  },
} satisfies FindingCases;
