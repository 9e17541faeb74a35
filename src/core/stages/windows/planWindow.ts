import { toMark, toMarkAbove, type Mm } from '../../base/units';
import type { Dressing, Item, Landing, Opening } from '../../model/types';
import type { Finding, FindingCode, FindingFacts, Level } from '../../model/finding';
import { floorLine, floorUnder } from '../../room/floor';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';
import { landingMm, landingRule, takeDownRule } from './landing';
import { packingRule, placeBrackets, type Reach } from './panels';
import { rodBySchool, rodLimits } from './rod';
import { findRoutes, stockPrice, type Route } from './routes';

/** What the window's wall leaves it: free room beyond the trim on each side and what stands there. */
export type WindowPlace = {
  ceilingMm: Mm;
  roomMm: Reach;
  /** Id of what ends the room on each side: an opening, a fitting, or the wall's own end. */
  endsAt: { left: string; right: string };
  /** The line shared by the room's windows; undefined when each keeps its own. */
  lineMm: Mm | undefined;
  wheelchair: boolean;
  /** Hot things near the wall: along-the-wall span and distance rules are checked by the caller's geometry. */
  heaters: readonly { id: string; name: string; distanceMm: (fromXMm: Mm, toXMm: Mm) => Mm }[];
  radiators: readonly { id: string; name: string; xMm: Mm; widthMm: Mm; topMm: Mm }[];
};

export type PanelPlan = { side: 'left' | 'right' | 'single'; fromXMm: Mm; toXMm: Mm; stackFromXMm: Mm; stackToXMm: Mm; floorHighMm: Mm; floorLowMm: Mm; finishedLengthMm: Mm; bottomMm: Mm };

export type WindowPlan = {
  openingId: string; dressingId: string; name: string; wallId: string;
  rodHeightMm: Mm; rodFrom: 'own' | 'line' | 'school'; frameTopMm: Mm;
  bracketLeftXMm: Mm; bracketRightXMm: Mm; bracketToBracketMm: Mm; extensionLeftMm: Mm; extensionRightMm: Mm;
  takeDownMm: Mm; landing: Landing; landingMm: Mm; finishedLengthMm: Mm;
  panels: number; fullness: number; flatWidthMm: Mm; foldsPerSide: number;
  panelPlans: PanelPlan[];
  stackPerSideMm: Mm; glassWidthMm: Mm; glassCoveredMm: Mm; glassCoveredShare: number;
  routes: Route[]; chosenRoute: Route | null;
  brackets: number; rings: number; finials: number;
  rulesUsed: { rod: RuleId; extension: RuleId; landing: RuleId | null; takeDown: RuleId; packing: RuleId };
  findings: Finding[];
};

