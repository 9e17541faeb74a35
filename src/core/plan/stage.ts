import { isOpen, type Finding, type StageName } from '../model/finding';
import type { Look, Room } from '../model/types';
import type { FittingStep } from './fittingStep';
import type { FileKey, Input, Kept, Part, Reads } from './keep';
import type { Parts } from './parts';
import type { Bought, StageOutcome, StageState } from './stageOutcome';

/** A stage of the rail: the parts it works out, and what it makes of them. */
export type Stage = { name: StageName; parts: readonly Part<Parts>[]; judge: Kept<StageOutcome> };

/**
 * Describes a stage. `parts` are worked out first, in order; the rest reads exactly what `reads` lists.
 * `state` also gets the number of the stage's findings that are still open.
 */
export function stage<
  const F extends FileKey = never,
  const R extends keyof Room = never,
  const L extends keyof Look = never,
  const P extends keyof Parts = never,
>(description: {
  name: StageName;
  parts: readonly Part<Parts>[];
  reads: Reads<F, R, L, P>;
  findings: (input: Input<F, R, L, Pick<Parts, P>>) => readonly Finding[];
  steps?: (input: Input<F, R, L, Pick<Parts, P>>) => readonly FittingStep[];
  bought?: (input: Input<F, R, L, Pick<Parts, P>>) => Bought;
  state: (input: Input<F, R, L, Pick<Parts, P>>, open: number) => StageState;
}): Stage {
  const { name, parts, reads, findings, steps, bought, state } = description;
  const make = (input: Input<F, R, L, Pick<Parts, P>>): StageOutcome => {
    const found = findings(input);
    return {
      findings: found,
      steps: steps?.(input) ?? [],
      bought: bought?.(input) ?? NOTHING_BOUGHT,
      state: state(input, found.filter(isOpen).length),
    };
  };
  return { name, parts, judge: { reads: reads as Kept<StageOutcome>['reads'], make } };
}

const NOTHING_BOUGHT: Bought = { lines: [], uses: [] };

/** A stage's progress, from how many of its things are dressed. */
export function progress(done: number, total: number): StageState['state'] {
  if (done === 0) return 'empty';
  return done >= total ? 'done' : 'half';
}

/** A stage is done when all of it is dressed and nothing is left to look at. */
export const settled = (state: StageState['state'], open: number): StageState['state'] =>
  state === 'done' && open > 0 ? 'half' : state;
