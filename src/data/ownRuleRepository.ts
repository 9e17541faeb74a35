import type { OwnRule } from '../core/rules/book';
import { RULE_ROWS } from './codecs';
import { saveRows, statement, type Row, type StudioDatabase } from './rows';
import { TABLES } from './tables';

export const loadRules = (db: StudioDatabase): OwnRule[] =>
  (statement(db, 'SELECT * FROM own_rule ORDER BY seq').all() as Row[]).map(RULE_ROWS.fromRow);

export const saveRules = (db: StudioDatabase, before: readonly OwnRule[], after: readonly OwnRule[]): void =>
  saveRows(db, TABLES.ownRule, before.map(RULE_ROWS.toRow), after.map(RULE_ROWS.toRow));
