import type { FindingCode, Level } from '../../../src/core/model/finding';
import type { RoomFile } from '../../../src/core/model/types';

/** A room in which a finding shows, and one close to it in which it does not. */
export type FindingCase = { level: Level; shows: RoomFile; not: RoomFile };
export type FindingCases = { [C in FindingCode]?: FindingCase };
