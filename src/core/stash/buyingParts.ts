/** A look's cost by its parts, and the rules behind the lines of the buying list. */
import type { Money } from '../base/units';
import type { RuleId } from '../rules/table';
import type { BuyKind, BuyLine, Material } from './buying';

/** What a line of the buying list belongs to, when the cost of a look is looked at as a whole. */
export type CostPart = 'curtains' | 'rods' | 'pillows' | 'things' | 'pieces' | 'fixings' | 'works';
const COST_PARTS: Record<BuyKind, CostPart> = {
  panels: 'curtains',
  cloth: 'curtains',
  lining: 'curtains',
  hems: 'curtains',
  sheers: 'curtains',
  sheerCloth: 'curtains',
  sheerHems: 'curtains',
  liner: 'curtains',
  panelShort: 'curtains',
  rod: 'rods',
  brackets: 'rods',
  finials: 'rods',
  rings: 'rods',
  hooks: 'rods',
  insert: 'pillows',
  roundInsert: 'pillows',
  casing: 'pillows',
  thing: 'things',
  cover: 'pillows',
  piece: 'pieces',
  pictureHooks: 'fixings',
  hangers: 'fixings',
  shelfBrackets: 'fixings',
  anchors: 'fixings',
  material: 'works',
  bulb: 'things',
};

/** The cost of a look by its parts, in the smallest coin, dearest first; parts that cost nothing are left out. */
export function costByPart(lines: readonly BuyLine[]): { part: CostPart; cost: Money }[] {
  const parts = new Map<CostPart, Money>();
  for (const { kind, cost } of lines)
    parts.set(COST_PARTS[kind], (parts.get(COST_PARTS[kind]) ?? 0) + (cost ?? 0));
  return [...parts]
    .map(([part, cost]) => ({ part, cost }))
    .filter(({ cost }) => cost > 0)
    .sort((a, b) => b.cost - a.cost);
}

const INSERT_RULES: Record<string, RuleId> = {
  feather: 'seats.featherOver',
  polyester: 'seats.polyesterOver',
  foam: 'seats.foamOver',
};

const BUY_RULES: Partial<Record<BuyKind, RuleId>> = {
  panels: 'windows.fullness',
  panelShort: 'windows.fullness',
  sheers: 'windows.sheerFullness',
  liner: 'windows.linerPrice',
  cloth: 'windows.headingAllowance',
  sheerCloth: 'windows.headingAllowance',
  rod: 'windows.rodPricePerMetre',
  lining: 'windows.liningShorter',
  brackets: 'windows.sagMost',
  hooks: 'windows.hookPrice',
  finials: 'windows.finialPrice',
  rings: 'windows.ringSpacing',
  hems: 'windows.hem',
  sheerHems: 'windows.hem',
  pictureHooks: 'walls.hookClasses',
  shelfBrackets: 'walls.shelfLoad',
  anchors: 'walls.anchorFrom',
};

/** What a work takes, by how it is counted. */
const MATERIAL_RULES: Partial<Record<Material['by'], RuleId>> = {
  litres: 'works.cover',
  length: 'works.stripTrim',
  rolls: 'works.stripTrim',
  sheets: 'works.turnIn',
  pulls: 'works.holesApart',
};

/** The rule that counts or sizes a line; null where none does (a cover that is short). */
export function buyRule({
  kind,
  name,
  material,
}: Pick<BuyLine, 'kind' | 'name' | 'material'>): RuleId | null {
  if (kind === 'insert' || kind === 'roundInsert') return INSERT_RULES[name] ?? null;
  if (kind === 'casing') return 'seats.casingSchool';
  return (material ? MATERIAL_RULES[material.by] : BUY_RULES[kind]) ?? null;
}
