import { planLook } from '../core/plan/planLook';
export const a = planLook;
