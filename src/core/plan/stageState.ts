import type { Finding, StageName } from '../model/finding';
import type { Look, RoomFile } from '../model/types';
import { isGlazed } from '../room/kinds';
import type { SeatPlan } from '../stages/seats/planSeat';
import type { HangingPlan } from '../stages/walls/planHanging';
import type { WindowPlan } from '../stages/windows/windowPlan';
import type { FittingSheet } from './fittingSheet';

/** How far a stage is; `needs` names what it waits for, so that none is a dead end. */
export type StageState = {
  state: 'empty' | 'half' | 'done' | 'stale';
  done: number;
  of: number;
  open: number;
  needs: 'nothing' | 'a-window' | 'a-piece-to-hang' | 'a-seat' | 'something-placed';
};

export function stageStates(
  file: RoomFile,
  look: Look,
  plans: {
    windows: readonly WindowPlan[];
    hangings: readonly HangingPlan[];
    seats: readonly SeatPlan[];
    sheet: FittingSheet;
    findings: readonly Finding[];
  },
): Record<StageName, StageState> {
  const open = (stage: StageName) =>
    plans.findings.filter((f) => f.stage === stage && (f.level === 'caution' || f.level === 'stop')).length;
  const progress = (done: number, of: number): StageState['state'] =>
    done === 0 ? 'empty' : done >= of ? 'done' : 'half';
  // a stage is done when all of it is dressed and nothing is left to look at
  const settled = (state: StageState['state'], stage: StageName): StageState['state'] =>
    state === 'done' && open(stage) > 0 ? 'half' : state;
  const windows = file.openings.filter(isGlazed);
  const dressed = windows.filter((o) => plans.windows.some((w) => w.openingIds.includes(o.id))).length;
  const unmeasured = windows.filter((w) => w.dropsMm === null).length + file.room.readings.length;
  const { found, irritations, tasks } = file.clear;
  const cleared = found.filter((f) => f.verdict !== null).length + tasks.filter((t) => t.done).length;
  const toClear = found.length + tasks.length;
  const things = file.openings.length + file.fittings.length + file.pieces.length;
  const filled = plans.seats.filter((s) => s.pillows.length > 0).length;
  const placed = look.dressings.length + look.hangings.length + look.placements.length;
  const sheetState: StageState['state'] =
    plans.sheet.steps.length === 0 || look.sheetTaken === null
      ? 'empty'
      : look.sheetTaken === plans.sheet.fingerprint
        ? 'done'
        : 'stale';
  return {
    measure: {
      state: things === 0 ? 'half' : unmeasured > 0 ? 'half' : 'done',
      done: things,
      of: things,
      open: open('measure'),
      needs: 'nothing',
    },
    clear: {
      state: toClear + irritations.length === 0 ? 'empty' : cleared < toClear ? 'half' : 'done',
      done: cleared,
      of: toClear,
      open: toClear - cleared,
      needs: 'nothing',
    },
    colour: {
      state: placed === 0 ? 'empty' : open('colour') > 0 ? 'half' : 'done',
      done: placed,
      of: placed,
      open: open('colour'),
      needs: placed === 0 ? 'something-placed' : 'nothing',
    },
    windows: {
      state: settled(progress(dressed, windows.length), 'windows'),
      done: dressed,
      of: windows.length,
      open: open('windows'),
      needs: windows.length === 0 ? 'a-window' : 'nothing',
    },
    walls: {
      state: plans.hangings.length === 0 ? 'empty' : open('walls') > 0 ? 'half' : 'done',
      done: plans.hangings.length,
      of: plans.hangings.length,
      open: open('walls'),
      needs: 'nothing',
    },
    seats: {
      state: settled(progress(filled, plans.seats.length), 'seats'),
      done: filled,
      of: plans.seats.length,
      open: open('seats'),
      needs: plans.seats.length === 0 ? 'a-seat' : 'nothing',
    },
    fitting: {
      state: sheetState,
      done: plans.sheet.steps.length,
      of: plans.sheet.steps.length,
      open: open('fitting'),
      needs: plans.sheet.steps.length === 0 ? 'something-placed' : 'nothing',
    },
  };
}
