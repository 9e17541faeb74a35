import { isGlazed } from '../../room/kinds';
import { planFloor } from '../../stages/floor/planFloor';
import { cutRoomFloor } from '../../stages/floor/walkwayChecks';
import { arrangementSteps, judgeArrangement } from '../arrangement';
import { differingReadings } from '../guesses';
import { judgeBedsByWindows, judgeTipping } from '../householdCautions';
import { asPiece, isLoose, isSamePlace } from '../looseOnFloor';
import { part } from '../parts';
import { stage } from '../stage';
import { countUses } from '../uses';

const loose = part('loose', { parts: ['placed'] }, ({ placed }, previous) => {
  const pieces = placed.filter(isLoose).map(asPiece);
  const isSame = previous?.length === pieces.length && pieces.every((p, i) => isSamePlace(p, previous[i]));
  return isSame ? previous : pieces;
});

const cutFloor = part(
  'cutFloor',
  {
    file: ['fittings', 'pieces', 'home'],
    room: ['walls'],
    parts: ['doorways', 'walls', 'rules', 'loose'],
  },
  ({ file, doorways: ways, walls, rules, loose: onFloor }) =>
    cutRoomFloor({ ...file, pieces: [...file.pieces, ...onFloor] }, ways, walls, rules),
);

const floor = part(
  'floor',
  {
    file: ['openings', 'fittings', 'pieces', 'home'],
    parts: ['cutFloor', 'doorways', 'walls', 'rules', 'loose'],
  },
  ({ file, cutFloor: cut, walls, rules, loose: onFloor }) =>
    planFloor({ ...file, pieces: [...file.pieces, ...onFloor] }, walls, rules, cut),
);

export const measureStage = stage({
  name: 'measure',
  parts: [loose, cutFloor, floor],
  reads: {
    file: ['room', 'openings', 'fittings', 'pieces', 'home'],
    look: ['moved', 'brought'],
    parts: ['floor', 'measured', 'walls', 'places', 'items', 'rules'],
  },
  findings: (input) => [
    ...input.floor.findings,
    ...differingReadings(input.file.room.readings),
    ...judgeTipping(input),
    ...judgeBedsByWindows(input),
    ...judgeArrangement({ ...input, pieces: input.file.pieces, room: input.file.room }),
  ],
  steps: (input) => arrangementSteps({ ...input, pieces: input.file.pieces }),
  bought: ({ look, items }) => ({
    lines: [],
    uses: countUses(
      'thing',
      look.brought.flatMap(({ itemId }) => {
        const item = items.get(itemId);
        return item ? [{ item, count: 1 }] : [];
      }),
    ),
  }),
  state: ({ file }, open) => {
    const things = file.openings.length + file.fittings.length + file.pieces.length;
    const undropped = file.openings.filter((o) => isGlazed(o) && o.dropsMm === null).length;
    const unmeasured = undropped + file.room.readings.length;
    return {
      state: things === 0 || unmeasured > 0 ? 'half' : 'done',
      done: things,
      of: things,
      open,
      needs: 'nothing',
    };
  },
});
