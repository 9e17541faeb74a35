import { type Mm } from '../../base/units';
import type { Dressing, Item } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';
import { judgeWindow } from './judgeWindow';
import { layerWeight, mainChoice, planLayer, sheerChoice, type LayerPlace, type LayerPlan } from './layer';
import { passRule } from './light';
import { MOUNTS } from './mounts';
import { mountFacts, type Limits, type MountFacts, type Mounting } from './mounts/mounting';
import { rodBySchool } from './rod';
import { planRodLoad, type RodLoadPlan } from './rodLoad';
import { roomAtHeight, type RoomAtHeight } from './roomAtHeight';
import { onWalls } from './span';
import { planWindowLight } from './windowLight';
import type { WindowPlace, WindowPlan, WindowTarget } from './windowPlan';

type Cloths = { main: Item | undefined; sheer: Item | undefined };
/** What the plan of a window is worked out from, and how its rod is fixed. */
type Context = {
  target: WindowTarget;
  dressing: Dressing;
  cloths: Cloths;
  place: WindowPlace;
  rules: RuleBook;
  facts: MountFacts;
  mounting: Mounting;
  /** What is over the window. */
  overhead: { mm: Mm; by: string };
  limits: Limits;
};
type Rod = { heightMm: Mm; from: WindowPlan['rodFrom'] };

/**
 * A dressed window: heights, widths, lengths, panels, options for the length, light, rod, and what to look out
 * for. Pure; lengths in mm.
 */
export function planWindow(
  target: WindowTarget,
  dressing: Dressing,
  cloths: Cloths,
  place: WindowPlace,
  rules: RuleBook,
): WindowPlan {
  const facts = mountFacts(target.span, dressing, place, rules);
  const mounting = MOUNTS[target.shower ? 'shower' : dressing.mount](facts);
  const overhead = place.overhead(facts.trimmed.leftMm, facts.trimmed.rightMm);
  const limits = mounting.limits(overhead.mm);
  const context = { target, dressing, cloths, place, rules, facts, mounting, overhead, limits };
  const bySchool = rodBySchool({ frameTopMm: facts.frameTopMm, ceilingMm: overhead.mm }, rules);
  const rod = rodOf(dressing, mounting, bySchool.rodMm);
  const room = roomAtHeight(context, rod.heightMm);
  const layer = planMain(context, rod.heightMm, room);
  const sheer = planSheer(context, layer);
  const hung = { layer, sheer, mounting, span: target.span };
  const lit = planWindowLight(hung, dressing, cloths, rules);
  const glassCoveredMm = target.shower ? 0 : lit.glassCoveredMm;
  const load = planRodLoad(hung, dressing, rules);
  const findings = judgeWindow({
    ...context,
    layer,
    sheer,
    light: lit.light,
    load: load.load,
    bracketsAt: load.bracketsAt,
    frameTopMm: facts.frameTopMm,
    glassCoveredMm,
    glassMm: lit.glassMm,
    rodFrom: rod.from,
    bySchool,
    ceilingMm: overhead.mm,
    ceilingBy: overhead.by,
    room,
    hemOn: mounting.hemOn,
    inReveal: mounting.inReveal,
  });
  return {
    ...identityOf(context),
    ...rodPlan(context, rod, layer, load),
    ...clothPlan(layer, sheer),
    returnMm: mounting.ends.returnMm,
    overlapMm: layer.sides === 1 ? 0 : mounting.ends.overlapMm,
    glassWidthMm: lit.glassMm,
    glassCoveredMm,
    glassCoveredShare: glassCoveredMm / lit.glassMm,
    light: lit.light,
    passes: lit.passes,
    ...hardware(context, load, layer, sheer),
    rulesUsed: rulesUsed(context, rod, layer),
    findings,
  };
}

/** Typed, then as the mount or the room's line has it, then by the school of height. */
function rodOf(dressing: Dressing, mounting: Mounting, schoolMm: Mm): Rod {
  if (dressing.rodHeightMm !== null) return { heightMm: dressing.rodHeightMm, from: 'own' };
  if (mounting.rodMm !== undefined) return { heightMm: mounting.rodMm, from: 'mount' };
  if (mounting.lineMm !== undefined) return { heightMm: mounting.lineMm, from: 'line' };
  return { heightMm: schoolMm, from: 'school' };
}

/** What the layers of one window share. */
const layerPlace = ({ target, mounting, limits }: Context) => ({
  span: target.span,
  rodLowMm: limits.lowMm,
  rodHighMm: limits.highMm,
  base: mounting.base,
  outer: mounting.outer,
  landMm: mounting.landMm,
  mayLie: mounting.hemOn === 'floor' && mounting.landMm === null,
});

