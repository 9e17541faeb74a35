import type { Seat } from '../../../model/types';
import type { RuleBook } from '../../../rules/book';
import type { School } from './ask';

/** One place of a school: along the seat from 0 to 1 between its ends, and its row from the back. */
export type Slot = { at: number; row: number };
/** Places that take the same cover. */
export type Group = { slots: readonly Slot[]; shape: 'square' | 'lumbar' | null };

const BOTH_ENDS: readonly Slot[] = [
  { at: 0, row: 0 },
  { at: 1, row: 0 },
];

/** The places of each school, from the back, large to small. */
const GROUPS: Record<School, readonly Group[]> = {
  spare: [{ slots: BOTH_ENDS, shape: 'square' }],
  twoPlusOne: [
    { slots: BOTH_ENDS, shape: 'square' },
    { slots: [{ at: 0.5, row: 0 }], shape: 'lumbar' },
  ],
  layered: [
    { slots: BOTH_ENDS, shape: null },
    {
      slots: [
        { at: 0.14, row: 1 },
        { at: 0.86, row: 1 },
      ],
      shape: null,
    },
    { slots: [{ at: 0.5, row: 2 }], shape: null },
  ],
  oneSided: [
    { slots: [{ at: 0, row: 0 }], shape: 'square' },
    { slots: [{ at: 0.16, row: 1 }], shape: 'square' },
    { slots: [{ at: 1, row: 0 }], shape: 'lumbar' },
  ],
};
/** A seat for one has one pillow in the middle. */
const FOR_ONE: readonly Group[] = [{ slots: [{ at: 0.5, row: 0 }], shape: null }];

export const groupsOf = (school: School, { seats }: Pick<Seat, 'seats'>): readonly Group[] =>
  seats === 1 ? FOR_ONE : GROUPS[school];

/** The schools that a seat may be dressed by; ends that differ only where that was asked for, or the studio wants them. */
export function schoolsFor(
  { seats }: Pick<Seat, 'seats'>,
  asked: School | null,
  rules: RuleBook,
): readonly School[] {
  if (seats === 1) return ['spare'];
  if (asked) return [asked];
  return rules.school('seats.endsSchool') === 'oneSided' ? ['oneSided'] : ['twoPlusOne', 'layered', 'spare'];
}
