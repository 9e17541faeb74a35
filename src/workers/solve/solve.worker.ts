import { expose } from 'comlink';
import type { RoomFile } from '../../core/model/types';
import { solveRoom } from '../../core/plan/solveRoom';
import type { OwnedPanels, ShopPanels, Solution } from '../../core/stages/windows/solve/solveWindows';

export type SolveWorker = typeof worker;
const worker = {
  /** The best ways to dress the windows of a look; empty when there is none, or none is dressed. */
  solve: (
    file: RoomFile,
    lookId: string,
    which: string,
    owned: OwnedPanels[],
    shops: ShopPanels[],
  ): Solution[] => solveRoom(file, lookId, which, { owned, shops }),
};
expose(worker);
