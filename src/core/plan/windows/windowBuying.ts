import { inSets, type Mm, type Money } from '../../base/units';
import type { Dressing, Item, Look } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import type { BuyKind, BuyLine } from '../../stash/buying';
import { liningCost } from '../../stages/windows/made';
import { hardwareOf } from '../../stages/windows/hardware';
import type { Route } from '../../stages/windows/routes';
import type { WindowPlan } from '../../stages/windows/windowPlan';
import { countUses } from '../uses';
import type { Bought } from '../stageOutcome';

type Context = { look: Pick<Look, 'dressings'>; items: ReadonlyMap<string, Item>; rules: RuleBook };
/** One layer of cloth at a window, with what was chosen for it. */
type Layer = {
  name: string;
  panels: number;
  flatWidthMm: Mm;
  finishedLengthMm: Mm;
  route: Route | null;
  clothWidthMm: Mm | null;
  /** The panels of the stash that hang there as they are; undefined where they are bought or made. */
  owned: Item | undefined;
  kinds: { panels: BuyKind; cloth: BuyKind; hems: BuyKind };
};

const MAIN = { panels: 'panels', cloth: 'cloth', hems: 'hems' } as const;
const SHEER = { panels: 'sheers', cloth: 'sheerCloth', hems: 'sheerHems' } as const;

/**
 * What the windows need bought: panels, cloth, rods and hardware; and the panels of the stash that they use.
 */
export function windowBuying(windows: readonly WindowPlan[], context: Context): Bought {
  const dressed = windows.flatMap((window) => {
    const dressing = context.look.dressings.find((d) => d.id === window.dressingId);
    return dressing ? [{ window, layers: layersOf(window, dressing, context) }] : [];
  });
  return {
    lines: dressed.flatMap(({ window, layers }) => [
      ...layers.flatMap((layer) => [...clothLines(layer, context.rules), ...hemLines(layer, context.rules)]),
      ...linerLines(window, context.rules),
      ...hardwareLines(window, context.rules),
    ]),
    uses: countUses(
      'panelShort',
      dressed.flatMap(({ layers }) =>
        layers.flatMap(({ owned, panels }) => (owned ? [{ item: owned, count: panels }] : [])),
      ),
    ),
  };
}

function layersOf(window: WindowPlan, dressing: Dressing, { items }: Context): Layer[] {
  const { sheer } = window;
  const main: Layer = {
    name: window.name,
    panels: window.panels,
    flatWidthMm: window.flatWidthMm,
    finishedLengthMm: window.finishedLengthMm,
    route: window.chosenRoute,
    clothWidthMm: dressing.making.clothWidthMm,
    owned: ownedPanels(window.chosenRoute, items.get(dressing.itemId ?? '')),
    kinds: MAIN,
  };
  if (!sheer || !dressing.sheer) return [main];
  return [
    main,
    {
      name: window.name,
      panels: sheer.panels,
      flatWidthMm: sheer.flatWidthMm,
      finishedLengthMm: sheer.finishedLengthMm,
      route: sheer.chosenRoute,
      clothWidthMm: dressing.sheer.making.clothWidthMm,
      owned: ownedPanels(sheer.chosenRoute, items.get(dressing.sheer.itemId ?? '')),
      kinds: SHEER,
    },
  ];
}

function ownedPanels(route: Route | null, cloth: Item | undefined): Item | undefined {
  if (cloth?.kind !== 'panel') return undefined;
  const asOwned = !route || (route.stockMm !== null && Math.abs(route.stockMm - cloth.heightMm) < 1);
  return asOwned ? cloth : undefined;
}

type LineFacts = { widthMm?: Mm | null; heightMm?: Mm; cost?: Money | null };

const buyLine = (
  kind: BuyKind,
  name: string,
  count: number,
  { widthMm, heightMm, cost }: LineFacts = {},
): BuyLine => ({
  kind,
  name,
  count,
  widthMm: widthMm ?? null,
  heightMm: heightMm ?? null,
  cost: cost ?? null,
  need: count,
  have: 0,
});

function clothLines(layer: Layer, rules: RuleBook): BuyLine[] {
  const { owned, route, kinds, name } = layer;
  if (owned) return [];
  if (route?.made) return madeLines(layer, route.made, route.cost, rules);
  return [
    buyLine(kinds.panels, name, inSets(layer.panels, rules.number('windows.panelsSoldIn')), {
      widthMm: layer.flatWidthMm,
      heightMm: route?.stockMm ?? layer.finishedLengthMm,
      cost: route?.cost ?? null,
    }),
  ];
}

/** Cloth by its widths, and lining. The way's price is for both. */
function madeLines(
  { name, kinds, clothWidthMm }: Layer,
  made: NonNullable<Route['made']>,
  routeCost: Money,
  rules: RuleBook,
): BuyLine[] {
  const lining = liningCost(made, rules);
  const cloth = buyLine(kinds.cloth, name, made.widths, {
    widthMm: clothWidthMm ?? rules.number('windows.clothWidth'),
    heightMm: made.cutMm,
    cost: routeCost - lining,
  });
  if (lining <= 0) return [cloth];
  return [cloth, buyLine('lining', name, made.liningWidths, { heightMm: made.liningCutMm, cost: lining })];
}

/** Hems that are sewn. On bought panels the way's price has them in it. */
function hemLines({ name, route, owned, kinds }: Layer, rules: RuleBook): BuyLine[] {
  const hems = route?.hems ?? 0;
  if (hems === 0) return [];
  const cost = owned ? hems * rules.number('windows.hemWorkPrice') : null;
  return [buyLine(kinds.hems, name, hems, { cost })];
}

/** A shower curtain hangs outside the tub, and a liner inside it. */
const linerLines = (
  { shower, name, flatWidthMm, finishedLengthMm }: WindowPlan,
  rules: RuleBook,
): BuyLine[] =>
  shower
    ? [
        buyLine('liner', name, 1, {
          widthMm: flatWidthMm,
          heightMm: finishedLengthMm,
          cost: rules.number('windows.linerPrice'),
        }),
      ]
    : [];

/** Rings by their drop, where longer ones than usual are chosen; those of a sheer apart from the curtain's. */
function ringLines(window: WindowPlan, rules: RuleBook): BuyLine[] {
  const { name, sheer } = window;
  const each = rules.number('windows.ringPrice');
  const ofSheer = sheer?.rings ?? 0;
  const longer = (route: Route | null, dropMm: Mm | null) => (route?.kind === 'longerRings' ? dropMm : null);
  const drops = [
    { count: window.rings - ofSheer, widthMm: longer(window.chosenRoute, window.ringDropMm) },
    { count: ofSheer, widthMm: sheer ? longer(sheer.chosenRoute, sheer.ringDropMm) : null },
  ];
  const alike = drops[0]?.widthMm === drops[1]?.widthMm;
  const lines = alike ? [{ count: window.rings, widthMm: drops[0]?.widthMm ?? null }] : drops;
  return lines
    .filter(({ count }) => count > 0)
    .map(({ count, widthMm }) => buyLine('rings', name, count, { widthMm, cost: Math.round(count * each) }));
}

const hardwareLines = (window: WindowPlan, rules: RuleBook): BuyLine[] =>
  hardwareOf(window, rules).flatMap(({ kind, count, cost }) => {
    if (kind === 'rings') return ringLines(window, rules);
    const sized = kind === 'rod' ? { widthMm: window.bracketToBracketMm, cost } : { cost };
    return [buyLine(kind, window.name, count, sized)];
  });
