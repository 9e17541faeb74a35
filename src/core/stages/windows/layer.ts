/**
 * One layer of cloth on one rod: the curtain, or the sheer on the inner rod. Lengths in mm, along the rod
 * from the first wall's left end.
 */
import type { Mm } from '../../base/units';
import type { RuleBook } from '../../rules/book';
import { hangPanels, stretchesOf, stretchesOnLeaves, type HungPanels } from './hems';
import { landingRule, pinMm, takeDownRule } from './landing';
import { boughtCloth, fewerPanels, madeCloth, make, ringsOf, sidesOf, type HungCloth } from './layerCloth';
import { layerContext, type LayerContext } from './layerContext';
import type { LayerChoice, LayerPlace, LayerPlan, PanelPlan, Stretch } from './layerPlan';
import { routeFacts } from './layerRoutes';
import { packingRule } from './panels';
import { findRoutes, isSameRod, sameStock, type Route } from './routes';
import { onWalls } from './span';

export { layerWeight, mainChoice, sheerChoice } from './layerChoice';
export { hemsOver } from './hems';
export type { LayerChoice, LayerPlace, LayerPlan, PanelPlan } from './layerPlan';

/** Cloth on a rod: brackets, panels, drops, options for the length. */
export function planLayer(choice: LayerChoice, place: LayerPlace, rules: RuleBook): LayerPlan {
  const context = layerContext(choice, place, rules);
  const { brackets } = context;
  // what is bought and what is made are as many panels as each of them takes, whichever of the two hangs now
  const [bought, sewn] = [boughtCloth(context), madeCloth(context)];
  const cloth = choice.route?.kind === 'made' ? sewn : bought;
  const hungBought = hang(context, bought);
  const hungSewn = hang(context, sewn);
  const hung = cloth.made ? hungSewn : hungBought;
  const positive = hung.drops.every((d) => d.finishedMm > 0);
  const making = make(context, longestMm(hungSewn));
  const found = positive
    ? (waysBefore(context) ?? findRoutes(routeFacts(context, hungBought, making), rules, choice.route))
    : { routes: [], leftOut: 0 };
  const chosenRoute = chosenOf(found.routes, choice);
  const asBought = hungAsBought(chosenRoute, context);
  const loweredMm = lowersMm(chosenRoute);
  const takeDown = context.takeDownMm + loweredMm;
  const topMm = place.rodMm - takeDown;
  const relanded = chosenRoute?.kind === 'otherLanding' ? chosenRoute : null;
  const folds = Math.max(1, Math.round(cloth.flatWidthMm / rules.number('windows.ringSpacing')));
  const panelPlans = hungPanels(context, cloth, hung, { asBought, topMm }).map((p) => ({ ...p, folds }));
  const rings = ringsOf(context, cloth, making);
  return {
    itemId: choice.cloth?.id ?? null,
    heading: choice.heading,
    landing: relanded?.landing ?? choice.landing,
    landingMm: relanded ? topMm - hung.highestMm - relanded.finishedMm : context.landMm,
    takeDownMm: takeDown,
    loweredMm,
    rodHeightMm: place.rodMm,
    clothGsm: context.clothGsm,
    gsmGuessed: context.gsmGuessed,
    brackets,
    leftMm: context.leftMm,
    rightMm: context.rightMm,
    sides: sidesOf(cloth),
    decorative: choice.decorative,
    panels: cloth.panels,
    mostPerSide: Math.max(cloth.onLeft, cloth.onRight),
    fullness: cloth.fullness,
    wishedFullness: choice.fullness,
    fewer: fewerPanels(context, cloth),
    flatWidthMm: cloth.flatWidthMm,
    stackLeftMm: cloth.stackLeftMm,
    stackRightMm: cloth.stackRightMm,
    stackPerSideMm: cloth.stackPerSideMm,
    panelPlans,
    finishedLengthMm: firstLengthMm(panelPlans),
    unevenMm: hung.highestMm - Math.min(...hung.floors.map((f) => f.lowMm)),
    alongPanelMm: Math.max(...hung.floors.map((f) => f.highMm - f.lowMm)),
    measured: hung.floors.every((f) => f.measured),
    positive,
    oneLength: hung.oneLength,
    routes: found.routes,
    routesLeftOut: found.leftOut,
    chosenRoute,
    making,
    repeatMm: context.repeatMm,
    rings,
    ...heldBy(context, chosenRoute),
    hooks: choice.heading === 'pinchPleat' ? rings : 0,
    rules: {
      landing: choice.landing === 'kiss' ? 'windows.pinGive' : landingRule[choice.landing],
      takeDown: takeDownRule(choice.heading),
      packing: packingRule(context.clothGsm, rules),
    },
  };
}

/**
 * The ways to the length from where the rod was before the chosen one moved it, so that choosing one changes
 * nothing of what the others would do. Undefined where none moved it, or it was moved again since.
 */
