import type { Mm } from '../base/units';
import { pastOval } from '../geometry/plane';
import type { Item, Lie, Placement } from '../model/types';
import { LAYERS_OF } from './throws';

/** The ways in which cloth lies on a table: over all of it, as a runner along or across it, one at each place. */
const TABLED = ['overTable', 'alongTable', 'acrossTable', 'atPlaces'] as const;
export type Tabled = (typeof TABLED)[number];
export const isTabled = (lie: Lie): lie is Tabled => (TABLED as readonly Lie[]).includes(lie);

/** A table's top, as one faces its front, and how high it is; round or oval, or with corners. */
export type TableTop = { widthMm: Mm; depthMm: Mm; round: boolean; topMm: Mm };
type Outline = Pick<TableTop, 'widthMm' | 'depthMm' | 'round'>;
type Cloth = Pick<Item, 'widthMm' | 'heightMm' | 'round'>;

/** A cloth as it lies on a table: its long side along the table's. */
function laidOver(
  { widthMm, heightMm }: Cloth,
  top: Pick<TableTop, 'widthMm' | 'depthMm'>,
): { alongMm: Mm; acrossMm: Mm } {
  const [long, short] = [Math.max(widthMm, heightMm), Math.min(widthMm, heightMm)];
  return top.widthMm >= top.depthMm ? { alongMm: long, acrossMm: short } : { alongMm: short, acrossMm: long };
}

/** How far a cloth hangs down over the table's ends, left and right, and over its front and back; below 0 it stops short. */
export type ClothFalls = {
  endMm: Mm;
  frontMm: Mm;
  /** How far down its corners hang, where it has any; no lower than its sides where it has none. */
  lowestMm: Mm;
  /** How far the corners of the table stand out from under a round cloth. */
  bareCornerMm: Mm;
};

/**
 * The drops of a tablecloth: on each side half of what it is larger than the table (common practice). Its corners hang down
 * from the table's corners, or from the edge of a round table in their direction.
 */
export function clothFalls(cloth: Cloth, top: Outline): ClothFalls {
  const { alongMm, acrossMm } = laidOver(cloth, top);
  const [endMm, frontMm] = [(alongMm - top.widthMm) / 2, (acrossMm - top.depthMm) / 2];
  const isBare = cloth.round && !top.round;
  const cornerMm = Math.hypot(top.widthMm, top.depthMm) / 2;
  return {
    endMm,
    frontMm,
    lowestMm: cloth.round ? Math.max(endMm, frontMm) : cornerFall({ alongMm, acrossMm }, top),
    bareCornerMm: isBare ? Math.max(0, cornerMm - Math.min(alongMm, acrossMm) / 2) : 0,
  };
}

/** How far a cloth's corner hangs down. */
function cornerFall({ alongMm, acrossMm }: { alongMm: Mm; acrossMm: Mm }, top: Outline): Mm {
  if (!top.round)
    return Math.hypot(Math.max(0, (alongMm - top.widthMm) / 2), Math.max(0, (acrossMm - top.depthMm) / 2));
  return pastOval({ xMm: alongMm / 2, yMm: acrossMm / 2 }, top.widthMm, top.depthMm);
}

/** A runner: how wide it lies, folded or not, and how far each end hangs down; below 0 it stops short of the table's edge. */
export type RunnerLies = { bandMm: Mm; overhangMm: Mm };

/** A runner, or a throw that is folded into one, along a table or across it. */
export function runnerLies(
  { kind, widthMm, heightMm }: Pick<Item, 'kind' | 'widthMm' | 'heightMm'>,
  { lie, fold }: Pick<Placement, 'lie' | 'fold'>,
  top: Pick<TableTop, 'widthMm' | 'depthMm'>,
): RunnerLies {
  const usual = kind === 'throw' ? 'thirds' : 'open';
  const overMm = lie === 'acrossTable' ? top.depthMm : top.widthMm;
  return {
    bandMm: Math.min(widthMm, heightMm) / LAYERS_OF[fold ?? usual],
    overhangMm: (Math.max(widthMm, heightMm) - overMm) / 2,
  };
}

/** How wide along the edge and how deep a mat lies at its place: across its short side; a napkin is folded in quarters. */
export function matIn({ kind, widthMm, heightMm }: Pick<Item, 'kind' | 'widthMm' | 'heightMm'>): {
  wideMm: Mm;
  deepMm: Mm;
} {
  const parts = kind === 'napkin' ? 2 : 1;
  return { wideMm: Math.max(widthMm, heightMm) / parts, deepMm: Math.min(widthMm, heightMm) / parts };
}

/** How thick cloth is, as it is seen from its edge. */
const CLOTH: Mm = 4;

/** The box that cloth on a table fills, and how far it hangs down at the ends and at the front and back, as far as the floor. */
export type TabledBox = {
  widthMm: Mm;
  depthMm: Mm;
  heightMm: Mm;
  zMm: Mm;
  legsMm: readonly [Mm, Mm];
  footMm: Mm;
};

/** Cloth as it lies on a table, in its middle; mats and napkins are seen as one layer over the places. */
export function tabledBox(
  item: Pick<Item, 'kind' | 'widthMm' | 'heightMm' | 'round'>,
  placement: Pick<Placement, 'fold'> & { lie: Tabled },
  top: TableTop,
): TabledBox {
  const { endMm, frontMm, ...own } = BOXES[placement.lie](item, placement, top);
  const hang = (mm: Mm) => Math.min(top.topMm, Math.max(0, mm));
  const [sideMm, footMm] = [hang(endMm), hang(frontMm)];
  const lowMm = Math.max(sideMm, footMm);
  return {
    widthMm: own.widthMm + (sideMm > 0 ? 2 * CLOTH : 0),
    depthMm: own.depthMm + (footMm > 0 ? 2 * CLOTH : 0),
    heightMm: lowMm + CLOTH,
    zMm: top.topMm - lowMm,
    legsMm: [sideMm, sideMm],
    footMm,
  };
}

type BoxOf = (
  item: Pick<Item, 'kind' | 'widthMm' | 'heightMm' | 'round'>,
  placement: Pick<Placement, 'fold'> & { lie: Tabled },
  top: TableTop,
) => { widthMm: Mm; depthMm: Mm; endMm: Mm; frontMm: Mm };
const asRunner: BoxOf = (item, placement, top) => {
  const { bandMm, overhangMm } = runnerLies(item, placement, top);
  const lengthOver = (mm: Mm) => Math.max(0, mm + 2 * Math.min(0, overhangMm));
  return placement.lie === 'acrossTable'
    ? { widthMm: bandMm, depthMm: lengthOver(top.depthMm), endMm: 0, frontMm: overhangMm }
    : { widthMm: lengthOver(top.widthMm), depthMm: bandMm, endMm: overhangMm, frontMm: 0 };
};
const BOXES: Record<Tabled, BoxOf> = {
  overTable: (item, _placement, top) => {
    const { endMm, frontMm } = clothFalls(item, top);
    return {
      widthMm: top.widthMm + 2 * Math.min(0, endMm),
      depthMm: top.depthMm + 2 * Math.min(0, frontMm),
      endMm,
      frontMm,
    };
  },
  alongTable: asRunner,
  acrossTable: asRunner,
  atPlaces: (_item, _placement, { widthMm, depthMm }) => ({ widthMm, depthMm, endMm: 0, frontMm: 0 }),
};
