import type { Finding } from '../model/finding';
import type { BuyLine, Use } from '../stash/buying';
import type { FittingStep } from './fittingStep';

/** How far a stage is; `needs` names what it waits for, so that none is a dead end. */
export type StageState = {
  state: 'empty' | 'half' | 'done' | 'stale';
  done: number;
  of: number;
  open: number;
  needs: 'nothing' | 'a-window' | 'a-piece-to-hang' | 'a-seat' | 'a-bed' | 'a-surface' | 'something-placed';
};

/** What the stage needs bought: lines of their own, and items of the stash that it uses. */
export type Bought = { lines: readonly BuyLine[]; uses: readonly Use[] };

/** What a stage adds to the plan. */
export type StageOutcome = {
  findings: readonly Finding[];
  steps: readonly FittingStep[];
  bought: Bought;
  state: StageState;
};
