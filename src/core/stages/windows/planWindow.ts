import { toMark, toMarkBelow, type Mm } from '../../base/units';
import type { Dressing, Item, Mount, Opening } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import { carry, sectionOf, supportsAt } from './beam';
import { judgeWindow } from './judgeWindow';
import { layerGsm, mainChoice, planLayer, sheerChoice, type LayerPlan } from './layer';
import { takeDownMm } from './landing';
import { leafRods, pocketed } from './leaf';
import { lightOf, passes, passRule } from './light';
import { usualEnds, type Ends, type Reach } from './panels';
import { rodBySchool, rodLimits } from './rod';
import { floorOf, glassOf, glassUnder, onWalls, outerOf } from './span';
import type { WindowPlace, WindowPlan, WindowTarget } from './windowPlan';

/** The rod's height where its place says it: to the ceiling, in the reveal, half way down. */
function mountedAt(mount: Mount, first: Opening, ceilingMm: Mm, rules: RuleBook): Mm | undefined {
  switch (mount) {
    case 'wall':
      return undefined;
    case 'leaf':
      return toMark(leafRods(first, rules).topMm, rules.unit);
    case 'ceiling':
      return ceilingMm - rules.number('windows.ceilingTrack');
    case 'inside':
      return toMark(first.sillMm + first.heightMm - rules.number('windows.insideBelowHead'), rules.unit);
    case 'cafe':
      return toMark(first.sillMm + first.heightMm * rules.number('windows.cafeShare'), rules.unit);
  }
}

/** A sheer of which no cloth is chosen yet is a voile. */
const VOILE = { clothGsm: 60 } as const;

const within = (mount: Mount): boolean => mount === 'inside' || mount === 'cafe' || mount === 'leaf';

/**
 * A dressed window: heights, widths, lengths, panels, ways to the length, light, rod, and what to look out
 * for. Pure; lengths in mm.
 */
