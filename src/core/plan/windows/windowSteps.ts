import { panelWork } from '../../stages/windows/panelWork';
import type { RuleBook } from '../../rules/book';
import type { WindowPlan } from '../../stages/windows/windowPlan';
import { marker, type FittingStep, type Mark } from '../fittingStep';

/** The rods first, then what hangs on them. */
export const windowSteps = (windows: readonly WindowPlan[], rules: RuleBook): FittingStep[] => [
  ...windows.map((w) => rodStep(w, rules)),
  ...windows.flatMap((w) => [curtainStep(w, rules), ...sheerSteps(w, rules)]),
];

const stepOf = (w: WindowPlan) => ({ about: w.openingId, name: w.name, wallId: w.wallId });

function rodStep(w: WindowPlan, rules: RuleBook): FittingStep {
  const mark = marker(rules);
  return {
    kind: 'rod',
    ...stepOf(w),
    finishedMm: [],
    count: w.bracketsAt.length,
    marks: w.bracketsAt.map((bracket, i) => mark(bracketLabel(i, w.rod.load.supports), bracket)),
  };
}

/** Brackets come rod by rod, each from the left. */
function bracketLabel(index: number, perRod: number): Mark['label'] {
  if (index % perRod === 0) return 'bracketLeft';
  return (index + 1) % perRod === 0 ? 'bracketRight' : 'bracketCentre';
}

function curtainStep(w: WindowPlan, rules: RuleBook): FittingStep {
  const mark = marker(rules);
  return {
    kind: 'curtain',
    ...stepOf(w),
    finishedMm: w.panelPlans.map((p) => p.finishedLengthMm),
    count: w.panels,
    ...panelsOf(w, rules),
    ...heldBy(w),
    ...(w.shower ? { liner: true } : {}),
    marks: w.panelPlans.map((p) => {
      const firstRun = p.drawnOn[0];
      return mark(p.side === 'right' ? 'hemRight' : 'hemLeft', {
        xMm: firstRun ? (firstRun.fromXMm + firstRun.toXMm) / 2 : p.fromMm,
        heightMm: w.rodHeightMm - w.takeDownMm - p.finishedLengthMm,
        wallId: firstRun?.wallId ?? w.wallId,
      });
    }),
  };
}

/** What is done to each panel, where the floor falls under them. */
function panelsOf(layer: Parameters<typeof panelWork>[0], rules: RuleBook): Pick<FittingStep, 'panels'> {
  const panels = panelWork(layer, rules);
  return panels.length > 0 ? { panels } : {};
}

function sheerSteps(w: WindowPlan, rules: RuleBook): FittingStep[] {
  if (!w.sheer) return [];
  const { panelPlans, panels } = w.sheer;
  return [
    {
      kind: 'sheer',
      ...stepOf(w),
      finishedMm: panelPlans.map((p) => p.finishedLengthMm),
      count: panels,
      ...panelsOf(w.sheer, rules),
      ...heldBy(w.sheer),
      marks: [],
    },
  ];
}

/** Longer rings where they were chosen, and the pins' place under a pleat. */
const heldBy = ({
  chosenRoute,
  ringDropMm,
  pinPlaceMm,
}: Pick<WindowPlan, 'chosenRoute' | 'ringDropMm' | 'pinPlaceMm'>): Pick<
  FittingStep,
  'ringDropMm' | 'pinPlaceMm'
> => ({
  ...(chosenRoute?.kind === 'longerRings' && ringDropMm !== null ? { ringDropMm } : {}),
  ...(pinPlaceMm !== null ? { pinPlaceMm } : {}),
});
