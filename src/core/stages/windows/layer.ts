/**
 * One layer of cloth on one rod: the curtain, or the sheer on the inner rod. Lengths in mm, along the rod
 * from the first wall's left end.
 */
import { sum, type Mm } from '../../base/units';
import type { Heading } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import { hangPanels, type HungPanels } from './hems';
import { landingMm, landingRule, pinGives, takeDownMm, takeDownRule } from './landing';
import { layerGsm } from './layerChoice';
import type { LayerChoice, LayerPlace, LayerPlan, PanelPlan } from './layerPlan';
import { pocketed } from './leaf';
import { planMaking, type MakingPlan } from './made';
import { endsMm, packingRule, placeBrackets, type BracketPlan } from './panels';
import { findRoutes, sameStock, stockPrice, type Route, type RouteFacts } from './routes';
import { onWalls } from './span';

export { layerGsm, mainChoice, sheerChoice } from './layerChoice';
export { hemsOver } from './hems';
export type { LayerChoice, LayerPlace, LayerPlan, PanelPlan } from './layerPlan';

const RINGED: ReadonlySet<Heading> = new Set(['ringClip', 'pinchPleat', 'wave']);

/** What a layer is planned from, with the brackets that its rod got. */
type Context = {
  choice: LayerChoice;
  place: LayerPlace;
  rules: RuleBook;
  clothGsm: number;
  /** Width of a panel as bought. */
  boughtFlatMm: Mm;
  repeatMm: Mm;
  brackets: BracketPlan;
  bracketsFor: (panels: number | null) => BracketPlan;
  leftMm: Mm;
  rightMm: Mm;
  takeDownMm: Mm;
  landMm: Mm;
};
/** The cloth that hangs: as bought, or made to measure. */
type Cloth = {
  made: boolean;
  panels: number;
  flatWidthMm: Mm;
  fullness: number;
  sides: 1 | 2;
  stackPerSideMm: Mm;
};

/** Cloth on a rod: brackets, panels, drops, options for the length. */
export function planLayer(choice: LayerChoice, place: LayerPlace, rules: RuleBook): LayerPlan {
  const context = contextOf(choice, place, rules);
  const { brackets } = context;
  const cloth = clothOf(context);
  const hung = hang(context, cloth.panels);
  const positive = hung.drops.every((d) => d.finishedMm > 0);
  // what is bought and what is made are as many panels as each of them takes, whichever of the two hangs now
  const bought = cloth.made ? hang(context, brackets.count.panels) : hung;
  const sewn = cloth.made ? hung : hang(context, madePanels(context));
  const making = make(context, Math.max(...sewn.drops.map((d) => d.finishedMm)));
  const routes = positive ? findRoutes(routeFacts(context, bought, making), rules, choice.route) : [];
  const chosenRoute = chosenOf(routes, choice);
  const asBought = chosenRoute?.kind === 'otherLanding' ? chosenRoute : null;
  const folds = Math.max(1, Math.round(cloth.flatWidthMm / rules.number('windows.ringSpacing')));
  const panelPlans = hungPanels(context, cloth, hung, asBought).map((p) => ({ ...p, folds }));
  const rings = ringsOf(context, cloth, making);
  return {
    itemId: choice.cloth?.id ?? null,
    heading: choice.heading,
    landing: asBought?.landing ?? choice.landing,
    landingMm: asBought
      ? -(asBought.finishedMm - (place.rodMm - hung.highestMm - context.takeDownMm))
      : context.landMm,
    takeDownMm: context.takeDownMm,
    rodHeightMm: place.rodMm,
    clothGsm: context.clothGsm,
    brackets,
    leftMm: context.leftMm,
    rightMm: context.rightMm,
    sides: cloth.sides,
    panels: cloth.panels,
    fullness: cloth.fullness,
    wishedFullness: choice.fullness,
    fewer: fewerPanels(context, cloth),
    flatWidthMm: cloth.flatWidthMm,
    stackPerSideMm: cloth.stackPerSideMm,
    panelPlans,
    finishedLengthMm: panelPlans[0]?.finishedLengthMm ?? 0,
    unevenMm: hung.highestMm - Math.min(...hung.floors.map((f) => f.lowMm)),
    alongPanelMm: Math.max(...hung.floors.map((f) => f.highMm - f.lowMm)),
    measured: hung.floors.every((f) => f.measured),
    positive,
    oneLength: hung.oneLength,
    routes,
    chosenRoute,
    making,
    repeatMm: context.repeatMm,
    rings,
    hooks: choice.heading === 'pinchPleat' ? rings : 0,
    foldsPerSide: folds * panelsOnLeft(cloth),
    rules: {
      landing: choice.landing === 'kiss' ? 'windows.pinGive' : landingRule[choice.landing],
      takeDown: takeDownRule(choice.heading),
      packing: packingRule(context.clothGsm, rules),
    },
  };
}

