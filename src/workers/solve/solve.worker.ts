import { expose } from 'comlink';
import type { RoomFile } from '../../core/model/types';
import { solveLook } from '../../core/plan/solveRoom';
import type { OwnedPanels, Progress, ShopPanels, Solved } from '../../core/stages/windows/solve/solveWindows';

/** Progress is told in steps of this share: thousands of messages would hold the search up. */
const STEP = 0.05;

export type SolveWorker = typeof worker;
const worker = {
  /** The best ways to dress the windows of a look; empty when there is none, or none is dressed. */
  solve: (
    file: RoomFile,
    lookId: string,
    which: string,
    offered: { owned: OwnedPanels[]; shops: ShopPanels[] },
    progress: Progress,
  ): Solved => {
    let told = 0;
    return solveLook(file, lookId, which, offered, {
      progress: (share) => {
        if (share < told + STEP) return;
        told = share;
        progress(share);
      },
    });
  },
};
expose(worker);
