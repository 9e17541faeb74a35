import { proxy, wrap, type Remote } from 'comlink';
import type { LookAsk, LookProgress, Proposal } from '../../core/plan/seats/composeInLook';
import type { ComposeWorker } from './compose.worker';

export type Composer = {
  search: (ask: LookAsk, tell: (p: LookProgress) => void) => Promise<Proposal[]>;
  stop: () => void;
  close: () => void;
};

/** A worker that dresses seats. Stopped, it gives what it has; close it when it is no longer needed. */
export function startComposer(): Composer {
  const worker = new Worker(new URL('./compose.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap(worker) as unknown as Remote<ComposeWorker>;
  return {
    search: (ask, tell) => remote.search(ask, proxy(tell)),
    stop: () => void remote.stop(),
    close: () => worker.terminate(),
  };
}
