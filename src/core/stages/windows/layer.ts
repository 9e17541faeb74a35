/**
 * One layer of cloth on one rod: the curtain, or the sheer on the inner rod. Lengths in mm, along the rod
 * from the first wall's left end.
 */
import { sum, toMark, toMarkAbove, type Mm } from '../../base/units';
import type { Dressing, Heading, Item, Landing, Lining, RouteKind } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';
import { landingMm, landingRule, pinGives, takeDownMm, takeDownRule } from './landing';
import { pocketed } from './leaf';
import { planMaking } from './made';
import { endsMm, packingRule, placeBrackets, type BracketPlan, type Ends, type Reach } from './panels';
import { findRoutes, sameStock, stockPrice, type PanelDrop, type Route } from './routes';
import { onWalls, type Span } from './span';

/**
 * One panel as it hangs: where it covers the rod when drawn and when open, before which walls, over which
 * floor, how long.
 */
export type PanelPlan = {
  side: 'left' | 'right' | 'single';
  number: number;
  fromMm: Mm;
  toMm: Mm;
  stackFromMm: Mm;
  stackToMm: Mm;
  drawnOn: { wallId: string; fromXMm: Mm; toXMm: Mm }[];
  openOn: { wallId: string; fromXMm: Mm; toXMm: Mm }[];
  floorHighMm: Mm;
  floorLowMm: Mm;
  finishedLengthMm: Mm;
  bottomMm: Mm;
  folds: number;
};

/** What is chosen for a layer, of the dressing or of its sheer. */
export type LayerChoice = {
  cloth: Item | undefined;
  heading: Heading;
  pinMm: Mm | null;
  landing: Landing;
  fullness: number;
  panels: number | null;
  lining: Lining;
  route: { kind: RouteKind; stockMm: Mm | null } | null;
  clothWidthMm: Mm | null;
  repeatMm: Mm | null;
  halfDrop: boolean;
  flatWidthMm: Mm;
  stock: readonly Mm[];
  /** Weight where no cloth is chosen. */ plainGsm?: number;
};
/** Where it hangs: the rod, how high it may go, what the hem lands on. */
export type LayerPlace = {
  span: Span;
  rodMm: Mm;
  rodLowMm: Mm;
  rodHighMm: Mm;
  /** What the hem lands on under a stretch of the rod. */ base: (
    fromMm: Mm,
    toMm: Mm,
  ) => { highMm: Mm; lowMm: Mm; measured: boolean };
  roomMm: Reach;
  given: { leftMm: Mm | null; rightMm: Mm | null };
  outer: { leftMm: Mm; rightMm: Mm; trims: Reach };
  ends: Ends;
  /** What the hem keeps from what it lands on, where that is not the landing's to say: a shower's clear space, nothing below a sill. */ landMm: Mm | null;
  /** Whether a hem may lie down there. */ mayLie: boolean;
  /** The rods on the leaves, where there is one on each; as many panels on each. */ leaves?: readonly {
    fromMm: Mm;
    toMm: Mm;
  }[];
};

export type LayerPlan = {
  itemId: string | null;
  heading: Heading;
  landing: Landing;
  landingMm: Mm;
  takeDownMm: Mm;
  rodHeightMm: Mm;
  clothGsm: number;
  brackets: BracketPlan;
  leftMm: Mm;
  rightMm: Mm;
  sides: 1 | 2;
  panels: number;
  fullness: number;
  wishedFullness: number;
  /** Fewer panels and their fullness, where there is much more than was wished. */ fewer: {
    panels: number;
    fullness: number;
  } | null;
  flatWidthMm: Mm;
  stackPerSideMm: Mm;
  panelPlans: PanelPlan[];
  finishedLengthMm: Mm;
  unevenMm: Mm;
  alongPanelMm: Mm;
  measured: boolean;
  positive: boolean;
  oneLength: boolean;
  routes: Route[];
  chosenRoute: Route | null;
  making: ReturnType<typeof planMaking>;
  repeatMm: Mm;
  rings: number;
  hooks: number;
  foldsPerSide: number;
  rules: { landing: RuleId | null; takeDown: RuleId; packing: RuleId };
};

const RINGED: ReadonlySet<Heading> = new Set(['ringClip', 'pinchPleat', 'wave']);

