import type { RoomFile } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import { lowestOver, overheadOf } from '../../room/ceiling';
import { fittingCautions } from '../../safety/cautions';
import type { HangingPlan } from '../../stages/walls/planHanging';
import type { WindowPlan } from '../../stages/windows/windowPlan';
import { wallById } from '../context';
import { fittingSheet, type FittingSheet } from '../fittingSheet';
import { part } from '../parts';
import { seatInserts } from '../seats/seatInserts';
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
    parts: ['outcomes', 'windows', 'hangings', 'seats', 'items', 'walls', 'rules'],
  },
  (input) =>
    fittingSheet(input.outcomes, seatInserts(input.seats, input.items), cautionsOf(input), {
      rules: input.rules,
      ceilingAt: (wallId, xMm) => {
        const edge = overheadOf(input.file.room, wallById(input.walls, wallId), input.walls);
        return lowestOver(edge, xMm, xMm);
      },
    }),
);

/** A sheet that was taken to site goes out of date when anything on it changes. */
function sheetState({ steps, fingerprint }: FittingSheet, taken: string | null): StageState['state'] {
  if (steps.length === 0 || taken === null) return 'empty';
  return taken === fingerprint ? 'done' : 'stale';
}

export const fittingStage = stage({
  name: 'fitting',
  parts: [sheet],
  reads: { file: ['home'], look: ['sheetTaken'], parts: ['sheet', 'windows', 'hangings', 'rules'] },
  findings: cautionsOf,
  state: ({ look, sheet: made }, open) => ({
    state: sheetState(made, look.sheetTaken),
    done: made.steps.length,
    of: made.steps.length,
    open,
    needs: made.steps.length === 0 ? 'something-placed' : 'nothing',
  }),
});
