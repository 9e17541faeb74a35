import { seat } from '../seats/seat';
export const a = seat;
