/** What one layer of cloth is planned from, once its brackets are placed. */
import { sum, type Mm } from '../../base/units';
import type { RuleBook } from '../../rules/book';
import { landingMm, takeDownMm } from './landing';
import { layerWeight } from './layerChoice';
import type { LayerChoice, LayerPlace } from './layerPlan';
import { placeBrackets, type BracketPlan } from './panels';

/** What a layer is planned from, with the brackets that its rod got. */
export type LayerContext = {
  choice: LayerChoice;
  place: LayerPlace;
  rules: RuleBook;
  clothGsm: number;
  gsmGuessed: boolean;
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
/** Places the brackets, and gathers what the layer goes by. */
export function layerContext(choice: LayerChoice, place: LayerPlace, rules: RuleBook): LayerContext {
  const { cloth } = choice;
  const { leaves, outer } = place;
  const weight = layerWeight(cloth, choice, rules);
  const boughtFlatMm = cloth?.kind === 'panel' ? cloth.widthMm : choice.flatWidthMm;
  const outerMm = leaves ? sum(leaves.map((l) => l.toMm - l.fromMm)) : outer.rightMm - outer.leftMm;
  const bracketsFor = (panels: number | null) =>
    placeBrackets(
      { outerMm, trims: outer.trims, roomMm: place.roomMm, given: place.given, ends: place.ends },
      { flatWidthMm: boughtFlatMm, clothGsm: weight.gsm },
      { fullness: choice.fullness, panels, decorative: choice.decorative },
      rules,
    );
  const brackets = bracketsFor(wantedPanels(choice, place));
  const leftMm = outer.leftMm - brackets.leftMm;
  return {
    choice,
    place,
    rules,
    clothGsm: weight.gsm,
    gsmGuessed: weight.guessedBy !== null,
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
export function wantedPanels({ panels }: LayerChoice, { leaves }: LayerPlace): number | null {
  if (!leaves || panels === null) return panels;
  return leaves.length * Math.ceil(panels / leaves.length);
}

/** The repeat that the widths have to match: typed, or the cloth's own. */
function repeatOf({ repeatMm, cloth }: LayerChoice): Mm {
  if (repeatMm !== null) return repeatMm;
  const plain = !cloth || cloth.pattern.kind === 'solid' || cloth.pattern.kind === 'texture';
  return plain ? 0 : cloth.pattern.repeatMm;
}