export function planWindow(
  target: WindowTarget,
  dressing: Dressing,
  cloths: { main: Item | undefined; sheer: Item | undefined },
  place: WindowPlace,
  rules: RuleBook,
): WindowPlan {
  const { span, shower } = target;
  const openings = span.parts.map((p) => p.opening);
  const first = openings[0]!;
  const { mount } = dressing;
  const inReveal = within(mount) || shower;
  const frameTopMm = Math.max(...openings.map((o) => o.sillMm + o.heightMm));
  const trimmed = outerOf(span);
  const leaf = mount === 'leaf' && !shower ? leafRods(first, rules) : null;
  const outer = leaf
    ? {
        leftMm: leaf.leaves[0]!.fromMm,
        rightMm: leaf.leaves[leaf.leaves.length - 1]!.toMm,
        trims: { leftMm: 0, rightMm: 0 },
      }
    : inReveal
      ? {
          leftMm: trimmed.leftMm + first.trimMm,
          rightMm: trimmed.rightMm - openings[openings.length - 1]!.trimMm,
          trims: { leftMm: 0, rightMm: 0 },
        }
      : { ...trimmed, trims: { leftMm: first.trimMm, rightMm: openings[openings.length - 1]!.trimMm } };

  // what the hem lands on
  const sill = Math.max(...openings.map((o) => o.sillMm));
  const hemOn: WindowPlan['hemOn'] = leaf
    ? 'leaf'
    : shower || sill <= 0
      ? 'floor'
      : within(mount)
        ? 'sill'
        : dressing.hemAt;
  const apronMm = Math.max(
    0,
    sill - Math.max(...openings.map((o) => o.trimMm)) - rules.number('windows.apron'),
  );
  const base = (fromMm: Mm, toMm: Mm) => {
    if (hemOn === 'floor') return floorOf(span, fromMm, toMm);
    // a pocket is held by the lower rod as by the upper one; another heading hangs free and ends just below
    // the glass
    const at = leaf
      ? leaf.bottomMm + (pocketed(dressing.heading) ? takeDownMm(dressing.heading, dressing.pinMm, rules) : 0)
      : hemOn === 'sill'
        ? sill
        : apronMm;
    return { highMm: at, lowMm: at, measured: true };
  };

  // rod
  const overTrim = place.overhead(trimmed.leftMm, trimmed.rightMm);
  const school = (ceilingMm: Mm) => rodBySchool({ frameTopMm, ceilingMm }, rules);
  const atMount = shower
    ? undefined
    : mountedAt(mount, first, place.ceilingOver(trimmed.leftMm, trimmed.rightMm), rules);
  const rodFrom: WindowPlan['rodFrom'] =
    dressing.rodHeightMm !== null
      ? 'own'
      : atMount !== undefined
        ? 'mount'
        : place.lineMm !== undefined && !shower
          ? 'line'
          : 'school';
  const ends: Ends = leaf
    ? { returnMm: 0, overlapMm: 0, pair: leaf.leaves.length > 1 }
    : inReveal
      ? { ...usualEnds(rules), returnMm: 0 }
      : usualEnds(rules);
  const showerEnds: Ends = { returnMm: 0, overlapMm: 0, pair: false };
  const given = inReveal
    ? { leftMm: 0, rightMm: 0 }
    : { leftMm: dressing.extensionLeftMm, rightMm: dressing.extensionRightMm };
  const ownLand = shower
    ? rules.number('windows.showerClear')
    : hemOn === 'apron' || hemOn === 'leaf'
      ? 0
      : null;
  const planAt = (rodMm: Mm, limits: { lowMm: Mm; highMm: Mm }) =>
    planLayer(
      mainChoice(dressing, cloths.main, shower, rules),
      {
        span,
        rodMm,
        rodLowMm: limits.lowMm,
        rodHighMm: limits.highMm,
        base,
        roomMm: roomAt(rodMm),
        given,
        outer,
        ends: shower ? showerEnds : ends,
        landMm: ownLand,
        mayLie: hemOn === 'floor' && !shower,
        ...(leaf ? { leaves: leaf.leaves } : {}),
      },
      rules,
    );
  const limitsAt = (ceilingMm: Mm) => {
    if (leaf) {
      const at = dressing.rodHeightMm ?? atMount!;
      return { lowMm: at, highMm: at };
    }
    if (inReveal && !shower) {
      const top = first.sillMm + first.heightMm;
      return { lowMm: first.sillMm, highMm: top };
    }
    return rodLimits({ frameTopMm, ceilingMm }, rules);
  };
  const bySchool = school(overTrim.mm);
  /**
   * Room for the brackets at a height: beside the frame a slope, a beam or a cupboard may come down to the
   * rod, which then ends before it.
   * The lowest thing over a stretch only gets lower as it grows, so the end is found by halving.
   */
  const roomAt = (rodMm: Mm): Reach & { by: { left: string | null; right: string | null } } => {
    const found = { ...place.roomMm, by: { left: null as string | null, right: null as string | null } };
    if (mount !== 'wall' || shower) return found;
    const free = rodMm + rules.number('windows.rodClearance') - 0.5;
    for (const side of ['left', 'right'] as const) {
      const most = side === 'left' ? place.roomMm.leftMm : place.roomMm.rightMm;
      const over = (d: Mm) =>
        side === 'left'
          ? place.overhead(trimmed.leftMm - d, trimmed.leftMm)
          : place.overhead(trimmed.rightMm, trimmed.rightMm + d);
      if (most <= 0 || over(most).mm >= free || overTrim.mm < free) continue;
      let [low, high] = [0, most];
      for (let i = 0; i < 18; i++) {
        const d = (low + high) / 2;
        if (over(d).mm >= free) low = d;
        else high = d;
      }
      found.by[side] = over(most).by;
      if (side === 'left') found.leftMm = toMarkBelow(low, rules.unit);
      else found.rightMm = toMarkBelow(low, rules.unit);
    }
    return found;
  };
  const wished = () =>
    dressing.rodHeightMm ?? atMount ?? (shower ? undefined : place.lineMm) ?? bySchool.rodMm;
  const ceilingMm = overTrim.mm;
  const limits = limitsAt(ceilingMm);
  const layer = planAt(wished(), limits);
  const rodHeightMm = layer.rodHeightMm;

  const sheer =
    dressing.sheer && !shower && !within(mount)
      ? planLayer(
          { ...sheerChoice(dressing.sheer, cloths.sheer, rules) },
          {
            span,
            rodMm: rodHeightMm - rules.number('windows.innerRodLower'),
            rodLowMm: limits.lowMm,
            rodHighMm: limits.highMm,
            base,
            roomMm: place.roomMm,
            given: { leftMm: layer.brackets.leftMm, rightMm: layer.brackets.rightMm },
            outer,
            ends: { ...ends, returnMm: rules.number('windows.innerProjection') },
            landMm: ownLand,
            mayLie: hemOn === 'floor' && !shower,
          },
          rules,
        )
      : null;

  // light
  const glassMm = glassOf(span).reduce((n, g) => n + g.toMm - g.fromMm, 0);
  const covered = (l: LayerPlan, drawn: 'open' | 'closed') =>
    glassUnder(
      span,
      l.panelPlans.map((p) => (drawn === 'closed' ? p : { fromMm: p.stackFromMm, toMm: p.stackToMm })),
    );
  // each leaf's cloth goes past its own glass
  const glassCoveredMm = shower ? 0 : leaf ? glassMm : covered(layer, 'open');
  const height = mount === 'cafe' ? rules.number('windows.cafeShare') : 1;
  const lightLayer = (
    l: LayerPlan,
    cloth: Pick<Item, 'clothGsm'> | undefined,
    known: number | null,
    lining: Dressing['making']['lining'],
    drawn: 'open' | 'closed',
  ) => ({
    coveredOpen: leaf ? 1 : (covered(l, 'open') / glassMm) * height,
    coveredDrawn: leaf ? 1 : (covered(l, 'closed') / glassMm) * height,
    pass: passes(layerGsm(cloth, 'none', rules), lining, known, rules),
    drawn,
  });
  const mainLight = lightLayer(
    layer,
    cloths.main,
    dressing.lightShare,
    dressing.making.lining,
    dressing.drawn,
  );
  const sheerLight =
    sheer && dressing.sheer
      ? lightLayer(sheer, cloths.sheer ?? VOILE, null, 'none', dressing.sheer.drawn)
      : null;
  const light = lightOf(mainLight, sheerLight, rules);

  // the rod as a beam; both layers of a double rod hang on the same brackets, each on its own rod
  const section = sectionOf(dressing.rod.make, dressing.rod.outerMm, rules);
  const bendsMm = span.parts
    .filter((p, i) => i > 0 && span.parts[i - 1]!.wallId !== p.wallId)
    .map((p) => p.fromXMm + p.offMm - layer.leftMm);
  const massOf = (l: LayerPlan) =>
    (l.panels * l.flatWidthMm * Math.max(0, l.finishedLengthMm) * l.clothGsm) / 1e6;
  const rodLengthMm = leaf ? leaf.leaves[0]!.toMm - leaf.leaves[0]!.fromMm : layer.brackets.coveredMm;
  const lowerRodMm = leaf && pocketed(dressing.heading) ? leaf.bottomMm : null;
  const load = carry(
    section,
    rodLengthMm,
    massOf(layer) / (leaf?.leaves.length ?? 1),
    rules,
    2 + bendsMm.length,
  );
  const sheerForce = sheer
    ? carry(section, sheer.brackets.coveredMm, massOf(sheer), rules, load.supports)
    : null;
  const rods = (leaf?.leaves ?? [{ fromMm: layer.leftMm }]).flatMap(({ fromMm }) =>
    [rodHeightMm, ...(lowerRodMm === null ? [] : [lowerRodMm])].map((heightMm) => ({ fromMm, heightMm })),
  );
  const bracketsAt = rods.flatMap(({ fromMm, heightMm }) =>
    supportsAt(rodLengthMm, load.supports, bendsMm).map((mm) => ({ ...placeOf(fromMm + mm), heightMm })),
  );

  const findings = judgeWindow(
    {
      target,
      dressing,
      cloths,
      place,
      layer,
      sheer,
      light,
      load,
      bracketsAt,
      frameTopMm,
      glassCoveredMm,
      glassMm,
      rodFrom,
      bySchool,
      limits,
      ceilingMm,
      ceilingBy: overTrim.by,
      room: roomAt(rodHeightMm),
      hemOn,
      inReveal,
    },
    rules,
  );
  const walls = onWalls(span, layer.leftMm, layer.rightMm);
  return {
    openingId: target.id,
    dressingId: dressing.id,
    name: target.name,
    wallId: target.wallId,
    openingIds: shower ? [] : openings.map((o) => o.id),
    shower,
    mount,
    span,
    rodHeightMm,
    rodFrom,
    frameTopMm,
    hemOn,
    rodOn: walls,
    bracketLeftXMm: bracketsAt[0]!.xMm,
    bracketRightXMm: bracketsAt[bracketsAt.length - 1]!.xMm,
    bracketToBracketMm: rodLengthMm,
    extensionLeftMm: layer.brackets.leftMm,
    extensionRightMm: layer.brackets.rightMm,
    takeDownMm: layer.takeDownMm,
    landing: layer.landing,
    landingMm: layer.landingMm,
    finishedLengthMm: layer.finishedLengthMm,
    panels: layer.panels,
    fullness: layer.fullness,
    flatWidthMm: layer.flatWidthMm,
    foldsPerSide: layer.foldsPerSide,
    panelPlans: layer.panelPlans,
    returnMm: shower ? 0 : ends.returnMm,
    overlapMm: shower || layer.sides === 1 ? 0 : ends.overlapMm,
    stackPerSideMm: layer.stackPerSideMm,
    glassWidthMm: glassMm,
    glassCoveredMm,
    glassCoveredShare: glassCoveredMm / glassMm,
    routes: layer.routes,
    chosenRoute: layer.chosenRoute,
    making: layer.making,
    repeatMm: layer.repeatMm,
    layerGsm: layer.clothGsm,
    sheer,
    light,
    passes: { main: mainLight.pass, sheer: sheerLight?.pass ?? 0 },
    rod: {
      section,
      load: sheerForce
        ? {
            ...load,
            endForceN: load.endForceN + sheerForce.endForceN,
            centreForceN: load.centreForceN + sheerForce.centreForceN,
            massG: load.massG + sheerForce.massG,
            clothG: load.clothG + sheerForce.clothG,
          }
        : load,
      lengthMm: rodLengthMm,
      bends: bendsMm.length,
      count: sheer ? 2 : rods.length,
    },
    leaves: leaf?.leaves ?? null,
    lowerRodMm,
    bracketsAt,
    brackets: dressing.rod.make === 'tension' ? 0 : bracketsAt.length,
    rings: layer.rings + (sheer?.rings ?? 0),
    hooks: layer.hooks + (sheer?.hooks ?? 0),
    finials: inReveal || mount === 'ceiling' || dressing.rod.make === 'track' ? 0 : sheer ? 4 : 2,
    rulesUsed: {
      rod:
        rodFrom === 'line'
          ? 'windows.rodLine'
          : rodFrom === 'mount'
            ? (
                {
                  ceiling: 'windows.ceilingTrack',
                  inside: 'windows.insideBelowHead',
                  cafe: 'windows.cafeShare',
                  leaf: 'windows.leafStile',
                  wall: 'windows.heightSchool',
                } as const
              )[mount]
            : 'windows.heightSchool',
      extension: leaf ? 'windows.leafPast' : 'windows.bracketExtension',
      landing: shower
        ? 'windows.showerClear'
        : hemOn === 'apron'
          ? 'windows.apron'
          : hemOn === 'leaf'
            ? 'windows.leafBottomRail'
            : layer.rules.landing,
      takeDown: layer.rules.takeDown,
      packing: layer.rules.packing,
      light: passRule(layerGsm(cloths.main, 'none', rules), rules),
    },
    findings,
  };

  function placeOf(mm: Mm): { wallId: string; xMm: Mm } {
    const part = [...span.parts].reverse().find((p) => mm >= p.fromXMm + p.offMm - 1e-6) ?? span.parts[0]!;
    return { wallId: part.wallId, xMm: mm - part.offMm };
  }
}
