import type { Mm } from '../../../base/units';
import type { Finding, FindingCode, FindingFacts, Level } from '../../../model/finding';
import type { Dressing, Item } from '../../../model/types';
import type { RuleBook } from '../../../rules/book';
import type { RuleId } from '../../../rules/table';
import type { RodLoad } from '../beam';
import type { LayerPlan } from '../layerPlan';
import type { LightPlan } from '../light';
import type { Limits } from '../mounts/mounting';
import type { RoomAtHeight } from '../roomAtHeight';
import type { WindowPlace, WindowPlan, WindowTarget } from '../windowPlan';

/** A dressed window as it was planned, to be judged. */
export type WindowCase = {
  target: WindowTarget;
  dressing: Dressing;
  cloths: { main: Item | undefined; sheer: Item | undefined };
  place: WindowPlace;
  rules: RuleBook;
  layer: LayerPlan;
  sheer: LayerPlan | null;
  light: LightPlan;
  load: RodLoad;
  bracketsAt: WindowPlan['bracketsAt'];
  frameTopMm: Mm;
  glassCoveredMm: Mm;
  glassMm: Mm;
  rodFrom: WindowPlan['rodFrom'];
  bySchool: { rodMm: Mm; heldByMm: Mm };
  limits: Limits;
  ceilingMm: Mm;
  ceilingBy: string;
  /** Room for the brackets at this height, and what comes down to it. */
  room: RoomAtHeight;
  hemOn: WindowPlan['hemOn'];
  inReveal: boolean;
};

export type WindowJudge = (window: WindowCase) => Finding[];

/** What was found at a window, with its amounts. */
export const finding = (
  { target }: Pick<WindowCase, 'target'>,
  code: FindingCode,
  level: Level,
  facts: FindingFacts = {},
  rule?: RuleId,
): Finding => ({
  code,
  level,
  stage: 'windows',
  about: [target.id],
  by: { window: target.name, ...facts },
  ...(rule ? { rule } : {}),
});

export const openingsOf = ({ target }: WindowCase) => target.span.parts.map((p) => p.opening);
export const lengthsOf = ({ layer }: WindowCase): Mm[] => layer.panelPlans.map((p) => p.finishedLengthMm);
