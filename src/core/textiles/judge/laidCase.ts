import type { Finding, FindingCode, FindingFacts, Level, StageName } from '../../model/finding';
import type { HomeFlags, Item, Piece } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';
import type { PillowPlan } from '../pillows';
import type { ThrowPlan } from '../textilesOn';

/** A seat or a bed with its pillows and throws as they were planned, to be judged. */
export type LaidCase = {
  stage: Extract<StageName, 'seats' | 'beds'>;
  piece: Pick<Piece, 'id' | 'name'>;
  pillows: readonly PillowPlan[];
  throws: readonly ThrowPlan[];
  items: ReadonlyMap<string, Item>;
  flags: HomeFlags;
  rules: RuleBook;
};
export type JudgeLaid = (laid: LaidCase) => Finding[];

export const finding = (
  { stage, piece }: Pick<LaidCase, 'stage' | 'piece'>,
  code: FindingCode,
  level: Level,
  facts: FindingFacts,
  { rule, about = [piece.id] }: { rule?: RuleId; about?: readonly string[] } = {},
): Finding => ({
  code,
  level,
  stage,
  about,
  by: { seat: piece.name, ...facts },
  ...(rule ? { rule } : {}),
});

/** What applies to several pillows in the same words, reported once, about all of them. */
export function together(findings: readonly Finding[]): Finding[] {
  const said = new Map<string, Finding>();
  for (const found of findings) {
    const key = JSON.stringify([found.code, found.by]);
    const known = said.get(key);
    const about = [...new Set([...(known?.about ?? []), ...found.about])];
    said.set(key, known ? { ...known, about } : found);
  }
  return [...said.values()];
}
