import { toMark, type Mm } from '../../base/units';
import { overlapLength } from '../../geometry/plane';
import type { Finding, FindingCode, FindingFacts, Level } from '../../model/finding';
import type { Dressing, Item, Landing } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';
import type { RodLoad } from './beam';
import { landingRule, pools } from './landing';
import type { LayerPlan } from './layer';
import type { LightPlan } from './light';
import type { WindowPlace, WindowPlan, WindowTarget } from './windowPlan';

export type WindowCase = {
  target: WindowTarget;
  dressing: Dressing;
  cloths: { main: Item | undefined; sheer: Item | undefined };
  place: WindowPlace;
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
  limits: { lowMm: Mm; highMm: Mm };
  ceilingMm: Mm;
  ceilingBy: string;
  /** Room for the brackets at this height, and what comes down to it. */ room: {
    leftMm: Mm;
    rightMm: Mm;
    by: { left: string | null; right: string | null };
  };
  hemOn: WindowPlan['hemOn'];
  inReveal: boolean;
};

/** A pooled hem nearer than this to where people pass is walked on. */
const PASSING: Mm = 450;

/** What to look out for at a dressed window; each finding with its amounts. */
export function judgeWindow(c: WindowCase, rules: RuleBook): Finding[] {
  const findings: Finding[] = [];
  const { target, dressing, cloths, place, layer, rodFrom, limits } = c;
  const find = (code: FindingCode, level: Level, by: FindingFacts, rule?: RuleId) =>
    findings.push({
      code,
      level,
      stage: 'windows',
      about: [target.id],
      by: { window: target.name, ...by },
      ...(rule ? { rule } : {}),
    });
  const openings = target.span.parts.map((p) => p.opening);
  const rodMm = layer.rodHeightMm;

  height();
  if (dressing.mount === 'leaf') leaves();
  else if (!c.inReveal) sides();
  else reveal();
  glassAndFullness();
  if (c.hemOn === 'floor' && !target.shower) floors();
  hem();
  lengths();
  around();
  rod();
  if (!target.shower) lightAndDoors();
  return findings;

  function height(): void {
    const { bySchool, ceilingMm } = c;
    if (!layer.positive)
      find('length-not-positive', 'stop', {
        lengthMm: Math.min(...layer.panelPlans.map((p) => p.finishedLengthMm)),
        rodMm,
      });
    if (rodMm > ceilingMm && dressing.mount !== 'ceiling')
      find('rod-above-ceiling', 'stop', { rodMm, ceilingMm, what: c.ceilingBy });
    else if (dressing.mount === 'wall' && rodMm > limits.highMm + 1)
      find(
        'rod-held-under-ceiling',
        'caution',
        { byMm: rodMm - limits.highMm, what: c.ceilingBy },
        'windows.rodClearance',
      );
    if (rodFrom === 'school' && bySchool.heldByMm > 0 && !target.shower)
      find(
        'rod-held-under-ceiling',
        'yielded',
        { byMm: bySchool.heldByMm, what: c.ceilingBy },
        'windows.rodClearance',
      );
    // what comes down lower than the ceiling, where it is what sets the height
    const led =
      rodFrom === 'school'
        ? rules.school('windows.heightSchool') !== 'overFrame' && bySchool.heldByMm === 0
        : rodFrom === 'line' && Math.abs(rodMm - limits.highMm) < 1;
    if (led && c.ceilingBy !== 'ceiling' && dressing.mount === 'wall' && !target.shower)
      find(
        'rod-follows',
        'ok',
        { what: c.ceilingBy, ceilingMm, belowMm: ceilingMm - rodMm },
        rodFrom === 'line' ? 'windows.rodClearance' : 'windows.heightSchool',
      );
    if (c.inReveal) return;
    if (rodMm < c.frameTopMm) find('rod-below-frame', 'stop', { byMm: c.frameTopMm - rodMm });
    else if (
      rodFrom === 'own' &&
      place.lineMm !== undefined &&
      Math.abs(rodMm - place.lineMm) > rules.number('fitting.levelTolerance')
    )
      find(
        'rod-off-the-line',
        'caution',
        { byMm: Math.abs(rodMm - place.lineMm), lineMm: place.lineMm },
        'windows.rodLine',
      );
    else if (rodMm < bySchool.rodMm - rules.number('windows.belowCeiling') && rodFrom !== 'line')
      find(
        'rod-below-the-rule',
        'caution',
        { byMm: bySchool.rodMm - rodMm, wishMm: bySchool.rodMm },
        'windows.heightSchool',
      );
  }

  function sides(): void {
    const b = layer.brackets;
    for (const [side, held, reach, endsAt] of [
      ['left', b.heldLeftByMm, b.leftMm, c.room.by.left ?? place.endsAt.left],
      ['right', b.heldRightByMm, b.rightMm, c.room.by.right ?? place.endsAt.right],
    ] as const) {
      const room = side === 'left' ? c.room.leftMm : c.room.rightMm;
      if (reach > room + rules.number('windows.cornerClearance') + 0.5)
        find('bracket-past-the-wall', 'stop', { side, byMm: reach - room });
      else if (held > 1)
        find(
          'bracket-held-by-neighbour',
          'yielded',
          { side, byMm: held, reachMm: reach, neighbour: endsAt },
          'windows.bracketExtension',
        );
    }
    if (b.widenedByMm > 1)
      find(
        'bracket-widened-for-stack',
        'ok',
        { byMm: b.widenedByMm, stackMm: layer.stackPerSideMm, clears: c.glassCoveredMm > 1 ? 'no' : 'yes' },
        'windows.bracketExtension',
      );
  }

  function leaves(): void {
    find('leaf-screws', 'caution', { rented: place.rented ? 'yes' : 'no' }, 'windows.leafStile');
  }

  function reveal(): void {
    if (target.shower) return;
    const least = rules.number('windows.insideReveal');
    const depth = Math.min(...openings.map((o) => o.revealMm));
    if (depth < least - 0.5)
      find(
        'reveal-too-shallow',
        'caution',
        { depthMm: depth, leastMm: least, known: depth > 0 ? 'yes' : 'no' },
        'windows.insideReveal',
      );
    if (openings.some((o) => o.opens === 'in')) find('inside-rod-meets-sash', 'caution', {});
  }

  function glassAndFullness(): void {
    if (!target.shower) {
      const share = c.glassCoveredMm / c.glassMm;
      // on a leaf the cloth is meant to stay before the glass
      if (dressing.mount === 'leaf') find('leaf-covered', 'ok', { share: c.light.open }, layer.rules.packing);
      else if (c.glassCoveredMm > 1)
        find(
          'glass-covered',
          share > rules.number('windows.glassNoticed') ? 'caution' : 'yielded',
          {
            stackMm: layer.stackPerSideMm,
            reachMm: Math.min(layer.brackets.leftMm, layer.brackets.rightMm),
            coveredMm: c.glassCoveredMm,
            share,
            where: dressing.mount === 'inside' || dressing.mount === 'cafe' ? dressing.mount : 'past',
          },
          layer.rules.packing,
        );
      else find('glass-clear', 'ok', { stackMm: layer.stackPerSideMm }, layer.rules.packing);
      const least = rules.number('windows.leastFullness');
      const low = layer.fullness < least - 1e-6;
      const { fewer } = layer;
      if (fewer && fewer.fullness >= least - 1e-6)
        find(
          'fullness-more',
          'yielded',
          {
            fullness: layer.fullness,
            wished: layer.wishedFullness,
            panels: layer.panels,
            fewer: fewer.panels,
            gives: fewer.fullness,
            least,
          },
          'windows.fullnessOver',
        );
      else
        find(
          low ? 'fullness-low' : 'fullness-good',
          low ? 'caution' : 'ok',
          { fullness: layer.fullness, least, panels: layer.panels },
          low ? 'windows.leastFullness' : 'windows.fullness',
        );
    } else if (layer.fullness < 1)
      find(
        'shower-too-narrow',
        'caution',
        { widthMm: layer.panels * layer.flatWidthMm, coveredMm: layer.brackets.coveredMm },
        'windows.showerFullness',
      );
  }

  function floors(): void {
    const give = rules.number('windows.pinGive');
    const landMm = layer.landingMm;
    if (!layer.measured) {
      find('floor-not-measured', 'caution', {});
      return;
    }
    if (layer.unevenMm <= give + 0.1)
      find(
        'floor-level',
        'ok',
        { byMm: layer.unevenMm, off: layer.unevenMm > 0.5 ? 'yes' : 'no' },
        'windows.pinGive',
      );
    else if (landMm < 0 && layer.unevenMm <= -landMm + 1e-6)
      find(
        'floor-hidden-by-landing',
        'ok',
        { byMm: layer.unevenMm, landingMm: -landMm },
        landingRule[dressing.landing as Exclude<Landing, 'kiss'>] ?? 'windows.landingBreak',
      );
    else {
      // what the tape's marks do not show is not there to be seen
      if (toMark(layer.alongPanelMm, rules.unit) > give + 0.1)
        find(
          landMm === 0 ? 'kiss-over-uneven-floor' : 'clear-over-uneven-floor',
          'caution',
          { byMm: layer.alongPanelMm, unevenMm: layer.unevenMm, giveMm: give },
          'windows.pinGive',
        );
      const hems = layer.panelPlans.map((p) => p.finishedLengthMm);
      const [shortest, longest] = [Math.min(...hems), Math.max(...hems)];
      if (longest - shortest > 0.5)
        find(
          'hems-differ',
          'caution',
          {
            leftMm: hems[0]!,
            rightMm: hems[hems.length - 1]!,
            shortestMm: shortest,
            longestMm: longest,
            panels: layer.panels,
          },
          'windows.unevenFloor',
        );
      // one length over a floor that drops: what shows at the low side, and what would hide it
      else if (rules.school('windows.unevenFloor') === 'advise')
        find(
          'one-length-shows-floor',
          'caution',
          {
            byMm: layer.unevenMm,
            breakMm: rules.number('windows.landingBreak'),
            hides:
              layer.unevenMm <= rules.number('windows.landingBreak')
                ? 'break'
                : layer.unevenMm <= rules.number('windows.landingPool')
                  ? 'pool'
                  : 'none',
          },
          'windows.unevenFloor',
        );
    }
  }

  function hem(): void {
    if (target.shower) {
      find('shower-hem', 'ok', { clearMm: rules.number('windows.showerClear') }, 'windows.showerClear');
      return;
    }
    if (c.hemOn === 'sill' && (pools(layer.landing) || layer.landing === 'break'))
      find('pool-on-sill', 'caution', {});
    if (place.wheelchair && pools(layer.landing) && c.hemOn === 'floor')
      find('pool-on-wheels', 'caution', {}, 'windows.landingPool');
    if (c.hemOn !== 'floor' || !(pools(layer.landing) || layer.landing === 'break')) return;
    if (openings.some((o) => o.kind === 'frenchDoor')) find('hem-in-doorway', 'caution', {});
    for (const way of pools(layer.landing) ? place.ways : []) {
      const d = Math.min(
        ...layer.panelPlans.map((p) =>
          Math.min(
            way.distanceMm(p.stackFromMm, p.stackToMm),
            dressing.drawn === 'closed' ? way.distanceMm(p.fromMm, p.toMm) : Infinity,
          ),
        ),
      );
      if (d < PASSING)
        find(
          'pool-by-way',
          'caution',
          { way: way.name, distanceMm: d, stairs: way.stairs ? 'yes' : 'no' },
          'windows.landingPool',
        );
    }
  }

  function lengths(): void {
    if (!layer.positive) return;
    if (!layer.routes.some((r) => r.kind !== 'made'))
      find(
        'nothing-in-stock-lands',
        'caution',
        {},
        target.shower ? 'windows.showerStock' : 'windows.stockLengths',
      );
    const longest = Math.max(...layer.panelPlans.map((p) => p.finishedLengthMm));
    const cloth = cloths.main;
    if (
      cloth?.kind === 'panel' &&
      cloth.heightMm < longest - 2 * (rules.number('windows.stockHem') - rules.number('windows.leastHem')) - 1
    )
      find(
        'owned-panel-short',
        'caution',
        { item: cloth.name, lengthMm: cloth.heightMm, byMm: longest - cloth.heightMm },
        'windows.leastHem',
      );
    const { pleats, widthsForPleats, widths } = layer.making;
    if (layer.chosenRoute?.kind === 'made' && pleats && !pleats.good)
      find(
        'pleats-cloth-off',
        'caution',
        { clothMm: pleats.clothPerPleatMm, widths, better: widthsForPleats ?? 0 },
        'windows.pleatCloth',
      );
  }

  function around(): void {
    const apart = rules.number('safety.heaterDistance');
    for (const heater of place.heaters) {
      const d = heater.distanceMm(layer.leftMm, layer.rightMm);
      if (d < apart)
        find(
          'curtain-by-heater',
          'caution',
          { heater: heater.name, distanceMm: d, apartMm: apart },
          'safety.heaterDistance',
        );
    }
    const before = (xMm: Mm, widthMm: Mm, topMm: Mm) =>
      layer.panelPlans.some(
        (p) => overlapLength(p.fromMm, p.toMm, xMm, xMm + widthMm) > 0 && p.bottomMm < topMm,
      );
    for (const radiator of place.radiators)
      if (before(radiator.xMm, radiator.widthMm, radiator.topMm))
        find('curtain-on-radiator', 'caution', { radiator: radiator.name }, 'safety.radiatorClearance');
    for (const vent of place.vents)
      if (vent.bottomMm < rodMm && before(vent.xMm, vent.widthMm, vent.topMm))
        find('curtain-over-vent', 'caution', { vent: vent.name }, 'floor.ventClear');
  }

  function rod(): void {
    const { load } = c;
    const { heading } = dressing;
    const make = dressing.rod.make;
    if (heading === 'wave' && make !== 'track') find('heading-needs-track', 'stop', {});
    if (make === 'track' && heading !== 'wave' && heading !== 'pinchPleat')
      find('heading-not-on-track', 'stop', { heading });
    if (make === 'tension') {
      if (!c.inReveal || dressing.mount === 'leaf') find('tension-needs-two-sides', 'stop', {});
      const most = rules.number('windows.tensionMost');
      if (layer.brackets.coveredMm > most)
        find(
          'tension-too-long',
          'caution',
          { byMm: layer.brackets.coveredMm - most, mostMm: most },
          'windows.tensionMost',
        );
      if (load.clothG > rules.number('windows.tensionLoad'))
        find(
          'tension-too-heavy',
          'caution',
          { massG: load.clothG, mostG: rules.number('windows.tensionLoad') },
          'windows.tensionLoad',
        );
    } else {
      if (load.sagMm > load.sagMostMm + 0.01)
        find('rod-sags', 'caution', { sagMm: load.sagMm, spanMm: load.spanMm }, 'windows.sagMost');
      else if (load.supports > 2)
        find(
          'centre-brackets',
          'ok',
          { count: load.supports - 2, sagMm: load.sagMm, spanMm: load.spanMm },
          'windows.sagMost',
        );
      const edge = c.frameTopMm + rules.number('windows.lintel');
      if (
        !c.inReveal &&
        dressing.mount === 'wall' &&
        Math.abs(rodMm - edge) < rules.number('windows.bracketTop')
      )
        find(
          'bracket-by-lintel-edge',
          'caution',
          { byMm: Math.abs(rodMm - edge), lintelMm: rules.number('windows.lintel') },
          'windows.bracketTop',
        );
      const band = rules.number('walls.cableBand');
      const live = place.electric.find((e) =>
        bracketsMm().some((x) => overlapLength(x - band, x + band, e.fromMm, e.toMm) > 0),
      );
      if (live && dressing.mount === 'wall')
        find('bracket-cable-zone', 'caution', { other: live.name }, 'walls.cableBand');
      if (place.rented)
        find(
          'rented-tension',
          'caution',
          {
            length:
              layer.brackets.coveredMm <= rules.number('windows.tensionMost') &&
              load.clothG <= rules.number('windows.tensionLoad')
                ? 'fits'
                : 'not',
          },
          'windows.tensionMost',
        );
    }
  }
  function bracketsMm(): Mm[] {
    return c.bracketsAt.map((b) => {
      const part = target.span.parts.find((p) => p.wallId === b.wallId)!;
      return b.xMm + part.offMm;
    });
  }

  function lightAndDoors(): void {
    const { light, sheer } = c;
    const overlooked = openings.some((o) => o.overlooked);
    if (overlooked && light.nowByLamp === 'seen') {
      if (light.drawnByLamp === 'hidden')
        find(
          'seen-by-lamp',
          dressing.drawn === 'closed' ? 'caution' : 'yielded',
          { day: light.nowByDay },
          'windows.hidesByLamp',
        );
      else find('never-hidden', 'caution', { day: light.drawnByDay }, 'windows.hidesByLamp');
    } else if (overlooked) find('hidden', 'ok', {}, 'windows.hidesByLamp');
    if (openings.some((o) => o.hazy))
      find(sheer ? 'hazy-hidden' : 'hazy-shows', sheer ? 'ok' : 'yielded', {}, 'windows.passSheer');
    if (sheer && sheer.fullness < rules.number('windows.leastFullness') - 1e-6)
      find(
        'fullness-low',
        'caution',
        { fullness: sheer.fullness, least: rules.number('windows.leastFullness'), panels: sheer.panels },
        'windows.sheerFullness',
      );
    for (const o of openings) {
      if (o.kind !== 'frenchDoor' || dressing.mount === 'leaf') continue;
      if (o.opens === 'in' && rodMm < o.sillMm + o.heightMm + 25)
        find('leaf-meets-rod', 'stop', { byMm: o.sillMm + o.heightMm + 25 - rodMm });
      if (o.opens !== 'fixed' && c.glassCoveredMm > 1)
        find(
          'leaf-meets-stack',
          'caution',
          { coveredMm: c.glassCoveredMm, way: o.opens === 'in' ? 'in' : 'out' },
          'windows.bracketExtension',
        );
    }
  }
}
