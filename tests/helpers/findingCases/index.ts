/** For every kind of finding a room in which it shows, and one close to it in which it does not. */
import type { FindingCode } from '../../../src/core/model/finding';
import { ARRANGEMENT_CASES } from './arrangement';
import { BEDS_CASES } from './beds';
import { CAUTIONS_CASES } from './cautions';
import type { FindingCase } from './case';
import { FLOOR_CASES } from './floor';
import { SEATS_CASES } from './seats';
import { GROUPS_CASES } from './groups';
import { PICTURES_CASES } from './pictures';
import { SURFACES_CASES } from './surfaces';
import { TABLES_CASES } from './tables';
import { WORKS_CASES } from './works';
import { WINDOWS_CASES } from './windows';

export const FINDING_CASES: { [C in FindingCode]: FindingCase } = {
  ...WINDOWS_CASES,
  ...PICTURES_CASES,
  ...GROUPS_CASES,
  ...SEATS_CASES,
  ...BEDS_CASES,
  ...SURFACES_CASES,
  ...TABLES_CASES,
  ...WORKS_CASES,
  ...FLOOR_CASES,
  ...ARRANGEMENT_CASES,
  ...CAUTIONS_CASES,
};
