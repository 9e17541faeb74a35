import { expose } from 'comlink';
import type { Item, RoomFile } from '../../core/model/types';
import { solveRoom } from '../../core/plan/solveRoom';
import type { ShopPanels, Solution } from '../../core/stages/windows/solve';

export type SolveWorker = typeof worker;
const worker = {
  /** The best ways to dress the windows of a look; empty when there is none, or none is dressed. */
  solve: (file: RoomFile, lookId: string, which: string, owned: Item[], shops: ShopPanels[]): Solution[] => solveRoom(file, lookId, which, owned, shops),
};
expose(worker);