function contextOf(choice: LayerChoice, place: LayerPlace, rules: RuleBook): Context {
  const { cloth } = choice;
  const { leaves, outer } = place;
  const unchosen = choice.plainGsm === undefined ? undefined : { clothGsm: choice.plainGsm };
  const clothGsm = layerGsm(cloth ?? unchosen, choice.lining, rules);
  const boughtFlatMm = cloth?.kind === 'panel' ? cloth.widthMm : choice.flatWidthMm;
  const outerMm = leaves ? sum(leaves.map((l) => l.toMm - l.fromMm)) : outer.rightMm - outer.leftMm;
  const bracketsFor = (panels: number | null) =>
    placeBrackets(
      { outerMm, trims: outer.trims, roomMm: place.roomMm, given: place.given, ends: place.ends },
      { flatWidthMm: boughtFlatMm, clothGsm },
      { fullness: choice.fullness, panels },
      rules,
    );
  const brackets = bracketsFor(wantedPanels(choice, place));
  const leftMm = outer.leftMm - brackets.leftMm;
  return {
    choice,
    place,
    rules,
    clothGsm,
    boughtFlatMm,
    repeatMm: repeatOf(choice),
    brackets,
    bracketsFor,
    leftMm,
    rightMm: leaves ? outer.rightMm : leftMm + brackets.coveredMm,
    takeDownMm: takeDownMm(choice.heading, choice.pinMm, rules),
    landMm: place.landMm ?? landingMm(choice.landing, rules),
  };
}

/** A typed count; every leaf has as many panels as the others. */
function wantedPanels({ panels }: LayerChoice, { leaves }: LayerPlace): number | null {
  if (!leaves || panels === null) return panels;
  return leaves.length * Math.ceil(panels / leaves.length);
}

/** The repeat that the widths have to match: typed, or the cloth's own. */
function repeatOf({ repeatMm, cloth }: LayerChoice): Mm {
  if (repeatMm !== null) return repeatMm;
  const plain = !cloth || cloth.pattern.kind === 'solid' || cloth.pattern.kind === 'texture';
  return plain ? 0 : cloth.pattern.repeatMm;
}

/** What is made to measure is one panel a side, of as many widths as it takes. */
const madePanels = ({ choice, place }: Context): number =>
  wantedPanels(choice, place) ?? (place.ends.pair ? 2 : 1);

function make(context: Context, finishedMm: Mm): MakingPlan {
  const { choice, place, brackets, repeatMm, rules } = context;
  const { ends } = place;
  const panels = madePanels(context);
  const { returnMm, overlapMm } = panels > 2 ? { returnMm: 0, overlapMm: 0 } : ends;
  return planMaking(
    {
      makeUpWidthMm: Math.max(0, choice.fullness * (brackets.coveredMm + endsMm(ends))),
      finishedMm: Math.max(0, finishedMm),
      panels,
      panelFinishedMm: brackets.coveredMm / panels + (returnMm + overlapMm / 2),
      returnMm,
      overlapMm,
      heading: choice.heading,
      pocketBelow: place.leaves !== undefined && pocketed(choice.heading),
      lining: choice.lining,
      clothWidthMm: choice.clothWidthMm,
      repeatMm,
      halfDrop: choice.halfDrop,
    },
    rules,
  );
}

function clothOf(context: Context): Cloth {
  const { choice, place, brackets, boughtFlatMm, clothGsm, rules } = context;
  const made = choice.route?.kind === 'made';
  const panels = made ? madePanels(context) : brackets.count.panels;
  const sides = place.ends.pair && panels > 1 ? 2 : 1;
  if (!made) {
    const { fullness, stackPerSideMm } = brackets.count;
    return { made, panels, sides, flatWidthMm: boughtFlatMm, fullness, stackPerSideMm };
  }
  const flatWidthMm = make(context, 0).flatHemmedMm;
  return {
    made,
    panels,
    sides,
    flatWidthMm,
    fullness: Math.max(0, (panels * flatWidthMm - endsMm(place.ends)) / brackets.coveredMm),
    stackPerSideMm: (panels * flatWidthMm) / sides / rules.number(packingRule(clothGsm, rules)),
  };
}

