import 'server-only';
import { planLook, type Plan } from '../../core/plan/planLook';
import type { SheetAsk } from './rows';

/** A plan for other programs: without what is only kept for working out the next one. */
type PublishedPlan = Omit<Plan, 'memories' | 'places'>;
const published = ({ memories: _m, places: _p, ...plan }: Plan): PublishedPlan => plan;

/** The plan of one look (the first when none is named); undefined when there is no such look. */
export function publishedPlan({ file, lookId }: SheetAsk): PublishedPlan | undefined {
  const look = lookId === null ? file.looks[0] : file.looks.find((l) => l.id === lookId);
  return look && published(planLook(file, { lookId: look.id }));
}
