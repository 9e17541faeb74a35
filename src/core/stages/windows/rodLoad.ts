import type { Gram, Mm } from '../../base/units';
import type { Dressing } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import { carry, holdRods, sectionOf, type HeldRod, type RodLoad } from './beam';
import type { LayerPlan } from './layer';
import type { Mounting } from './mounts/mounting';
import type { Span } from './span';
import type { WindowPlan } from './windowPlan';

export type RodLoadPlan = {
  rod: WindowPlan['rod'];
  /** What the rod carries by itself: its own layer of cloth. */
  load: RodLoad;
  bracketsAt: WindowPlan['bracketsAt'];
};

const clothMass = (layer: LayerPlan): Gram =>
  (layer.panels * layer.flatWidthMm * Math.max(0, layer.finishedLengthMm) * layer.clothGsm) / 1e6;

/** What hangs by the heavier end when the curtains are open: all of a single draw, the larger side of a pair. */
const endClothMass = (layer: LayerPlan): Gram =>
  layer.panels === 0 ? 0 : (clothMass(layer) * layer.mostPerSide) / layer.panels;

/** The rod as a beam: its section, how it sags, what its brackets carry and where they are. */
export function planRodLoad(
  {
    layer,
    sheer,
    mounting,
    span,
  }: { layer: LayerPlan; sheer: LayerPlan | null; mounting: Mounting; span: Span },
  dressing: Dressing,
  rules: RuleBook,
): RodLoadPlan {
  const section = sectionOf(dressing.rod.make, dressing.rod.outerMm, rules);
  const bendsMm = span.parts
    .filter((part, i) => i > 0 && span.parts[i - 1]?.wallId !== part.wallId)
    .map((part) => part.fromXMm + part.offMm - layer.leftMm);
  const leaves = mounting.leaves?.rods ?? null;
  const lengthMm = leaves?.[0] ? leaves[0].toMm - leaves[0].fromMm : layer.brackets.coveredMm;
  const held = (l: LayerPlan): HeldRod => ({
    lengthMm,
    bendsMm,
    clothG: clothMass(l) / (leaves?.length ?? 1),
    // cloth on a leaf stays spread; on a wall it is drawn to the side
    endClothG: leaves ? clothMass(l) / leaves.length / 2 : endClothMass(l),
  });
  const [outerRod, innerRod] = [held(layer), sheer && held(sheer)];
  const supportsMm = holdRods(section, innerRod ? [outerRod, innerRod] : [outerRod], rules);
  const load = carry(section, outerRod, supportsMm, rules);
  const sheerLoad = innerRod && carry(section, innerRod, supportsMm, rules);
  const rods = rodsOf(layer, mounting);
  return {
    rod: {
      section,
      load: sheerLoad ? withSheer(load, sheerLoad) : load,
      lengthMm,
      bends: bendsMm.length,
      count: sheer ? 2 : rods.length,
    },
    load,
    bracketsAt: rods.flatMap(({ fromMm, heightMm }) =>
      supportsMm.map((mm) => ({ ...onSpan(span, fromMm + mm), heightMm })),
    ),
  };
}

/** Where each rod begins, and how high: one, or an upper and perhaps a lower one on every leaf. */
function rodsOf(layer: LayerPlan, { leaves }: Mounting): { fromMm: Mm; heightMm: Mm }[] {
  const lower = leaves?.lowerRodMm ?? null;
  const heights = lower === null ? [layer.rodHeightMm] : [layer.rodHeightMm, lower];
  return (leaves?.rods ?? [{ fromMm: layer.leftMm }]).flatMap(({ fromMm }) =>
    heights.map((heightMm) => ({ fromMm, heightMm })),
  );
}

/** Both layers of a double rod hang on the same brackets, each on its own rod. */
const withSheer = (load: RodLoad, sheerLoad: RodLoad): RodLoad => ({
  ...load,
  sagMm: Math.max(load.sagMm, sheerLoad.sagMm),
  endForceN: load.endForceN + sheerLoad.endForceN,
  centreForceN: load.centreForceN + sheerLoad.centreForceN,
  massG: load.massG + sheerLoad.massG,
  clothG: load.clothG + sheerLoad.clothG,
});

/** A place along the rod on the wall behind it. */
function onSpan(span: Span, mm: Mm): { wallId: string; xMm: Mm } {
  const part = [...span.parts].reverse().find((p) => mm >= p.fromXMm + p.offMm - 1e-6) ?? span.parts[0];
  if (!part) throw new Error('a rod without a window');
  return { wallId: part.wallId, xMm: mm - part.offMm };
}