/** A dressed window: heights, widths, lengths, panels, ways to the length, and what to look out for. Pure; lengths in mm. */
export function planWindow(opening: Opening, dressing: Dressing, cloth: Item | undefined, place: WindowPlace, rules: RuleBook): WindowPlan {
  const findings: Finding[] = [];
  const find = (code: FindingCode, level: Level, by: FindingFacts, rule?: RuleId) => findings.push({ code, level, stage: 'windows', about: [opening.id], by: { window: opening.name, ...by }, ...(rule ? { rule } : {}) });
  const mark = (mm: Mm) => toMark(mm, rules.unit);
  const frameTopMm = opening.sillMm + opening.heightMm;

  // rod
  const bySchool = rodBySchool({ frameTopMm, ceilingMm: place.ceilingMm }, rules);
  const rodFrom = dressing.rodHeightMm !== null ? 'own' : place.lineMm !== undefined ? 'line' : 'school';
  const wishRodMm = dressing.rodHeightMm ?? place.lineMm ?? bySchool.rodMm;
  const limits = rodLimits({ frameTopMm, ceilingMm: place.ceilingMm }, rules);

  // widths and panels
  const flatWidthMm = cloth?.widthMm ?? rules.number('windows.stockFlatWidth');
  const clothGsm = cloth?.clothGsm ?? rules.number('windows.lightBelowGsm');
  const outerLeftMm = opening.xMm - opening.trimMm;
  const outerMm = opening.widthMm + 2 * opening.trimMm;
  const brackets = placeBrackets(outerMm, opening.trimMm, place.roomMm, { leftMm: dressing.extensionLeftMm, rightMm: dressing.extensionRightMm }, { flatWidthMm, clothGsm }, dressing.fullness ?? rules.number('windows.fullness'), dressing.panels, rules, (mm) => toMarkAbove(mm, rules.unit));
  const bracketLeftXMm = outerLeftMm - brackets.leftMm;
  const bracketRightXMm = bracketLeftXMm + brackets.coveredMm;
  const { panels, fullness, stackPerSideMm } = brackets.count;
  const sides = rules.school('windows.panelDraw') === 'pair' && panels > 1 ? 2 : 1;

  // drops: the floor under each panel when drawn
  const floor = floorLine(opening);
  const midMm = (bracketLeftXMm + bracketRightXMm) / 2;
  const stretches = sides === 2 ? [[bracketLeftXMm, midMm], [midMm, bracketRightXMm]] as const : [[bracketLeftXMm, bracketRightXMm]] as const;
  const floors = stretches.map(([from, to]) => floorUnder(floor, opening, from, to));
  const highest = Math.max(...floors.map((f) => f.highMm));
  const lowest = Math.min(...floors.map((f) => f.lowMm));
  const unevenMm = highest - lowest;
  const takeDownMm = rules.number(takeDownRule(dressing.heading));
  const landMm = landingMm(dressing.landing, rules);
  const oneLength = rules.school('windows.unevenFloor') === 'oneLength' || (landMm < 0 && unevenMm <= -landMm + 1e-6);
  const lengthOver = (floorMm: Mm, rodMm: Mm) => mark(rodMm - floorMm - takeDownMm - landMm);
  const drops = floors.map((f) => {
    const floorMm = oneLength ? highest : f.highMm;
    return { rodToFloorMm: wishRodMm - f.highMm, finishedMm: lengthOver(floorMm, wishRodMm) };
  });

  // ways to the length
  const owned = cloth && cloth.kind === 'panel' ? [{ mm: cloth.heightMm, owned: cloth.count, priceEach: cloth.price }] : [];
  const lengths = [...owned, ...rules.list('windows.stockLengths').filter((mm) => !owned.some((o) => Math.abs(o.mm - mm) < 1)).map((mm) => ({ mm, owned: 0, priceEach: stockPrice(mm, rules) }))];
  const extra = 2 * rules.number('windows.return') + (sides === 2 ? rules.number('windows.overlap') : 0);
  const makeUpWidthMm = Math.max(0, (dressing.fullness ?? rules.number('windows.fullness')) * brackets.coveredMm + extra);
  const positive = drops.every((d) => d.finishedMm > 0);
  const routes = positive ? findRoutes({ rodMm: wishRodMm, rodLowMm: limits.lowMm, rodHighMm: limits.highMm, takeDownMm, landing: dressing.landing, landingMm: landMm, drops, panels, makeUpWidthMm, lengths }, rules) : [];
  const chosenRoute = (dressing.route && routes.find((r) => r.kind === dressing.route!.kind && (r.stockMm === dressing.route!.stockMm || (r.stockMm !== null && dressing.route!.stockMm !== null && Math.abs(r.stockMm - dressing.route!.stockMm) < 1)))) || null;

  // what hangs in the end
  const asBought = chosenRoute?.kind === 'otherLanding' ? chosenRoute : null;
  const rodHeightMm = wishRodMm;
  const landing = asBought?.landing ?? dressing.landing;
  const panelPlans: PanelPlan[] = stretches.map(([fromXMm, toXMm], i) => {
    const f = floors[i]!;
    const finishedLengthMm = asBought?.finishedMm ?? drops[i]!.finishedMm;
    const stack = Math.min(stackPerSideMm, toXMm - fromXMm);
    const left = i === 0;
    return {
      side: sides === 1 ? 'single' : left ? 'left' : 'right', fromXMm, toXMm,
      stackFromXMm: left ? fromXMm : toXMm - stack, stackToXMm: left ? fromXMm + stack : toXMm,
      floorHighMm: f.highMm, floorLowMm: f.lowMm, finishedLengthMm, bottomMm: Math.max(rodHeightMm - takeDownMm - finishedLengthMm, f.highMm),
    };
  });

  // light
  const overTrimMm = (reachMm: Mm) => Math.max(0, stackPerSideMm - reachMm - opening.trimMm);
  const glassCoveredMm = Math.min(opening.widthMm, overTrimMm(brackets.leftMm) + (sides === 2 ? overTrimMm(brackets.rightMm) : 0));

  judge();

  return {
    openingId: opening.id, dressingId: dressing.id, name: opening.name, wallId: opening.wallId,
    rodHeightMm, rodFrom, frameTopMm,
    bracketLeftXMm, bracketRightXMm, bracketToBracketMm: brackets.coveredMm, extensionLeftMm: brackets.leftMm, extensionRightMm: brackets.rightMm,
    takeDownMm, landing, landingMm: asBought ? -(asBought.finishedMm - (wishRodMm - highest - takeDownMm)) : landMm, finishedLengthMm: panelPlans[0]!.finishedLengthMm,
    panels, fullness, flatWidthMm, foldsPerSide: Math.max(1, Math.round((panels * flatWidthMm) / sides / rules.number('windows.ringSpacing'))),
    panelPlans, stackPerSideMm, glassWidthMm: opening.widthMm, glassCoveredMm, glassCoveredShare: glassCoveredMm / opening.widthMm,
    routes, chosenRoute,
    brackets: 2 + Math.floor(Math.max(0, brackets.coveredMm - 1e-6) / rules.number('windows.centreBracketSpan')), finials: 2,
    rings: dressing.heading === 'ringClip' || dressing.heading === 'pinchPleat' ? panels * (Math.ceil(flatWidthMm / rules.number('windows.ringSpacing')) + 1) : 0,
    rulesUsed: {
      rod: rodFrom === 'line' ? 'windows.rodLine' : 'windows.heightSchool', extension: 'windows.bracketExtension',
      landing: dressing.landing === 'kiss' ? 'windows.pinGive' : landingRule[dressing.landing], takeDown: takeDownRule(dressing.heading), packing: packingRule(clothGsm, rules),
    },
    findings,
  };

  function judge(): void {
    if (!positive) find('length-not-positive', 'stop', { lengthMm: Math.min(...drops.map((d) => d.finishedMm)), rodMm: wishRodMm });
    if (wishRodMm > place.ceilingMm) find('rod-above-ceiling', 'stop', { rodMm: wishRodMm, ceilingMm: place.ceilingMm });
    else if (wishRodMm > limits.highMm + 1) find('rod-held-under-ceiling', 'caution', { byMm: wishRodMm - limits.highMm }, 'windows.rodClearance');
    if (rodFrom === 'school' && bySchool.heldByMm > 0) find('rod-held-under-ceiling', 'yielded', { byMm: bySchool.heldByMm }, 'windows.rodClearance');
    if (wishRodMm < frameTopMm) find('rod-below-frame', 'stop', { byMm: frameTopMm - wishRodMm });
    else if (rodFrom === 'own' && place.lineMm !== undefined && Math.abs(place.lineMm - wishRodMm) > rules.number('fitting.levelTolerance')) find('rod-off-the-line', 'caution', { byMm: Math.abs(place.lineMm - wishRodMm), lineMm: place.lineMm }, 'windows.rodLine');
    else if (wishRodMm < bySchool.rodMm - rules.number('windows.belowCeiling') && rodFrom !== 'line') find('rod-below-the-rule', 'caution', { byMm: bySchool.rodMm - wishRodMm, wishMm: bySchool.rodMm }, 'windows.heightSchool');

    for (const [side, held, reach, endsAt] of [['left', brackets.heldLeftByMm, brackets.leftMm, place.endsAt.left], ['right', brackets.heldRightByMm, brackets.rightMm, place.endsAt.right]] as const) {
      const room = side === 'left' ? place.roomMm.leftMm : place.roomMm.rightMm;
      if (reach > room + rules.number('windows.cornerClearance') + 0.5) find('bracket-past-the-wall', 'stop', { side, byMm: reach - room });
      else if (held > 1) find('bracket-held-by-neighbour', 'yielded', { side, byMm: held, reachMm: reach, neighbour: endsAt }, 'windows.bracketExtension');
    }
    if (brackets.widenedByMm > 1) find('bracket-widened-for-stack', 'ok', { byMm: brackets.widenedByMm, stackMm: stackPerSideMm }, 'windows.bracketExtension');
    if (glassCoveredMm > 1) find('glass-covered', glassCoveredMm / opening.widthMm > rules.number('windows.glassNoticed') ? 'caution' : 'yielded', { stackMm: stackPerSideMm, reachMm: Math.min(brackets.leftMm, brackets.rightMm), coveredMm: glassCoveredMm, share: glassCoveredMm / opening.widthMm }, packingRule(clothGsm, rules));
    else find('glass-clear', 'ok', { stackMm: stackPerSideMm }, packingRule(clothGsm, rules));

    const least = rules.number('windows.leastFullness');
    find(fullness < least - 1e-6 ? 'fullness-low' : 'fullness-good', fullness < least - 1e-6 ? 'caution' : 'ok', { fullness, least, panels }, fullness < least ? 'windows.leastFullness' : 'windows.fullness');

    const give = rules.number('windows.pinGive');
    const alongPanel = Math.max(...floors.map((f) => f.highMm - f.lowMm));
    if (!floor.measured) find('floor-not-measured', 'caution', {});
    else if (unevenMm <= give + 0.1) find('floor-level', 'ok', { byMm: unevenMm }, 'windows.pinGive');
    else if (landMm < 0 && unevenMm <= -landMm + 1e-6) find('floor-hidden-by-landing', 'ok', { byMm: unevenMm, landingMm: -landMm }, landingRule[dressing.landing as 'break' | 'pool']);
    else {
      if (alongPanel > give + 0.1) find(landMm === 0 ? 'kiss-over-uneven-floor' : 'clear-over-uneven-floor', 'caution', { byMm: alongPanel, unevenMm, giveMm: give }, 'windows.pinGive');
      const lengths = panelPlans.map((p) => p.finishedLengthMm);
      if (Math.max(...lengths) - Math.min(...lengths) > 0.5) find('hems-differ', 'caution', { leftMm: lengths[0]!, rightMm: lengths[lengths.length - 1]! }, 'windows.unevenFloor');
    }
    if (positive && !routes.some((r) => r.kind !== 'made')) find('nothing-in-stock-lands', 'caution', {}, 'windows.stockLengths');

    if (cloth?.kind === 'panel' && positive && cloth.heightMm < Math.max(...panelPlans.map((p) => p.finishedLengthMm)) - 2 * (rules.number('windows.stockHem') - rules.number('windows.leastHem')) - 1) {
      find('owned-panel-short', 'caution', { item: cloth.name, lengthMm: cloth.heightMm, byMm: Math.max(...panelPlans.map((p) => p.finishedLengthMm)) - cloth.heightMm }, 'windows.leastHem');
    }
    const apart = rules.number('safety.heaterDistance');
    for (const heater of place.heaters) {
      const d = heater.distanceMm(bracketLeftXMm, bracketRightXMm);
      if (d < apart) find('curtain-by-heater', 'caution', { heater: heater.name, distanceMm: d, apartMm: apart }, 'safety.heaterDistance');
    }
    for (const radiator of place.radiators) {
      const over = panelPlans.some((p) => p.toXMm > radiator.xMm && p.fromXMm < radiator.xMm + radiator.widthMm && p.bottomMm < radiator.topMm);
      if (over) find('curtain-on-radiator', 'caution', { radiator: radiator.name }, 'safety.radiatorClearance');
    }
    if (place.wheelchair && landing === 'pool') find('pool-on-wheels', 'caution', {}, 'windows.landingPool');
  }
}

