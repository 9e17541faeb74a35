import { planHanging } from '../walls/planHanging';
export const a = planHanging;