function waysBefore(context: LayerContext): ReturnType<typeof findRoutes> | undefined {
  const { choice, place, rules } = context;
  const rodMm = place.rodBeforeMm;
  if (rodMm === undefined || choice.route?.kind !== 'asItIs') return undefined;
  const before = { ...context, place: { ...place, rodMm } };
  const bought = hang(before, boughtCloth(before));
  const making = make(before, longestMm(hang(before, madeCloth(before))));
  const ways = findRoutes(routeFacts(before, bought, making), rules, choice.route);
  const chosen = chosenOf(ways.routes, choice);
  return chosen && isSameRod(chosen.rodMm, place.rodMm) ? ways : undefined;
}

const longestMm = ({ drops }: HungPanels): Mm => Math.max(...drops.map((d) => d.finishedMm));

/** Where each panel is drawn back to, from the left; on a leaf it stays in front of the glass. */
function stacksOf({ place, leftMm, rightMm }: LayerContext, cloth: HungCloth): Stretch[] {
  const { leaves } = place;
  if (leaves) return stretchesOnLeaves(cloth.panels, leaves);
  const each = (rightMm - leftMm) / cloth.panels;
  return Array.from({ length: cloth.panels }, (_, i) => {
    const left = i < cloth.onLeft;
    const onSide = left ? cloth.onLeft : cloth.onRight;
    const stackMm = Math.min((left ? cloth.stackLeftMm : cloth.stackRightMm) / onSide, each);
    const fromMm = left ? leftMm + i * stackMm : rightMm - (cloth.panels - i) * stackMm;
    return { fromMm, toMm: fromMm + stackMm };
  });
}

/** Where each panel hangs when drawn; those that are never drawn stay where they stack. */
function stretchesFor(context: LayerContext, cloth: HungCloth): Stretch[] {
  const { place, leftMm, rightMm, choice } = context;
  if (place.leaves) return stretchesOnLeaves(cloth.panels, place.leaves);
  return choice.decorative ? stacksOf(context, cloth) : stretchesOf(cloth.panels, leftMm, rightMm);
}

const firstLengthMm = ([panel]: readonly Pick<PanelPlan, 'finishedLengthMm'>[]): Mm =>
  panel?.finishedLengthMm ?? 0;

const hang = (context: LayerContext, cloth: HungCloth): HungPanels =>
  hangPanels(stretchesFor(context, cloth), context, context.place, context.rules);

const chosenOf = (routes: readonly Route[], { route }: LayerChoice): Route | null =>
  routes.find((r) => r.kind === route?.kind && sameStock(r.stockMm, route.stockMm)) ?? null;

/** Ways that take a length as it is; the others are sewn. */
const AS_BOUGHT: ReadonlySet<Route['kind']> = new Set(['asItIs', 'otherLanding', 'pins', 'longerRings']);

/**
 * The way chosen, where it hangs a length as it was bought. One that lands as it is with the rod at another
 * height does so only when the rod is there.
 */
function hungAsBought(chosen: Route | null, { place, rules }: LayerContext): Route | null {
  if (!chosen || !AS_BOUGHT.has(chosen.kind)) return null;
  const offMm = Math.abs(chosen.rodMm - place.rodMm);
  return chosen.kind === 'asItIs' && offMm > rules.number('windows.pinGive') + 1e-6 ? null : chosen;
}

/** How far longer rings, or pins set higher or lower, let the cloth down. */
const lowersMm = (chosen: Route | null): Mm =>
  chosen?.kind === 'pins' || chosen?.kind === 'longerRings' ? chosen.gainMm : 0;

/** What holds the cloth: the drop of the rings, and the place of the pins in a pleat. */
function heldBy({ choice, rules }: LayerContext, chosen: Route | null) {
  const ringed = choice.heading === 'ringClip' || choice.heading === 'pinchPleat';
  const pleated = choice.heading === 'pinchPleat';
  const usualMm = rules.number(pleated ? 'windows.ringDrop' : 'windows.takeDownRingClip');
  const longerMm = chosen?.kind === 'longerRings' ? chosen.gainMm : 0;
  const raisedMm = chosen?.kind === 'pins' ? chosen.gainMm : 0;
  return {
    ringDropMm: ringed ? usualMm + longerMm : null,
    pinPlaceMm: pleated ? pinMm(choice.pinMm, rules) - raisedMm : null,
  };
}

/** Every panel as it hangs. `asBought`: the way that takes a length as it is. */
function hungPanels(
  context: LayerContext,
  cloth: HungCloth,
  { stretches, floors, drops }: HungPanels,
  { asBought, topMm }: { asBought: Route | null; topMm: Mm },
): Omit<PanelPlan, 'folds'>[] {
  const { place } = context;
  const stacks = stacksOf(context, cloth);
  return stretches.map(({ fromMm, toMm }, i) => {
    const stack = stacks[i] ?? { fromMm, toMm };
    const floor = floors[i] ?? { highMm: 0, lowMm: 0 };
    const finishedLengthMm = asBought?.finishedMm ?? drops[i]?.finishedMm ?? 0;
    return {
      side: sideOf(cloth, i < cloth.onLeft),
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
      bottomMm: Math.max(topMm - finishedLengthMm, floor.highMm),
    };
  });
}

function sideOf(cloth: HungCloth, left: boolean): PanelPlan['side'] {
  if (sidesOf(cloth) === 1) return 'single';
  return left ? 'left' : 'right';
}