function planMain(context: Context, rodMm: Mm, room: RoomAtHeight): LayerPlan {
  const { target, dressing, cloths, mounting, rules } = context;
  const place: LayerPlace = {
    ...layerPlace(context),
    rodMm,
    ...(dressing.rodBefore ? { rodBeforeMm: dressing.rodBefore.mm } : {}),
    roomMm: room,
    given: mounting.given,
    ends: mounting.ends,
    ...(mounting.leaves ? { leaves: mounting.leaves.rods } : {}),
  };
  return planLayer(mainChoice(dressing, cloths.main, target.shower, rules), place, rules);
}

/** The sheer on the inner rod: as long as the outer one, a little lower. */
function planSheer(context: Context, main: LayerPlan): LayerPlan | null {
  const { dressing, cloths, place, mounting, rules } = context;
  if (!dressing.sheer || !mounting.carriesSheer) return null;
  const rodMm = main.rodHeightMm - rules.number('windows.innerRodLower');
  return planLayer(
    sheerChoice(dressing.sheer, cloths.sheer, rules),
    {
      ...layerPlace(context),
      // the outer rod's brackets hold the inner one where it is
      rodMm,
      rodLowMm: rodMm,
      rodHighMm: rodMm,
      roomMm: place.roomMm,
      given: { leftMm: main.brackets.leftMm, rightMm: main.brackets.rightMm },
      ends: { ...mounting.ends, returnMm: rules.number('windows.innerProjection') },
    },
    rules,
  );
}

const identityOf = ({ target, dressing, facts, mounting }: Context) => ({
  openingId: target.id,
  dressingId: dressing.id,
  name: target.name,
  wallId: target.wallId,
  openingIds: target.shower ? [] : facts.openings.map((o) => o.id),
  shower: target.shower,
  mount: dressing.mount,
  span: target.span,
  frameTopMm: facts.frameTopMm,
  hemOn: mounting.hemOn,
});

const rodPlan = (
  { target }: Context,
  rod: Rod,
  layer: LayerPlan,
  { rod: { lengthMm }, bracketsAt }: RodLoadPlan,
) => ({
  rodHeightMm: layer.rodHeightMm,
  rodFrom: rod.from,
  offLine: false,
  rodOn: onWalls(target.span, layer.leftMm, layer.rightMm),
  bracketLeftXMm: bracketsAt[0]?.xMm ?? layer.leftMm,
  bracketRightXMm: bracketsAt.at(-1)?.xMm ?? layer.rightMm,
  bracketToBracketMm: lengthMm,
  extensionLeftMm: layer.brackets.leftMm,
  extensionRightMm: layer.brackets.rightMm,
});

const clothPlan = (layer: LayerPlan, sheer: LayerPlan | null) => ({
  takeDownMm: layer.takeDownMm,
  loweredMm: layer.loweredMm,
  landing: layer.landing,
  landingMm: layer.landingMm,
  finishedLengthMm: layer.finishedLengthMm,
  panels: layer.panels,
  fullness: layer.fullness,
  flatWidthMm: layer.flatWidthMm,
  panelPlans: layer.panelPlans,
  stackLeftMm: layer.stackLeftMm,
  stackRightMm: layer.stackRightMm,
  stackPerSideMm: layer.stackPerSideMm,
  decorative: layer.decorative,
  ringDropMm: layer.ringDropMm,
  pinPlaceMm: layer.pinPlaceMm,
  routes: layer.routes,
  routesLeftOut: layer.routesLeftOut,
  chosenRoute: layer.chosenRoute,
  making: layer.making,
  repeatMm: layer.repeatMm,
  layerGsm: layer.clothGsm,
  gsmGuessed: layer.gsmGuessed,
  sheer,
});

const hardware = (
  { dressing, mounting }: Context,
  { rod, bracketsAt }: RodLoadPlan,
  layer: LayerPlan,
  sheer: LayerPlan | null,
) => ({
  rod,
  leaves: mounting.leaves?.rods ?? null,
  lowerRodMm: mounting.leaves?.lowerRodMm ?? null,
  bracketsAt,
  brackets: dressing.rod.make === 'tension' ? 0 : bracketsAt.length,
  rings: layer.rings + (sheer?.rings ?? 0),
  hooks: layer.hooks + (sheer?.hooks ?? 0),
  finials: mounting.hasFinials && dressing.rod.make !== 'track' ? 2 * (sheer ? 2 : 1) : 0,
});

const UNLINED = { lining: 'none', isSheer: false } as const;

function rulesUsed(
  { cloths, mounting, rules }: Context,
  rod: Rod,
  layer: LayerPlan,
): WindowPlan['rulesUsed'] {
  const rodRules: Partial<Record<Rod['from'], RuleId>> = {
    line: 'windows.rodLine',
    mount: mounting.rules.rod,
  };
  return {
    rod: rodRules[rod.from] ?? 'windows.heightSchool',
    extension: mounting.rules.extension,
    landing: mounting.rules.landing ?? layer.rules.landing,
    takeDown: layer.rules.takeDown,
    packing: layer.rules.packing,
    light: passRule(layerWeight(cloths.main, UNLINED, rules).gsm, rules),
  };
}
