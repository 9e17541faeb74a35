import type { RoomFile } from '../../../core/model/types';
import type { planLook, Plan } from '../../../core/plan/planLook';

export type Planner = typeof planLook;
/** Plans that came with the page, of its file. */
export type SentPlans = { file: RoomFile; plans: readonly Plan[] };
/** The plan of a look; null while the planner has not come and the plan didn't come with the page. */
export type PlanOf = (file: RoomFile, lookId: string) => Plan | null;

/** Plans by room file and look, kept as long as the file is; parts of the last one that read the same are reused. */
export class KnownPlans {
  private readonly known = new WeakMap<RoomFile, Map<string, Plan>>();
  private previous: Plan | undefined;

  constructor(sent: SentPlans | undefined) {
    if (sent) this.known.set(sent.file, new Map(sent.plans.map((plan) => [plan.lookId, plan])));
  }

  planOf(planner: Planner | null, file: RoomFile, lookId: string): Plan | null {
    const known = this.known.get(file)?.get(lookId);
    if (known || !planner) return known ?? null;
    const plan = planner(file, { lookId, previous: this.previous });
    this.previous = plan;
    if (!this.known.has(file)) this.known.set(file, new Map());
    this.known.get(file)?.set(lookId, plan);
    return plan;
  }

  /** What came with the page has nothing to reuse: planned once here, the first change finds what it doesn't touch. */
  prime(planner: Planner, file: RoomFile, lookId: string): void {
    this.previous ??= planner(file, { lookId });
  }
}
