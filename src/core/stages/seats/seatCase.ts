import type { Finding, FindingCode, FindingFacts, Level } from '../../model/finding';
import type { Brief, HomeFlags, Item, Look, Piece, Seat } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';
import type { PillowPlan } from '../../textiles/pillows';
import type { ThrowPlan } from '../../textiles/textilesOn';

/** A seat with its pillows as it was planned, to be judged. */
export type SeatCase = {
  piece: Piece & { seat: Seat };
  pillows: readonly PillowPlan[];
  throws: readonly ThrowPlan[];
  /** The loose cushions that the look takes out, and whether that is all of them. */
  cushions: Look['cushionsOut'][number] | null;
  isCleared: boolean;
  items: ReadonlyMap<string, Item>;
  flags: HomeFlags;
  purpose: Brief['purpose'];
  canSit: number;
  wantedSitters: number;
  eachMm: number;
  rules: RuleBook;
};
export type Judge = (seat: SeatCase) => Finding[];

export const finding = (
  { piece }: SeatCase,
  code: FindingCode,
  level: Level,
  facts: FindingFacts,
  { rule, about = [piece.id] }: { rule?: RuleId; about?: readonly string[] } = {},
): Finding => ({
  code,
  level,
  stage: 'seats',
  about,
  by: { seat: piece.name, ...facts },
  ...(rule ? { rule } : {}),
});
