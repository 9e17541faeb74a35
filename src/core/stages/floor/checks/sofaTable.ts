import { feet, type Mm } from '../../../base/units';
import { alongWay, apart, wayOf } from '../../../geometry/plane';
import type { Piece } from '../../../model/types';
import { hasTop } from '../../../room/kinds';
import type { RuleBook } from '../../../rules/book';
import type { RuleId } from '../../../rules/table';
import { EPSILON_MM, floorFinding, type FloorContext, type FloorFinding } from '../context';
import { frontOf, frontWay } from '../rugs';

/** A table lower than this can stand in front of a sofa. */
const LOW_TABLE: Mm = 600;
/** One farther away than this belongs to something else. */
const SOFA_TABLE_REACH: Mm = feet(5);
/** What stands in front of a sofa. */
export const SOFA_TABLES: ReadonlySet<Piece['kind']> = new Set(['coffeeTable', 'ottoman', 'table']);

/** The table in front of each sofa: near enough for a glass, far enough for knees. */
export const checkSofaTables = (context: FloorContext): FloorFinding[] =>
  context.file.pieces.filter((p) => p.kind === 'sofa').flatMap((sofa) => checkSofaTable(context, sofa));

function checkSofaTable(context: FloorContext, sofa: Piece): FloorFinding[] {
  const { rules } = context;
  const found = tableInFront(context, sofa);
  if (!found || found.gap.mm > SOFA_TABLE_REACH) return [];
  const { table, gap } = found;
  const rule = gapRule(rules, hasOtherSurface(context, sofa, table));
  const [least, most] = rule === 'floor.sofaTableLeast' ? [rules.number(rule), Infinity] : rules.range(rule);
  const about = [sofa.id, table.id];
  const facts = {
    sofa: sofa.name,
    table: table.name,
    byMm: gap.mm,
    wantMm: least,
    wantToMm: Number.isFinite(most) ? most : 0,
  };
  if (gap.mm < least - EPSILON_MM)
    return [floorFinding('sofa-table-near', 'caution', about, facts, { rule, line: gap })];
  if (gap.mm > most + EPSILON_MM)
    return [floorFinding('sofa-table-far', 'caution', about, facts, { rule, line: gap })];
  return [floorFinding('sofa-table-good', 'ok', about, facts, { rule })];
}

function tableInFront({ file, shapeOf }: FloorContext, sofa: Piece) {
  const front = frontOf(sofa);
  const [way, acrossWay] = [frontWay(sofa), wayOf(sofa.turnDeg + 90)];
  return file.pieces
    .filter((t) => SOFA_TABLES.has(t.kind) && t.heightMm <= LOW_TABLE)
    .filter((t) => alongWay(front, t, way) > 0)
    .filter((t) => Math.abs(alongWay(front, t, acrossWay)) < sofa.widthMm / 2)
    .map((table) => ({ table, gap: apart(shapeOf(sofa), shapeOf(table)) }))
    .sort((a, b) => a.gap.mm - b.gap.mm)[0];
}

/** Without an end table the coffee table is the only place for a glass. */
const hasOtherSurface = ({ file, rules, shapeOf }: FloorContext, sofa: Piece, table: Piece): boolean =>
  file.pieces.some(
    (p) =>
      hasTop(p) && p !== table && apart(shapeOf(sofa), shapeOf(p)).mm <= rules.number('floor.surfaceReach'),
  );

function gapRule(rules: RuleBook, otherSurface: boolean): RuleId {
  if (rules.school('floor.sofaTableSchool') === 'atLeast') return 'floor.sofaTableLeast';
  return otherSurface ? 'floor.sofaTable' : 'floor.sofaTableAlone';
}
