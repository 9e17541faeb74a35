import { isGlazed } from '../../room/kinds';
import { planFloor } from '../../stages/floor/planFloor';
import { cutRoomFloor } from '../../stages/floor/walkwayChecks';
import { arrangementSteps, judgeArrangement } from '../arrangement';
import { differingReadings } from '../guesses';
import { judgeBedsByWindows, judgeTipping } from '../householdCautions';
import { doorways, part } from '../parts';
import { stage } from '../stage';
import { countUses } from '../uses';

const cutFloor = part(
  'cutFloor',
  {
    file: ['fittings', 'pieces', 'home'],
    room: ['walls'],
    parts: ['doorways', 'walls', 'rules'],
  },
  ({ file, doorways: ways, walls, rules }) => cutRoomFloor(file, ways, walls, rules),
);

const floor = part(
  'floor',
  {
    file: ['openings', 'fittings', 'pieces', 'home'],
    parts: ['cutFloor', 'doorways', 'walls', 'rules'],
  },
  ({ file, cutFloor: cut, walls, rules }) => planFloor(file, walls, rules, cut),
);

export const measureStage = stage({
  name: 'measure',
  parts: [doorways, cutFloor, floor],
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
