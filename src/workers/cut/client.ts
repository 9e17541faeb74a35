import { wrap, type Remote } from 'comlink';
import type { CoverToCut, Cutting } from '../../core/textiles/clothCuts';
import type { CutAsk, CutWorker } from './cut.worker';

export type Cutter = {
  plan: (ask: CutAsk) => Promise<Cutting>;
  most: (ask: CutAsk, cover: CoverToCut) => Promise<number>;
  close: () => void;
};

/** A worker that plans how a cloth is cut; close it when it is no longer needed. */
export function startCutter(): Cutter {
  const worker = new Worker(new URL('./cut.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap(worker) as unknown as Remote<CutWorker>;
  return {
    plan: (ask) => remote.plan(ask),
    most: (ask, cover) => remote.most(ask, cover),
    close: () => worker.terminate(),
  };
}
