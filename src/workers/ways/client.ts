import { wrap, type Remote } from 'comlink';
import type { PlannedWay, WaysAsk } from '../../core/plan/beds/threeWays';
import type { WaysWorker } from './ways.worker';

export type WaysMaker = { make: (ask: WaysAsk) => Promise<PlannedWay[]>; close: () => void };

/** A worker that makes up beds; close it when it is no longer needed. */
export function startWays(): WaysMaker {
  const worker = new Worker(new URL('./ways.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap(worker) as unknown as Remote<WaysWorker>;
  return { make: (ask) => remote.make(ask), close: () => worker.terminate() };
}
