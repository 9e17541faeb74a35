import type { OwnRule } from '../core/rules/book';
import { RULE_ROWS } from './codecs';
import { saveRows, statement, type Row, type StudioDatabase } from './rows';
import { TABLES } from './tables';

export const loadRules = (db: StudioDatabase): OwnRule[] =>
  (statement(db, 'SELECT * FROM own_rule ORDER BY seq').all() as Row[]).map(RULE_ROWS.fromRow);

export const saveRules = (db: StudioDatabase, previous: readonly OwnRule[], next: readonly OwnRule[]): void =>
  saveRows(db, TABLES.ownRule, previous.map(RULE_ROWS.toRow), next.map(RULE_ROWS.toRow));
