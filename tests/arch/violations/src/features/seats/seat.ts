import { rows } from '../../data/rows';
export const seat = rows;
