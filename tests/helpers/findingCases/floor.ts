import type { Opening, Piece } from '../../../src/core/model/types';
import { inches, opening, piece } from '../rooms';
import { room, fitting, box } from './given';
import type { FindingCases } from './case';

const seatAt = (id: string, x: number, y: number): Piece =>
  box(id, [x, y], [30, 30], {
    kind: 'armchair',
    seat: {
      widthMm: inches(22),
      heightMm: inches(18),
      depthMm: inches(22),
      seats: 1,
      wantedSitters: 1,
      armHeightMm: 0,
      looseCushions: 0,
    },
  });
const rug = (x: number, y: number, w: number, d: number, id = 'rug'): Piece =>
  box(id, [x, y], [w, d], { kind: 'rug', heightMm: inches(0.5) });
const door = (more: Partial<Opening> = {}): Opening =>
  opening({
    id: 'door',
    name: 'Door',
    kind: 'door',
    wallId: 's',
    xMm: inches(67),
    widthMm: inches(34),
    sillMm: 0,
    heightMm: inches(80),
    dropsMm: null,
    opens: 'in',
    hinge: 'left',
    ...more,
  });
/** A sofa by the north wall, a door in the south wall, and a wall of chests between with one gap. */
const passage = (gapIn: number) =>
  room({
    openings: [door({ opens: 'out' })],
    pieces: [
      piece({ yMm: inches(20) }),
      box('left', [35, 85], [70, 16]),
      box('right', [70 + gapIn + (168 - 70 - gapIn) / 2, 85], [168 - 70 - gapIn, 16]),
    ],
  });
/** A door that swings out, in a home with a wheelchair. Its leaf takes 1¾ in. */
const onWheels = (widthIn: number) =>
  room({ openings: [door({ opens: 'out', widthMm: inches(widthIn) })], flags: { wheelchair: true } });
/** A sofa for one with a table beside it. */
const endTable = (x: number) => {
  const sofa = piece();
  const seat = sofa.seat && { ...sofa.seat, wantedSitters: 1 };
  return room({ pieces: [{ ...sofa, seat }, box('t', [x, 20], [20, 20], { kind: 'sideTable' })] });
};
const withTable = (gapIn: number, school = 'atLeast') =>
  room({
    rules: [{ ruleId: 'floor.sofaTableSchool', school }],
    pieces: [
      piece({ yMm: inches(20) }),
      box('table', [84, 38 + gapIn + 12], [40, 24], { kind: 'coffeeTable' }),
    ],
  });
const withRug = (tuckIn: number) =>
  room({ pieces: [piece({ yMm: inches(20) }), rug(84, 38 - tuckIn + 30, 96, 60)] });
const layered = (offIn: number, borderIn: number) =>
  room({
    pieces: [
      rug(84, 72, 100, 80, 'lower'),
      rug(84 + offIn, 72, 100 - 2 * borderIn, 80 - 2 * borderIn, 'upper'),
    ],
  });
const doorAndRug = (underIn: number) =>
  room({ openings: [door({ underMm: inches(underIn) })], pieces: [rug(84, 115, 40, 40)] });
const bedroom = (sideIn: number) =>
  room({
    pieces: [
      box('bed', [sideIn + 30, 60], [60, 80], {
        kind: 'bed',
        bed: { mattressMm: inches(18), thickMm: null, headboardMm: inches(18), footboardMm: 0 },
      }),
    ],
  });

