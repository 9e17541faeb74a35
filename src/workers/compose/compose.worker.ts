import { expose } from 'comlink';
import {
  composeInLook,
  type LookAsk,
  type LookProgress,
  type Proposal,
} from '../../core/plan/seats/composeInLook';

/** How long the search runs before it checks whether it should stop, ms. */
const SLICE = 60;
let stopped = false;

export type ComposeWorker = typeof worker;
const worker = {
  /** Searches, telling how far it is and what it has so far; stops early when asked to, with what it has. */
  async search(ask: LookAsk, tell: (p: LookProgress) => void): Promise<Proposal[]> {
    stopped = false;
    const run = composeInLook(ask);
    let best: Proposal[] = [];
    // the first answer is told at once
    let told = -Infinity;
    for (;;) {
      const step = run.next();
      if (step.done) return step.value;
      best = step.value.best;
      if (performance.now() - told < SLICE) continue;
      tell(step.value);
      // a stop is only heard between two turns of the worker
      await new Promise((turn) => {
        setTimeout(turn, 0);
      });
      if (stopped) return best;
      told = performance.now();
    }
  },
  stop: (): void => {
    stopped = true;
  },
};
expose(worker);
