import { isGlazed } from '../../room/kinds';
import { planFloor } from '../../stages/floor/planFloor';
import { cutRoomFloor } from '../../stages/floor/walkwayChecks';
import { differingReadings } from '../guesses';
import { judgeBedsByWindows, judgeTipping } from '../householdCautions';
import { doorways, part } from '../parts';
import { stage } from '../stage';

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
    parts: ['floor', 'walls', 'rules'],
  },
  findings: (input) => [
    ...input.floor.findings,
    ...differingReadings(input.file.room.readings),
    ...judgeTipping(input),
    ...judgeBedsByWindows(input),
  ],
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
