import { expose } from 'comlink';
import { threeWays, type PlannedWay, type WaysAsk } from '../../core/plan/beds/threeWays';

export type WaysWorker = typeof worker;
const worker = { make: (ask: WaysAsk): PlannedWay[] => threeWays(ask) };
expose(worker);
