import { inSets, type Mm, type Money } from '../../base/units';
import type { Dressing, Item, Look } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import type { BuyLine } from '../../stash/buying';
import { liningCost } from '../../stages/windows/made';
import { hardwareOf } from '../../stages/windows/hardware';
import type { WindowPlan } from '../../stages/windows/windowPlan';
import { countUses } from '../uses';
import type { Bought } from '../stageOutcome';

type Context = { look: Pick<Look, 'dressings'>; items: ReadonlyMap<string, Item>; rules: RuleBook };
/** A window with what was chosen for it. */
type Choice = {
  window: WindowPlan;
  dressing: Dressing;
  /** The panels of the stash that hang there as they are; undefined where they are bought or made. */
  owned: Item | undefined;
};

/**
 * What the windows need bought: panels, cloth, rods and hardware; and the panels of the stash that they use.
 */
export function windowBuying(windows: readonly WindowPlan[], context: Context): Bought {
  const choices = windows.flatMap((window): Choice[] => {
    const dressing = context.look.dressings.find((d) => d.id === window.dressingId);
    return dressing ? [{ window, dressing, owned: ownedPanels(window, dressing, context) }] : [];
  });
  return {
    lines: choices.flatMap((choice) => [
      ...mainLines(choice, context.rules),
      ...hemLines(choice, context.rules),
      ...sheerLines(choice.window, context),
      ...hardwareLines(choice.window, context.rules),
    ]),
    uses: countUses(
      'panelShort',
      choices.flatMap(({ window, owned }) => [
        ...(owned ? [{ item: owned, count: window.panels }] : []),
        ...sheerUses(window, context),
      ]),
    ),
  };
}

function ownedPanels(window: WindowPlan, dressing: Dressing, { items }: Context): Item | undefined {
  const cloth = items.get(dressing.itemId ?? '');
  if (cloth?.kind !== 'panel') return undefined;
  const route = window.chosenRoute;
  const asOwned = !route || (route.stockMm !== null && Math.abs(route.stockMm - cloth.heightMm) < 1);
  return asOwned ? cloth : undefined;
}

type LineFacts = { widthMm?: Mm; heightMm?: Mm; cost?: Money | null };

const buyLine = (
  kind: BuyLine['kind'],
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

function mainLines({ window, dressing, owned }: Choice, rules: RuleBook): BuyLine[] {
  if (owned) return [];
  const route = window.chosenRoute;
  if (route?.made) return madeLines(window.name, dressing, route.made, route.cost, rules);
  return [
    buyLine('panels', window.name, inSets(window.panels, rules.number('windows.panelsSoldIn')), {
      widthMm: window.flatWidthMm,
      heightMm: route?.stockMm ?? window.finishedLengthMm,
      cost: route?.cost ?? null,
    }),
  ];
}

type Made = NonNullable<NonNullable<WindowPlan['chosenRoute']>['made']>;

/** Cloth by its widths, and lining. The route's price is for both. */
function madeLines(
  name: string,
  dressing: Dressing,
  made: Made,
  routeCost: Money,
  rules: RuleBook,
): BuyLine[] {
  const lining = liningCost(made, rules);
  const cloth = buyLine('cloth', name, made.widths, {
    widthMm: dressing.making.clothWidthMm ?? rules.number('windows.clothWidth'),
    heightMm: made.cutMm,
    cost: routeCost - lining,
  });
  if (lining <= 0) return [cloth];
  return [cloth, buyLine('lining', name, made.liningWidths, { heightMm: made.liningCutMm, cost: lining })];
}

/** Hems that are sewn. On bought panels the route's price has them in it. */
function hemLines({ window, owned }: Choice, rules: RuleBook): BuyLine[] {
  const hems = window.chosenRoute?.hems ?? 0;
  if (hems === 0) return [];
  const cost = owned ? hems * rules.number('windows.hemWorkPrice') : null;
  return [buyLine('hems', window.name, hems, { cost })];
}

const sheerItem = (window: WindowPlan, { items }: Context): Item | undefined => {
  const item = items.get(window.sheer?.itemId ?? '');
  return item?.kind === 'panel' ? item : undefined;
};

function sheerUses(window: WindowPlan, context: Context): { item: Item; count: number }[] {
  const item = sheerItem(window, context);
  return item && window.sheer ? [{ item, count: window.sheer.panels }] : [];
}

function sheerLines(window: WindowPlan, context: Context): BuyLine[] {
  const { sheer } = window;
  if (!sheer || sheerItem(window, context)) return [];
  const count = inSets(sheer.panels, context.rules.number('windows.panelsSoldIn'));
  return [
    buyLine('panels', window.name, count, {
      widthMm: sheer.flatWidthMm,
      heightMm: sheer.finishedLengthMm,
    }),
  ];
}

const hardwareLines = (window: WindowPlan, rules: RuleBook): BuyLine[] =>
  hardwareOf(window, rules).map(({ kind, count, cost }) =>
    buyLine(
      kind,
      window.name,
      count,
      kind === 'rod' ? { widthMm: window.bracketToBracketMm, cost } : { cost },
    ),
  );
