import type { Mm } from '../../base/units';
import type { Dressing, Item } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import { layerWeight, type LayerPlan } from './layer';
import { lightOf, passes, type LayerLight, type LightPlan } from './light';
import type { Mounting } from './mounts/mounting';
import { glassOf, glassUnder, type Span } from './span';

type Cloths = { main: Item | undefined; sheer: Item | undefined };
export type WindowLight = {
  glassMm: Mm;
  glassCoveredMm: Mm;
  light: LightPlan;
  /** Share of the light that each layer lets through. */
  passes: { main: number; sheer: number };
};
type Hung = { layer: LayerPlan; sheer: LayerPlan | null; mounting: Mounting; span: Span };

/** How much of the glass is covered, and what that does to the light. */
export function planWindowLight(
  { layer, sheer, mounting, span }: Hung,
  dressing: Dressing,
  cloths: Cloths,
  rules: RuleBook,
): WindowLight {
  const glassMm = glassOf(span).reduce((sum, g) => sum + g.toMm - g.fromMm, 0);
  // each leaf's cloth goes past its own glass
  const covered = (l: LayerPlan, drawn: 'open' | 'closed'): Mm =>
    mounting.leaves ? glassMm : glassUnderPanels(span, l, drawn);
  const lightOfLayer = (l: LayerPlan, pass: number, drawn: 'open' | 'closed'): LayerLight => ({
    coveredOpen: (covered(l, 'open') / glassMm) * mounting.coversHeight,
    coveredDrawn: (covered(l, 'closed') / glassMm) * mounting.coversHeight,
    pass,
    drawn,
  });
  const mainPass = passes(
    layerWeight(cloths.main, { lining: 'none', isSheer: false }, rules).gsm,
    dressing.making.lining,
    dressing.lightShare,
    rules,
  );
  const main = lightOfLayer(layer, mainPass, dressing.drawn);
  const sheerGsm = layerWeight(cloths.sheer, { lining: 'none', isSheer: true }, rules).gsm;
  const sheerPass = passes(sheerGsm, 'none', null, rules);
  const sheerLight = sheer && dressing.sheer ? lightOfLayer(sheer, sheerPass, dressing.sheer.drawn) : null;
  return {
    glassMm,
    glassCoveredMm: covered(layer, 'open'),
    light: lightOf(main, sheerLight, rules),
    passes: { main: main.pass, sheer: sheerLight?.pass ?? 0 },
  };
}

const glassUnderPanels = (span: Span, layer: LayerPlan, drawn: 'open' | 'closed'): Mm =>
  glassUnder(
    span,
    layer.panelPlans.map((p) => (drawn === 'closed' ? p : { fromMm: p.stackFromMm, toMm: p.stackToMm })),
  );