const liningGsm = (lining: Lining, rules: RuleBook): number =>
  lining === 'none'
    ? 0
    : rules.number(lining === 'interlining' ? 'windows.interliningGsm' : 'windows.liningGsm');
/** Cloth and its lining, g/m². */
export const layerGsm = (
  cloth: Pick<Item, 'clothGsm'> | undefined,
  lining: Lining,
  rules: RuleBook,
): number => (cloth?.clothGsm ?? rules.number('windows.lightBelowGsm')) + liningGsm(lining, rules);

/**
 * Finished lengths from a top edge to the floor under each panel: each its own, or all that of the highest
 * floor, by the studio's school or where the landing hides the difference.
 */
export function hemsOver(
  floorsMm: readonly Mm[],
  topMm: Mm,
  landMm: Mm,
  rules: RuleBook,
): { oneLength: boolean; hemsMm: Mm[] } {
  const highest = Math.max(...floorsMm);
  const oneLength =
    rules.school('windows.unevenFloor') !== 'eachPanel' ||
    (landMm < 0 && highest - Math.min(...floorsMm) <= -landMm + 1e-6);
  return {
    oneLength,
    hemsMm: floorsMm.map((f) => toMark(topMm - (oneLength ? highest : f) - landMm, rules.unit)),
  };
}

