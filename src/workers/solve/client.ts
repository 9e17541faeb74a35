import { wrap, type Remote } from 'comlink';
import type { RoomFile } from '../../core/model/types';
import type { OwnedPanels, ShopPanels, Solution } from '../../core/stages/windows/solve/solveWindows';
import type { SolveWorker } from './solve.worker';

export type Solver = {
  solve: (
    file: RoomFile,
    lookId: string,
    which: string,
    owned: OwnedPanels[],
    shops: ShopPanels[],
  ) => Promise<Solution[]>;
  close: () => void;
};

/** A worker that tries all ways to dress the windows together. Close it when it is no longer needed. */
export function startSolver(): Solver {
  const worker = new Worker(new URL('./solve.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap(worker) as unknown as Remote<SolveWorker>;
  return { solve: (...asked) => remote.solve(...asked), close: () => worker.terminate() };
}
