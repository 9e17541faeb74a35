import type { Mm } from '../../base/units';

export type MeasureCode =
  | 'wall-missing'
  | 'wider-than-wall'
  | 'starts-before-wall'
  | 'ends-past-wall'
  | 'sill-above-head'
  | 'above-ceiling'
  | 'openings-overlap'
  | 'outside-room'
  | 'taller-than-room'
  | 'seat-wider-than-piece'
  | 'seat-deeper-than-piece'
  | 'seat-higher-than-piece'
  | 'drop-too-long'
  | 'outline-crosses'
  | 'outline-not-clockwise'
  | 'same-id'
  | 'carries-itself'
  | 'not-found'
  | 'no-look'
  | 'rule-refused'
  | 'shares-not-whole'
  | 'slope-above-ceiling'
  | 'beam-above-ceiling'
  | 'beam-past-room'
  | 'standpoint-outside'
  | 'mantel-narrow'
  | 'shelf-past-piece'
  | 'shelves-out-of-order'
  | 'bed-taller-than-piece'
  | 'mattress-above-head'
  | 'mattress-thicker-than-high'
  | 'sill-deeper'
  | 'floor-sill'
  | 'drops-apart'
  | 'drop-and-frame-apart'
  | 'ceiling-low'
  | 'over-elsewhere'
  | 'group-elsewhere';

/** An impossible reading (refuse), or an odd one (ask). `field` is the value that would have to change. */
export type MeasureIssue = {
  code: MeasureCode;
  level: 'refuse' | 'ask';
  /** Where in the room file. */
  path: (string | number)[];
  about: string;
  field: string;
  /** What came and what was expected, mm where lengths. */
  cameMm?: Mm;
  expectedMm?: Mm;
  other?: string;
};

/** A millimetre too much is accepted. */
export const TOLERANCE: Mm = 1;
/** Exactly the limit is accepted. */
export const EPSILON_MM: Mm = 0.01;

export const inList = (issue: MeasureIssue, list: string, i: number): MeasureIssue => ({
  ...issue,
  path: [list, i, ...issue.path],
});
type Facts = Partial<Pick<MeasureIssue, 'cameMm' | 'expectedMm' | 'other'>>;
export const issuer = (about: string) => ({
  refuse: (code: MeasureCode, field: string, facts: Facts = {}): MeasureIssue => ({
    code,
    level: 'refuse',
    path: field.split('.'),
    about,
    field,
    ...facts,
  }),
  ask: (code: MeasureCode, field: string, facts: Facts = {}): MeasureIssue => ({
    code,
    level: 'ask',
    path: field.split('.'),
    about,
    field,
    ...facts,
  }),
});