/** Cloth on a rod: brackets, panels, drops, ways to the length. */
export function planLayer(choice: LayerChoice, place: LayerPlace, rules: RuleBook): LayerPlan {
  const { cloth, heading } = choice;
  const { span, ends } = place;
  const clothGsm = layerGsm(
    cloth ?? (choice.plainGsm === undefined ? undefined : { clothGsm: choice.plainGsm }),
    choice.lining,
    rules,
  );
  const boughtFlatMm = cloth?.kind === 'panel' ? cloth.widthMm : choice.flatWidthMm;
  const { leaves } = place;
  const outerMm = leaves
    ? sum(leaves.map((l) => l.toMm - l.fromMm))
    : place.outer.rightMm - place.outer.leftMm;
  // every leaf has as many panels as the other
  const wished =
    leaves && choice.panels !== null
      ? leaves.length * Math.ceil(choice.panels / leaves.length)
      : choice.panels;
  const bracketsFor = (panels: number | null) =>
    placeBrackets(
      outerMm,
      place.outer.trims,
      place.roomMm,
      place.given,
      { flatWidthMm: boughtFlatMm, clothGsm },
      choice.fullness,
      panels,
      ends,
      rules,
      (mm) => toMarkAbove(mm, rules.unit),
    );
  const brackets = bracketsFor(wished);
  const leftMm = place.outer.leftMm - brackets.leftMm;
  const rightMm = leaves ? place.outer.rightMm : leftMm + brackets.coveredMm;
  const repeatMm =
    choice.repeatMm ??
    (cloth && cloth.pattern.kind !== 'solid' && cloth.pattern.kind !== 'texture'
      ? cloth.pattern.repeatMm
      : 0);
  // what is made to measure is one panel a side, of as many widths as it takes
  const madePanels = wished ?? (ends.pair ? 2 : 1);
  const make = (finishedMm: Mm) =>
    planMaking(
      {
        makeUpWidthMm: Math.max(0, choice.fullness * (brackets.coveredMm + endsMm(ends))),
        finishedMm: Math.max(0, finishedMm),
        panels: madePanels,
        panelFinishedMm:
          brackets.coveredMm / madePanels + (madePanels > 2 ? 0 : ends.returnMm + ends.overlapMm / 2),
        returnMm: madePanels > 2 ? 0 : ends.returnMm,
        overlapMm: madePanels > 2 ? 0 : ends.overlapMm,
        heading,
        pocketBelow: leaves !== undefined && pocketed(heading),
        lining: choice.lining,
        clothWidthMm: choice.clothWidthMm,
        repeatMm,
        halfDrop: choice.halfDrop,
      },
      rules,
    );
  const made = choice.route?.kind === 'made';
  const madeFlatMm = made ? make(0).flatHemmedMm : 0;
  const panels = made ? madePanels : brackets.count.panels;
  const flatWidthMm = made ? madeFlatMm : boughtFlatMm;
  const fullness = made
    ? Math.max(0, (panels * madeFlatMm - endsMm(ends)) / brackets.coveredMm)
    : brackets.count.fullness;
  const sides: 1 | 2 = ends.pair && panels > 1 ? 2 : 1;
  const stackPerSideMm = made
    ? (panels * madeFlatMm) / sides / rules.number(packingRule(clothGsm, rules))
    : brackets.count.stackPerSideMm;

  // whole panels can come to much more than was wished; what fewer would make, on the rod that they need
  const less = panels - sides;
  const fewer =
    !made && less >= sides && fullness > choice.fullness * rules.number('windows.fullnessOver')
      ? { panels: less, fullness: bracketsFor(less).count.fullness }
      : null;

  const onLeft = sides === 1 ? panels : Math.ceil(panels / 2);
  const take = takeDownMm(heading, choice.pinMm, rules);
  const landMm = place.landMm ?? landingMm(choice.landing, rules);
  const { stretches, floors, highest, oneLength, drops } = hungAs(panels);
  const unevenMm = highest - Math.min(...floors.map((f) => f.lowMm));
  const positive = drops.every((d) => d.finishedMm > 0);

  // what is bought and what is made are as many panels as each of them takes, whichever of the two hangs now
  const bought = made ? hungAs(brackets.count.panels) : { drops };
  const sewn = made ? { drops } : hungAs(madePanels);
  const making = make(Math.max(...sewn.drops.map((d) => d.finishedMm)));
  const ringsOf = (count: number, flatMm: Mm) =>
    RINGED.has(heading) ? count * (Math.ceil(flatMm / rules.number('windows.ringSpacing')) + 1) : 0;
  const rings =
    made && making.pleats && RINGED.has(heading)
      ? panels * making.pleats.pleats
      : ringsOf(panels, flatWidthMm);
  const owned =
    cloth?.kind === 'panel'
      ? [{ mm: cloth.heightMm, owned: cloth.count, priceEach: cloth.price, setOf: cloth.setOf }]
      : [];
  const lengths = [
    ...owned,
    ...choice.stock
      .filter((mm) => !owned.some((o) => Math.abs(o.mm - mm) < 1))
      .map((mm) => ({
        mm,
        owned: 0,
        priceEach: stockPrice(mm, rules),
        setOf: rules.number('windows.panelsSoldIn'),
      })),
  ];
  const routes = positive
    ? findRoutes(
        {
          rodMm: place.rodMm,
          rodLowMm: place.rodLowMm,
          rodHighMm: place.rodHighMm,
          takeDownMm: take,
          landing: choice.landing,
          landingMm: landMm,
          drops: bought.drops,
          panels: brackets.count.panels,
          making,
          rings: ringsOf(brackets.count.panels, boughtFlatMm),
          mayLie: place.mayLie,
          pins: pinGives(heading, choice.pinMm, rules),
          ringsGrow: heading === 'ringClip' || heading === 'pinchPleat',
          lengths,
        },
        rules,
        choice.route,
      )
    : [];
  const chosenRoute =
    routes.find((r) => r.kind === choice.route?.kind && sameStock(r.stockMm, choice.route.stockMm)) ?? null;

  const asBought = chosenRoute?.kind === 'otherLanding' ? chosenRoute : null;
  const folds = Math.max(1, Math.round(flatWidthMm / rules.number('windows.ringSpacing')));
  const panelPlans: PanelPlan[] = stretches.map(({ fromMm, toMm }, i) => {
    const left = i < onLeft;
    const onSide = left ? onLeft : panels - onLeft;
    // what is held on a leaf stays before its glass
    const stack = leaves ? toMm - fromMm : Math.min(stackPerSideMm / onSide, toMm - fromMm);
    const stackFromMm = leaves ? fromMm : left ? leftMm + i * stack : rightMm - (panels - i) * stack;
    const f = floors[i]!;
    const finishedLengthMm = asBought?.finishedMm ?? drops[i]!.finishedMm;
    return {
      side: sides === 1 ? 'single' : left ? 'left' : 'right',
      number: i + 1,
      fromMm,
      toMm,
      stackFromMm,
      stackToMm: stackFromMm + stack,
      drawnOn: onWalls(span, fromMm, toMm),
      openOn: onWalls(span, stackFromMm, stackFromMm + stack),
      floorHighMm: f.highMm,
      floorLowMm: f.lowMm,
      finishedLengthMm,
      bottomMm: Math.max(place.rodMm - take - finishedLengthMm, f.highMm),
      folds,
    };
  });
  return {
    itemId: cloth?.id ?? null,
    heading,
    landing: asBought?.landing ?? choice.landing,
    landingMm: asBought ? -(asBought.finishedMm - (place.rodMm - highest - take)) : landMm,
    takeDownMm: take,
    rodHeightMm: place.rodMm,
    clothGsm,
    brackets,
    leftMm,
    rightMm,
    sides,
    panels,
    fullness,
    wishedFullness: choice.fullness,
    fewer,
    flatWidthMm,
    stackPerSideMm,
    panelPlans,
    finishedLengthMm: panelPlans[0]!.finishedLengthMm,
    unevenMm,
    alongPanelMm: Math.max(...floors.map((f) => f.highMm - f.lowMm)),
    measured: floors.every((f) => f.measured),
    positive,
    oneLength,
    routes,
    chosenRoute,
    making,
    repeatMm,
    rings,
    hooks: heading === 'pinchPleat' ? rings : 0,
    foldsPerSide: folds * onLeft,
    rules: {
      landing: choice.landing === 'kiss' ? 'windows.pinGive' : landingRule[choice.landing],
      takeDown: takeDownRule(heading),
      packing: packingRule(clothGsm, rules),
    },
  };

  /** So many panels on the rod: every one covers its own stretch when drawn, over its own floor. */
  function hungAs(count: number): {
    stretches: { fromMm: Mm; toMm: Mm }[];
    floors: ReturnType<LayerPlace['base']>[];
    highest: Mm;
    oneLength: boolean;
    drops: PanelDrop[];
  } {
    const each = (leaves ? outerMm : rightMm - leftMm) / count;
    const onEach = count / (leaves?.length ?? 1);
    const stretches = Array.from({ length: count }, (_, i) => {
      const fromMm = leaves
        ? leaves[Math.floor(i / onEach)]!.fromMm + (i % onEach) * each
        : leftMm + i * each;
      return { fromMm, toMm: fromMm + each };
    });
    const floors = stretches.map((s) => place.base(s.fromMm, s.toMm));
    const { oneLength: one, hemsMm } = hemsOver(
      floors.map((f) => f.highMm),
      place.rodMm - take,
      landMm,
      rules,
    );
    return {
      stretches,
      floors,
      highest: Math.max(...floors.map((f) => f.highMm)),
      oneLength: one,
      drops: floors.map((f, i) => ({ rodToFloorMm: place.rodMm - f.highMm, finishedMm: hemsMm[i]! })),
    };
  }
}

