import type { Finding } from '../../model/finding';
import type { Look, RoomFile } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import { lowestOver, overheadOf } from '../../room/ceiling';
import { fittingCautions } from '../../safety/cautions';
import type { HangingPlan } from '../../stages/walls/planHanging';
import type { WindowPlan } from '../../stages/windows/windowPlan';
import { wallById } from '../context';
import { fittingSheet, type FittingSheet } from '../fittingSheet';
import { part } from '../parts';
import { insertsOf } from '../laidInserts';
import { stage } from '../stage';
import type { StageState } from '../stageOutcome';

type Facts = {
  file: Pick<RoomFile, 'home'>;
  windows: readonly WindowPlan[];
  hangings: readonly HangingPlan[];
  rules: RuleBook;
};

/** The cautions of drilling and climbing. */
const cautionsOf = ({ file, windows, hangings, rules }: Facts) =>
  fittingCautions(
    {
      rods: windows.map((w) => ({
        name: w.name,
        heightMm: w.rodHeightMm,
        lengthMm: w.bracketToBracketMm,
      })),
      nails: hangings.flatMap((h) => h.nails.map((n) => ({ name: h.name, heightMm: n.heightMm }))),
    },
    file.home.flags,
    rules,
  );

const sheet = part(
  'sheet',
  {
    file: ['home'],
    room: ['ceilingMm', 'slopes', 'beams', 'walls'],
    parts: ['outcomes', 'windows', 'hangings', 'seats', 'beds', 'items', 'walls', 'rules'],
  },
  (input) =>
    fittingSheet(input.outcomes, insertsOf([...input.seats, ...input.beds], input.items), cautionsOf(input), {
      rules: input.rules,
      ceilingAt: (wallId, xMm) => {
        const edge = overheadOf(input.file.room, wallById(input.walls, wallId), input.walls);
        return lowestOver(edge, xMm, xMm);
      },
    }),
);

/** More to buy than the look may cost. What has no price yet is said to have none. */
function judgeCost({ look, sheet: { buy, cost }, rules }: Costs): Finding[] {
  const { mostCost } = look.brief;
  if (mostCost === null || cost <= mostCost) return [];
  const unpriced = buy.filter((line) => line.cost === null).length;
  const currency = rules.school('stash.currency');
  return [
    {
      code: 'over-cost',
      level: 'caution',
      stage: 'fitting',
      about: [],
      by: { buyCost: cost, mostCost, overCost: cost - mostCost, currency, unpriced },
    },
  ];
}
type Costs = { look: Pick<Look, 'brief'>; sheet: FittingSheet; rules: RuleBook };

/** A sheet that was taken to site goes out of date when anything on it changes. */
function sheetState(made: FittingSheet, taken: string | null): StageState['state'] {
  if (made.steps.length === 0 || taken === null) return 'empty';
  return taken === made.fingerprint ? 'done' : 'stale';
}

export const fittingStage = stage({
  name: 'fitting',
  parts: [sheet],
  reads: {
    file: ['home'],
    look: ['sheetTaken', 'brief'],
    parts: ['sheet', 'windows', 'hangings', 'rules'],
  },
  findings: (input) => [...cautionsOf(input), ...judgeCost(input)],
  state: ({ look, sheet: made }, open) => ({
    state: sheetState(made, look.sheetTaken),
    done: made.steps.length,
    of: made.steps.length,
    open,
    needs: made.steps.length === 0 ? 'something-placed' : 'nothing',
  }),
});
