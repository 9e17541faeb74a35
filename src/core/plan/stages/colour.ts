import { allPatches, floorPatches, patchesOnWalls } from '../../spread/patches';
import { planSpread } from '../../spread/planSpread';
import { judgeItems } from '../itemCautions';
import { part } from '../parts';
import { sceneOf } from '../scene/scene';
import { stage } from '../stage';
import type { StageState } from '../stageOutcome';

const scene = part(
  'scene',
  {
    file: ['room', 'openings', 'fittings', 'pieces'],
    look: ['dressings', 'hangings', 'brought'],
    parts: ['windows', 'hangings', 'placed', 'items', 'walls', 'places', 'rules'],
  },
  sceneOf,
);

const elevations = part('elevations', { parts: ['scene'] }, (input) => input.scene.elevations);

const seen = part('seen', { parts: ['elevations', 'walls'] }, (drawn, previous) =>
  patchesOnWalls(drawn, previous),
);

const seenOnFloor = part(
  'seenOnFloor',
  { file: ['pieces'], room: ['walls', 'floorFinish'], parts: ['rules'] },
  ({ file, rules }) => floorPatches(file, rules),
);

const spread = part(
  'spread',
  { look: ['plannedShares'], parts: ['seen', 'seenOnFloor', 'walls', 'rules'] },
  ({ look, seen: onWalls, seenOnFloor: onFloor, walls, rules }) =>
    planSpread(allPatches(onWalls, onFloor), walls, look.plannedShares, rules),
);

export const colourStage = stage({
  name: 'colour',
  parts: [scene, elevations, seen, seenOnFloor, spread],
  reads: {
    file: ['home'],
    look: ['dressings', 'hangings', 'placements'],
    parts: ['spread', 'placed', 'windows', 'walls', 'items', 'rules'],
  },
  findings: (input) => [...input.spread.findings, ...judgeItems(input)],
  state: ({ look }, open): StageState => {
    const placed = look.dressings.length + look.hangings.length + look.placements.length;
    const dressed = open > 0 ? 'half' : 'done';
    return {
      state: placed === 0 ? 'empty' : dressed,
      done: placed,
      of: placed,
      open,
      needs: placed === 0 ? 'something-placed' : 'nothing',
    };
  },
});
