import { allPatches, floorPatches, patchesOnWalls } from '../../spread/patches';
import { planSpread, spreadFamilies } from '../../spread/planSpread';
import { burningOf, candleCurtains, candlesOf, judgeCandles } from '../candles';
import { judgeItems } from '../itemCautions';
import { part } from '../parts';
import { bareWallsOf } from '../scene/bareWalls';
import { sceneOf } from '../scene/scene';
import { stage } from '../stage';
import type { StageState } from '../stageOutcome';

const bareWalls = part(
  'bareWalls',
  {
    file: ['room', 'openings'],
    look: ['dressings', 'hangings'],
    parts: ['windows', 'hangings', 'items', 'walls', 'rules'],
  },
  bareWallsOf,
);

const scene = part(
  'scene',
  {
    file: ['room', 'openings', 'fittings', 'pieces'],
    look: ['brought'],
    parts: ['bareWalls', 'placed', 'items', 'walls', 'places'],
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

/** The same list for as long as only what is hidden moves, so that the spread stays as it is. */
const patches = part(
  'patches',
  { parts: ['seen', 'seenOnFloor'] },
  ({ seen: onWalls, seenOnFloor: onFloor }, previous) => allPatches(onWalls, onFloor, previous),
);

const families = part(
  'families',
  { parts: ['patches', 'walls', 'rules'] },
  ({ patches: all, walls, rules }, previous) => spreadFamilies(all, walls, rules, previous),
);

const spread = part(
  'spread',
  { look: ['plannedShares'], parts: ['patches', 'families'] },
  ({ look, patches: all, families: found }) => planSpread(all, found, look.plannedShares),
);

const candles = part('candles', { parts: ['placed'] }, ({ placed }, previous) => candlesOf(placed, previous));

const burning = part('burning', { parts: ['placed'] }, ({ placed }, previous) => burningOf(placed, previous));

const nearCurtains = part(
  'candleCurtains',
  { parts: ['candles', 'windows', 'walls', 'rules'] },
  candleCurtains,
);

const candleCautions = part(
  'candleCautions',
  { file: ['home'], parts: ['candles', 'burning', 'candleCurtains', 'rules'] },
  judgeCandles,
);

export const colourStage = stage({
  name: 'colour',
  parts: [
    bareWalls,
    scene,
    elevations,
    seen,
    seenOnFloor,
    patches,
    families,
    spread,
    candles,
    burning,
    nearCurtains,
    candleCautions,
  ],
  reads: {
    file: ['home'],
    look: ['dressings', 'hangings', 'placements'],
    parts: ['spread', 'placed', 'candleCautions', 'items', 'rules'],
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