/** Whole panels can come to much more than was wanted: what fewer would make, on the rod that they need. */
function fewerPanels({ choice, rules, bracketsFor }: Context, cloth: Cloth): LayerPlan['fewer'] {
  const panels = cloth.panels - cloth.sides;
  const much = cloth.fullness > choice.fullness * rules.number('windows.fullnessOver');
  if (cloth.made || panels < cloth.sides || !much) return null;
  return { panels, fullness: bracketsFor(panels).count.fullness };
}

const hang = (context: Context, count: number): HungPanels =>
  hangPanels(count, context, context.place, context.rules);

const ringCount = ({ choice, rules }: Context, panels: number, flatMm: Mm): number =>
  RINGED.has(choice.heading) ? panels * (Math.ceil(flatMm / rules.number('windows.ringSpacing')) + 1) : 0;

/** A ring for every pleat of a curtain that is made, else evenly along the panel. */
const ringsOf = (context: Context, { made, panels, flatWidthMm }: Cloth, making: MakingPlan): number =>
  made && making.pleats && RINGED.has(context.choice.heading)
    ? panels * making.pleats.pleats
    : ringCount(context, panels, flatWidthMm);

function routeFacts(context: Context, bought: HungPanels, making: MakingPlan): RouteFacts {
  const { choice, place, brackets, rules } = context;
  return {
    rodMm: place.rodMm,
    rodLowMm: place.rodLowMm,
    rodHighMm: place.rodHighMm,
    takeDownMm: context.takeDownMm,
    landing: choice.landing,
    landingMm: context.landMm,
    drops: bought.drops,
    panels: brackets.count.panels,
    making,
    rings: ringCount(context, brackets.count.panels, context.boughtFlatMm),
    mayLie: place.mayLie,
    pins: pinGives(choice.heading, choice.pinMm, rules),
    ringsGrow: choice.heading === 'ringClip' || choice.heading === 'pinchPleat',
    lengths: lengthsOf(choice, rules),
  };
}

/** Lengths that are owned, then those that shops keep. */
function lengthsOf({ cloth, stock }: LayerChoice, rules: RuleBook): RouteFacts['lengths'] {
  const setOf = rules.number('windows.panelsSoldIn');
  const shop = stock.map((mm) => ({ mm, owned: 0, priceEach: stockPrice(mm, rules), setOf }));
  if (cloth?.kind !== 'panel') return shop;
  const owned = { mm: cloth.heightMm, owned: cloth.count, priceEach: cloth.price, setOf: cloth.setOf };
  return [owned, ...shop.filter((s) => Math.abs(s.mm - owned.mm) >= 1)];
}

const chosenOf = (routes: readonly Route[], { route }: LayerChoice): Route | null =>
  routes.find((r) => r.kind === route?.kind && sameStock(r.stockMm, route.stockMm)) ?? null;

const panelsOnLeft = ({ sides, panels }: Cloth): number => (sides === 1 ? panels : Math.ceil(panels / 2));

/** Every panel as it hangs. `asBought`: the route that takes a length as it is and lets it land otherwise. */
function hungPanels(
  { place, leftMm, rightMm, takeDownMm: take }: Context,
  cloth: Cloth,
  { stretches, floors, drops }: HungPanels,
  asBought: Route | null,
): Omit<PanelPlan, 'folds'>[] {
  const onLeft = panelsOnLeft(cloth);
  return stretches.map(({ fromMm, toMm }, i) => {
    const left = i < onLeft;
    const onSide = left ? onLeft : cloth.panels - onLeft;
    const stackMm = Math.min(cloth.stackPerSideMm / onSide, toMm - fromMm);
    const drawnBack = left ? leftMm + i * stackMm : rightMm - (cloth.panels - i) * stackMm;
    // what is held on a leaf stays in front of its glass
    const stack = place.leaves
      ? { fromMm, toMm: fromMm + (toMm - fromMm) }
      : { fromMm: drawnBack, toMm: drawnBack + stackMm };
    const floor = floors[i] ?? { highMm: 0, lowMm: 0 };
    const finishedLengthMm = asBought?.finishedMm ?? drops[i]?.finishedMm ?? 0;
    return {
      side: sideOf(cloth, left),
      number: i + 1,
      fromMm,
      toMm,
      stackFromMm: stack.fromMm,
      stackToMm: stack.toMm,
      drawnOn: onWalls(place.span, fromMm, toMm),
      openOn: onWalls(place.span, stack.fromMm, stack.toMm),
      floorHighMm: floor.highMm,
      floorLowMm: floor.lowMm,
      finishedLengthMm,
      bottomMm: Math.max(place.rodMm - take - finishedLengthMm, floor.highMm),
    };
  });
}

function sideOf({ sides }: Cloth, left: boolean): PanelPlan['side'] {
  if (sides === 1) return 'single';
  return left ? 'left' : 'right';
}
