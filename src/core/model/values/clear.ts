/**
 * What a field of the clearing of a room may be, in the order in which screens offer it;
 * the schema takes its lists from here.
 */
export const TASK_KINDS = [
  'clean',
  'mend',
  'wash',
  'paint',
  'panels',
  'creases',
  'carpet',
  'dry',
  'parcel',
  'other',
] as const;
