import { inSets, sum, type Mm, type Money } from '../base/units';
import type { RuleId } from '../rules/table';

export type BuyKind =
  | 'panels'
  | 'cloth'
  | 'rod'
  | 'lining'
  | 'brackets'
  | 'finials'
  | 'rings'
  | 'hooks'
  | 'hems'
  | 'insert'
  | 'cover'
  | 'panelShort'
  | 'piece';
/** One line of the buying list. Sizes in mm; cost null when no price is known. */
export type BuyLine = {
  kind: BuyKind;
  name: string;
  count: number;
  widthMm: Mm | null;
  heightMm: Mm | null;
  cost: Money | null;
  need: number;
  have: number;
};

export type Use = {
  itemId: string;
  name: string;
  kind: BuyKind;
  widthMm: Mm;
  heightMm: Mm;
  price: Money;
  need: number;
  have: number;
  /** Sold by so many. */ setOf: number;
};

/** Things of the stash that the look needs more of than there are. */
export const shortLines = (uses: readonly Use[]): BuyLine[] =>
  uses
    .filter((u) => u.need > u.have)
    .map((u) => ({ u, count: inSets(u.need - u.have, u.setOf) }))
    .map(({ u, count }) => ({
      kind: u.kind,
      name: u.name,
      count,
      widthMm: u.widthMm,
      heightMm: u.heightMm,
      cost: u.price > 0 ? count * u.price : null,
      need: u.need,
      have: u.have,
    }));

/** What a line of the buying list belongs to, when the cost of a look is looked at as a whole. */
export type CostPart = 'curtains' | 'rods' | 'pillows' | 'pieces';
const COST_PARTS: Record<BuyKind, CostPart> = {
  panels: 'curtains',
  cloth: 'curtains',
  lining: 'curtains',
  hems: 'curtains',
  panelShort: 'curtains',
  rod: 'rods',
  brackets: 'rods',
  finials: 'rods',
  rings: 'rods',
  hooks: 'rods',
  insert: 'pillows',
  cover: 'pillows',
  piece: 'pieces',
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

export const totalCost = (lines: readonly BuyLine[]): Money => sum(lines.map((l) => l.cost ?? 0));

const INSERT_RULES: Record<string, RuleId> = {
  feather: 'seats.featherOver',
  polyester: 'seats.polyesterOver',
  foam: 'seats.foamOver',
};

/** The rule that counts or sizes a line; null where none does (a pair of finials, a cover that is short). */
export function buyRule(line: Pick<BuyLine, 'kind' | 'name'>): RuleId | null {
  switch (line.kind) {
    case 'panels':
    case 'panelShort':
      return 'windows.fullness';
    case 'cloth':
      return 'windows.headingAllowance';
    case 'rod':
      return 'windows.rodPricePerMetre';
    case 'lining':
      return 'windows.liningShorter';
    case 'brackets':
      return 'windows.sagMost';
    case 'hooks':
      return 'windows.hookPrice';
    case 'finials':
      return 'windows.finialPrice';
    case 'rings':
      return 'windows.ringSpacing';
    case 'hems':
      return 'windows.hem';
    case 'insert':
      return INSERT_RULES[line.name] ?? null;
    case 'cover':
    case 'piece':
      return null;
  }
}
