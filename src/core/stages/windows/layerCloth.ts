/** The panels of a layer: as they are bought, and as they are made to measure. */
import { sum, type Mm } from '../../base/units';
import type { Heading } from '../../model/types';
import { wantedPanels, type LayerContext } from './layerContext';
import type { LayerPlan } from './layerPlan';
import { pocketed } from './leaf';
import { madeFlatMm, planMaking, type MakingPlan, type PanelEdges } from './made';
import { endsMm, evenSides, hangCount, type Ends, type PanelCount, type Sides } from './panels';

const RINGED: ReadonlySet<Heading> = new Set(['ringClip', 'pinchPleat', 'wave']);

/** The cloth that hangs: as bought, or made to measure. */
export type HungCloth = PanelCount & { made: boolean; flatWidthMm: Mm };

/** What is made to measure is one panel a side, of as many widths as it takes. */
const madePanels = ({ choice, place }: LayerContext): number =>
  wantedPanels(choice, place) ?? (place.ends.draw === 'pair' ? 2 : 1);

/** On the sides of the bought ones where they are as many: a free side may take more of them. */
const madeSides = (context: LayerContext): Sides => {
  const panels = madePanels(context);
  const { count } = context.brackets;
  return count.panels === panels ? count : evenSides(panels, context.place.ends.draw);
};

/** What the edges of each panel add to the stretch of rod that it covers, from the left. */
function edgesOf({ onLeft, onRight }: Sides, { returnMm, overlapMm, draw }: Ends): PanelEdges[] {
  const panels = onLeft + onRight;
  return Array.from({ length: panels }, (_, i) => {
    const left = i < onLeft;
    const atLeftBracket = i === 0 ? returnMm : 0;
    const atRightBracket = i === panels - 1 ? returnMm : 0;
    const meets = draw === 'pair' && onRight > 0 && i === (left ? onLeft - 1 : onLeft) ? overlapMm / 2 : 0;
    // the leading edge is the one that is drawn towards the middle, or towards the far bracket
    return left
      ? { leadingMm: meets + atRightBracket, trailingMm: atLeftBracket }
      : { leadingMm: meets + atLeftBracket, trailingMm: atRightBracket };
  });
}

/** Cloth and panels that are made to measure. */
function flatFacts(context: LayerContext) {
  const { choice, place, brackets, boughtFlatMm } = context;
  const panels = madePanels(context);
  const toCover = choice.fullness * (brackets.coveredMm + endsMm(place.ends));
  const makeUpWidthMm = Math.max(0, choice.decorative ? panels * boughtFlatMm : toCover);
  return { makeUpWidthMm, panels, clothWidthMm: choice.clothWidthMm };
}

/** How the layer is made to measure, to a finished length. */
export function make(context: LayerContext, finishedMm: Mm): MakingPlan {
  const { choice, place, brackets, repeatMm, boughtFlatMm, rules } = context;
  const { ends } = place;
  const flat = flatFacts(context);
  const { panels } = flat;
  return planMaking(
    {
      ...flat,
      finishedMm: Math.max(0, finishedMm),
      coveredEachMm: choice.decorative ? boughtFlatMm / choice.fullness : brackets.coveredMm / panels,
      edges: edgesOf(madeSides(context), ends),
      heading: choice.heading,
      pocketBelow: place.leaves !== undefined && pocketed(choice.heading),
      lining: choice.lining,
      repeatMm,
      halfDrop: choice.halfDrop,
    },
    rules,
  );
}

/** Panels as they are bought, on the brackets that they set. */
export const boughtCloth = ({ brackets, boughtFlatMm }: LayerContext): HungCloth => ({
  ...brackets.count,
  made: false,
  flatWidthMm: boughtFlatMm,
});

/** Panels as they are made to measure, on the same brackets. */
export function madeCloth(context: LayerContext): HungCloth {
  const { place, brackets, clothGsm, rules } = context;
  const flatWidthMm = madeFlatMm(flatFacts(context), rules);
  const sides = madeSides(context);
  return {
    ...hangCount(sides, brackets.coveredMm, { flatWidthMm, clothGsm }, place.ends, rules),
    made: true,
    flatWidthMm,
  };
}

/** Whole panels can come to much more than was wanted: what fewer would make, on the rod that they need. */
export function fewerPanels(
  { choice, rules, bracketsFor }: LayerContext,
  cloth: HungCloth,
): LayerPlan['fewer'] {
  const sides = sidesOf(cloth);
  const panels = cloth.panels - sides;
  const much = cloth.fullness > choice.fullness * rules.number('windows.fullnessOver');
  if (cloth.made || choice.decorative || panels < sides || !much) return null;
  return { panels, fullness: bracketsFor(panels).count.fullness };
}

export const sidesOf = ({ onLeft, onRight }: Sides): 1 | 2 => (onLeft > 0 && onRight > 0 ? 2 : 1);

const ringCount = ({ choice, rules }: LayerContext, panels: number, flatMm: Mm): number =>
  RINGED.has(choice.heading) ? panels * (Math.ceil(flatMm / rules.number('windows.ringSpacing')) + 1) : 0;

/** A ring for every pleat of a curtain that is made, else evenly along the panel. */
export const ringsOf = (
  context: LayerContext,
  { made, panels, flatWidthMm }: HungCloth,
  { pleated }: MakingPlan,
): number =>
  made && pleated.length > 0 && RINGED.has(context.choice.heading)
    ? sum(pleated.map((p) => p.numbers.length * p.pleats))
    : ringCount(context, panels, flatWidthMm);