export const FLOOR_CASES = {
  'walkway-narrow': { level: 'caution', shows: passage(29), not: passage(30) },
  'no-way-to': {
    level: 'caution',
    shows: room({
      openings: [door()],
      pieces: [piece({ yMm: inches(20) }), box('wall', [84, 80], [168, 10])],
    }),
    not: passage(30),
  },
  'door-narrow-for-wheels': { level: 'caution', shows: onWheels(33), not: onWheels(34) },
  'walkways-good': { level: 'ok', shows: passage(30), not: passage(29) },
  'seat-out-of-talk': {
    level: 'caution',
    shows: room({ ceilingIn: 96, pieces: [seatAt('p1', 20, 20), seatAt('p2', 148, 20)] }),
    not: room({ pieces: [seatAt('p1', 20, 20), seatAt('p2', 110, 20)] }),
  },
  'seats-talk': {
    level: 'ok',
    shows: room({ pieces: [seatAt('p1', 20, 20), seatAt('p2', 116, 20)] }),
    not: room({ pieces: [seatAt('p1', 20, 20), seatAt('p2', 140, 20)] }),
  },
  'seat-without-surface': {
    level: 'caution',
    shows: endTable(155),
    not: endTable(154),
  },
  'seat-without-light': {
    level: 'caution',
    shows: room({
      pieces: [
        seatAt('p1', 20, 20),
        box('l', [92, 20], [14, 14], { kind: 'floorLamp', heightMm: inches(60) }),
      ],
    }),
    not: room({
      pieces: [
        seatAt('p1', 20, 20),
        box('l', [90, 20], [14, 14], { kind: 'floorLamp', heightMm: inches(60) }),
      ],
    }),
  },
  'sofa-table-near': { level: 'caution', shows: withTable(17.75), not: withTable(18) },
  'sofa-table-far': { level: 'caution', shows: withTable(18.25, 'reach'), not: withTable(18, 'reach') },
  'sofa-table-good': { level: 'ok', shows: withTable(18), not: withTable(17) },
  'rug-tuck-good': { level: 'ok', shows: withRug(10), not: withRug(9) },
  'rug-tuck-off': { level: 'caution', shows: withRug(9), not: withRug(10) },
  'layer-border-good': { level: 'ok', shows: layered(0, 10), not: layered(0, 7) },
  'layer-border-off': { level: 'caution', shows: layered(0, 7), not: layered(0, 8) },
  'layer-border-uneven': { level: 'caution', shows: layered(1.5, 12), not: layered(1, 12) },
  'rug-by-toilet': {
    level: 'caution',
    shows: room({ fittings: [fitting('toilet', 'n', [70, 0], [15, 30])], pieces: [rug(78, 30, 40, 30)] }),
    not: room({ fittings: [fitting('toilet', 'n', [70, 0], [15, 30])], pieces: [rug(78, 50, 40, 30)] }),
  },
  'rug-on-wheels': {
    level: 'caution',
    shows: room({ pieces: [rug(84, 72, 60, 40)], flags: { wheelchair: true } }),
    not: room({ pieces: [rug(84, 72, 60, 40)] }),
  },
  'door-over-rug': { level: 'caution', shows: doorAndRug(0.5), not: doorAndRug(0.625) },
  'door-over-rug-unmeasured': { level: 'caution', shows: doorAndRug(0), not: doorAndRug(0.5) },
  'swing-blocked': {
    level: 'caution',
    shows: room({ openings: [door()], pieces: [box('c', [84, 130], [20, 20])] }),
    not: room({ openings: [door({ opens: 'out' })], pieces: [box('c', [84, 130], [20, 20])] }),
  },
  'vent-covered': {
    level: 'caution',
    shows: room({ fittings: [fitting('radiator', 'n', [70, 4])], pieces: [box('c', [80, 18], [40, 16])] }),
    not: room({ fittings: [fitting('radiator', 'n', [70, 4])], pieces: [box('c', [80, 19], [40, 16])] }),
  },
  'piece-by-heater': {
    level: 'caution',
    shows: room({
      fittings: [fitting('heater', 'n', [2, 0], [18, 16])],
      pieces: [piece({ xMm: inches(97.5) })],
    }),
    not: room({ fittings: [fitting('heater', 'n', [2, 0], [18, 16])], pieces: [piece({ xMm: inches(98) })] }),
  },
  'bed-passage-good': { level: 'ok', shows: bedroom(24), not: bedroom(23) },
  'bed-passage-narrow': { level: 'caution', shows: bedroom(23), not: bedroom(24) },
  'pieces-overlap': {
    level: 'caution',
    shows: room({ pieces: [box('a', [84, 72], [20, 20]), box('b', [96, 72], [20, 20])] }),
    not: room({ pieces: [box('a', [84, 72], [20, 20]), box('b', [104, 72], [20, 20])] }),
  },
} satisfies FindingCases;
