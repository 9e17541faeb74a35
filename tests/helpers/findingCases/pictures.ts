import type { Item } from '../../../src/core/model/types';
import { dressing, hanging, inches, opening, piece } from '../rooms';
import { type Given, room, fitting, art, hung, pair } from './given';
import type { FindingCases } from './case';

const overSofa = (a: Item, more: Given = {}) =>
  hung(a, { overPieceId: 'p1' }, { pieces: [piece()], ...more });

/** A picture 30 by 20 with its nail an inch under its top, and a hole in the wall. */
const withHole = (xIn: number, heightIn: number) =>
  room({
    items: [art(30, 20)],
    hangings: [hanging()],
    room: { holes: [{ id: 'hole', wallId: 'n', xMm: inches(xIn), heightMm: inches(heightIn) }] },
  });

export const PICTURES_CASES = {
  'centre-and-gap-agree': { level: 'ok', shows: overSofa(art(58, 32)), not: overSofa(art(58, 20)) },
  'centre-yielded': { level: 'yielded', shows: overSofa(art(58, 20)), not: overSofa(art(58, 32)) },
  'gap-yielded': {
    level: 'yielded',
    shows: overSofa(art(58, 20), { rules: [{ ruleId: 'walls.yields', school: 'gap' }] }),
    not: overSofa(art(58, 20)),
  },
  'centre-as-wished': {
    level: 'ok',
    shows: hung(art(30, 20)),
    not: hung(art(30, 20), { centreMm: inches(70) }),
  },
  'width-share-good': { level: 'ok', shows: overSofa(art(58, 32)), not: overSofa(art(30, 32)) },
  'width-share-off': { level: 'caution', shows: overSofa(art(30, 32)), not: overSofa(art(58, 32)) },
  'picture-past-wall': {
    level: 'stop',
    shows: hung(art(30, 20), { xMm: inches(14) }),
    not: hung(art(30, 20), { xMm: inches(15) }),
  },
  'picture-over-opening': {
    level: 'stop',
    shows: hung(art(30, 20), {}, { openings: [opening()] }),
    not: hung(art(30, 20), { xMm: inches(25) }, { openings: [opening()] }),
  },
  'pictures-overlap': { level: 'stop', shows: pair(60, 60), not: pair(120, 60) },
  'clear-above-short': {
    level: 'caution',
    shows: hung(art(30, 20), { centreMm: inches(82.25) }),
    not: hung(art(30, 20), { centreMm: inches(82) }),
  },
  'ceiling-yielded': { level: 'yielded', shows: hung(art(20, 72)), not: hung(art(20, 68)) },
  'picture-below-floor': {
    level: 'stop',
    shows: hung(art(30, 20), { centreMm: inches(9) }),
    not: hung(art(30, 20), { centreMm: inches(10) }),
  },
  'picture-over-ceiling': {
    level: 'stop',
    shows: hung(art(30, 20), { centreMm: inches(87) }),
    not: hung(art(30, 20), { centreMm: inches(86) }),
  },
  'picture-by-curtain': {
    level: 'caution',
    shows: hung(
      art(30, 20),
      { xMm: inches(128) },
      { openings: [opening({ xMm: inches(60), widthMm: inches(48) })], dressings: [dressing({})] },
    ),
    not: hung(
      art(30, 20),
      { xMm: inches(145) },
      { openings: [opening({ xMm: inches(60), widthMm: inches(48) })], dressings: [dressing({})] },
    ),
  },
  'picture-over-fitting': {
    level: 'caution',
    shows: hung(art(30, 20), {}, { fittings: [fitting('shelf', 'n', [80, 55])] }),
    not: hung(art(30, 20), {}, { fittings: [fitting('shelf', 'n', [80, 75])] }),
  },
  'picture-into-furniture': {
    level: 'caution',
    shows: hung(art(30, 20), {}, { pieces: [piece({ kind: 'chest', seat: null, heightMm: inches(55) })] }),
    not: hung(art(30, 20), {}, { pieces: [piece({ kind: 'chest', seat: null })] }),
  },
  'leaning-fix': { level: 'caution', shows: hung(art(24, 60), { leans: true }), not: hung(art(24, 60)) },
  'panels-acclimatise': {
    level: 'caution',
    shows: hung(art(30, 20, { kind: 'wallPanel' })),
    not: hung(art(30, 20)),
  },
  'no-hook-holds': {
    level: 'stop',
    shows: hung(art(30, 20, { massG: 60_000 })),
    not: hung(art(30, 20, { massG: 40_000 })),
  },
  'hole-used': { level: 'ok', shows: withHole(84, 69), not: withHole(84, 66) },
  'hole-could-be-used': { level: 'yielded', shows: withHole(85, 68), not: withHole(90, 60) },
  'hole-could-be-hidden': { level: 'yielded', shows: withHole(100.5, 60), not: withHole(106, 60) },
} satisfies FindingCases;
