import type { RoomFile } from '../../model/types';
import { isFlanked } from '../../room/kinds';
import { judgeNeighbours, type Axis } from '../../stages/walls/neighbours';
import { judgeCounts } from '../counts';
import { judgeBehindCurtains } from '../curtainBoxes';
import { countUses } from '../uses';
import { hangingGuesses } from '../guesses';
import { judgeOverCots } from '../householdCautions';
import { part } from '../parts';
import { judgeMirrors } from '../mirrorPlaces';
import { stage } from '../stage';
import { planFramedPrints } from '../walls/framedPrints';
import { planGroups } from '../walls/groups';
import { planHangings } from '../walls/hangings';
import { fixingLines } from '../walls/fixingLines';
import { pictureSteps, shelfSteps, usedPieces } from '../walls/pictures';
import { judgeScreens } from '../walls/screens';
import { planSights } from '../walls/sights';
import { planShelves } from '../walls/wallShelves';

const groups = part(
  'groups',
  {
    file: ['room', 'openings', 'fittings', 'pieces', 'home'],
    look: ['hangings', 'groups'],
    parts: ['items', 'walls', 'places', 'rules'],
  },
  planGroups,
);

const hangings = part(
  'hangings',
  {
    file: ['room', 'openings', 'fittings', 'pieces', 'home'],
    look: ['hangings'],
    parts: ['groups', 'items', 'walls', 'places', 'rules'],
  },
  planHangings,
);

const sights = part(
  'sights',
  {
    file: ['room', 'openings', 'fittings', 'pieces'],
    parts: ['hangings', 'onTops', 'items', 'walls', 'rules'],
  },
  planSights,
);

const prints = part(
  'prints',
  {
    file: ['room', 'pieces'],
    look: ['hangings'],
    parts: ['hangings', 'sights', 'items', 'walls', 'rules'],
  },
  planFramedPrints,
);

const shelves = part('shelves', { file: ['fittings'], parts: ['walls', 'rules'] }, planShelves);

/** What two pieces are hung either side of. */
const axesOf = (fittings: RoomFile['fittings']): Axis[] =>
  fittings.filter(isFlanked).map(({ name, wallId, xMm, widthMm }) => ({
    name,
    wallId,
    xMm: xMm + widthMm / 2,
    widthMm,
  }));

export const wallsStage = stage({
  name: 'walls',
  parts: [groups, hangings, sights, prints, shelves],
  reads: {
    file: ['room', 'openings', 'fittings', 'pieces'],
    look: ['hangings'],
    parts: [
      'groups',
      'hangings',
      'sights',
      'prints',
      'shelves',
      'windows',
      'items',
      'walls',
      'places',
      'rules',
    ],
  },
  findings: (input) => {
    const { file, look, items, rules } = input;
    return [
      ...input.hangings.flatMap((h) => h.findings),
      ...input.groups.flatMap((g) => g.findings),
      ...input.sights.findings,
      ...judgeMirrors(input),
      ...input.prints.findings,
      ...judgeScreens(input),
      ...input.shelves.findings,
      ...judgeNeighbours(input.hangings, rules, axesOf(file.fittings)),
      ...judgeCounts('walls', look.hangings, items, () => 'item-in-two-places'),
      ...judgeBehindCurtains(input.windows, input.hangings, rules),
      ...hangingGuesses(input.hangings, look, file.room.readings),
      ...judgeOverCots(input, input.hangings, items),
    ];
  },
  steps: ({ file, hangings: hung, shelves: boards, rules }) => [
    ...shelfSteps(boards.shelves, file.fittings, rules),
    ...pictureSteps(hung, rules),
  ],
  bought: ({ file, look, items, hangings: hung, shelves: boards }) => ({
    lines: fixingLines({
      hangings: hung,
      hung: look.hangings,
      shelves: boards.shelves,
      shelfNames: new Map(file.fittings.map((f) => [f.id, f.name])),
      wallsOf: file.room.wallsOf,
    }),
    uses: countUses('piece', usedPieces(look, items)),
  }),
  state: (input, open) => {
    const done = input.hangings.length;
    const hung = open > 0 ? 'half' : 'done';
    return { state: done === 0 ? 'empty' : hung, done, of: done, open, needs: 'nothing' };
  },
});
