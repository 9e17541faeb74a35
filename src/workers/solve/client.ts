import { proxy, wrap, type Remote } from 'comlink';
import type { RoomFile } from '../../core/model/types';
import type { OwnedPanels, Progress, ShopPanels, Solved } from '../../core/stages/windows/solve/solveWindows';
import type { SolveWorker } from './solve.worker';

export type Solver = {
  /** `which`: all windows, or the ids of dressings with spaces between. */
  solve: (
    file: RoomFile,
    lookId: string,
    which: string,
    offered: { owned: OwnedPanels[]; shops: ShopPanels[] },
    progress: Progress,
  ) => Promise<Solved>;
  /** Ends it, whether it is still searching or not. */
  close: () => void;
};

/** A worker that tries all ways to dress the windows together. Close it when it is no longer needed. */
export function startSolver(): Solver {
  const worker = new Worker(new URL('./solve.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap(worker) as unknown as Remote<SolveWorker>;
  return {
    solve: (file, lookId, which, offered, progress) =>
      remote.solve(file, lookId, which, offered, proxy(progress)),
    close: () => worker.terminate(),
  };
}
