import type { Plan } from '../plan/planLook';
export type A = Plan;