/** A dressing's curtain as a layer's choice. */
export const mainChoice = (
  d: Dressing,
  cloth: Item | undefined,
  shower: boolean,
  rules: RuleBook,
): LayerChoice => ({
  cloth,
  heading: d.heading,
  pinMm: d.pinMm,
  landing: d.landing,
  panels: d.panels,
  lining: d.making.lining,
  route: d.route,
  clothWidthMm: d.making.clothWidthMm,
  repeatMm: d.making.repeatMm,
  halfDrop: d.making.halfDrop,
  fullness: d.fullness ?? rules.number(shower ? 'windows.showerFullness' : 'windows.fullness'),
  flatWidthMm: rules.number(shower ? 'windows.showerFlatWidth' : 'windows.stockFlatWidth'),
  stock: rules.list(shower ? 'windows.showerStock' : 'windows.stockLengths'),
});

export const sheerChoice = (
  s: NonNullable<Dressing['sheer']>,
  cloth: Item | undefined,
  rules: RuleBook,
): LayerChoice => ({
  cloth,
  heading: s.heading,
  pinMm: null,
  landing: s.landing,
  panels: s.panels,
  lining: 'none',
  route: null,
  clothWidthMm: null,
  repeatMm: null,
  halfDrop: false,
  fullness: s.fullness ?? rules.number('windows.sheerFullness'),
  flatWidthMm: rules.number('windows.stockFlatWidth'),
  stock: rules.list('windows.stockLengths'),
  plainGsm: 60,
});
