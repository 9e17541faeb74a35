import { toMark, type Gram, type Mm } from '../../base/units';
import { boxesOverlap, overlapLength, type Box } from '../../geometry/plane';
import type { Finding, FindingCode, FindingFacts, Level } from '../../model/finding';
import type { Hanging, Item } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';
import { chooseHeight, gapRule, heightFinding } from './height';
import { hookClass, planNails } from './wire';

/** What is on the hanging's wall, unrolled: boxes in mm from the wall's left end and the floor datum. */
export type HangingPlace = {
  wallLengthMm: Mm;
  wallHighMm: Mm;
  /** What is over it: the ceiling, or the crown along it. */
  ceilingMm: Mm;
  ceilingBy: 'ceiling' | 'crown';
  over: { id: string; name: string; isBed: boolean; isSeat: boolean; xMm: Mm; widthMm: Mm; topMm: Mm } | null;
  openings: readonly { id: string; name: string; box: Box }[];
  fittings: readonly {
    id: string;
    name: string;
    electric: boolean;
    stairs: boolean;
    shelf: boolean;
    box: Box;
  }[];
  furniture: readonly {
    id: string;
    name: string;
    /** People lie there, or sit for long. */ restedOn: boolean;
    box: Box;
  }[];
  /** Holes that are in the wall already. */
  holes: readonly { id: string; xMm: Mm; heightMm: Mm }[];
  /** A stair along the wall takes only what is under its line. */
  stairs: readonly {
    name: string;
    xMm: Mm;
    widthMm: Mm;
    bottomMm: Mm;
    heightMm: Mm;
    rises: 'left' | 'right';
  }[];
  childrenOrPets: boolean;
};

/**
 * Where a piece hangs that its group places: its middle; it is judged for height and width with the whole.
 */
export type InGroup = { groupId: string; xMm: Mm; centreMm: Mm };

export type HangingPlan = {
  hangingId: string;
  itemId: string;
  name: string;
  wallId: string;
  xMm: Mm;
  centreMm: Mm;
  widthMm: Mm;
  heightMm: Mm;
  topMm: Mm;
  bottomMm: Mm;
  gapMm: Mm | null;
  yielded: 'none' | 'centre' | 'gap';
  yieldedByMm: Mm;
  widthShare: number | null;
  nails: { xMm: Mm; heightMm: Mm }[];
  nailDropMm: Mm;
  hooksApartMm: Mm;
  massG: number;
  twoPoints: boolean;
  groupId: string | null;
  leans: boolean;
  footMm: Mm;
  /** Rating of the hook that each nail wants; null when no class holds it. */
  hookClassG: Gram | null;
  /** Holes used by a nail, hidden behind the piece, and the shift that would use or hide one near by. */
  holes: { used: string[]; hidden: string[]; shift: { dxMm: Mm; dyMm: Mm; uses: boolean } | null };
  rulesUsed: { height: RuleId; width: RuleId; hooks: RuleId };
  findings: Finding[];
};

/** A nail this near to a hole goes into it. */
const NEAR_ENOUGH: Mm = 2;
/** A hole this far inside the edge is hidden. */
const MARGIN: Mm = 10;
/** The least way that brings a value between two others. */
const into = (v: Mm, low: Mm, high: Mm): Mm => {
  if (v < low) return v - low;
  return v > high ? v - high : 0;
};

/** Highest point of a stair under a box, above the floor. */
function stairOver(s: HangingPlace['stairs'][number], box: Box): Mm {
  const [from, to] = [Math.max(box.xMm, s.xMm), Math.min(box.xMm + box.widthMm, s.xMm + s.widthMm)];
  if (to <= from) return 0;
  const up = (x: Mm) =>
    s.bottomMm + s.heightMm * (s.rises === 'right' ? (x - s.xMm) / s.widthMm : 1 - (x - s.xMm) / s.widthMm);
  return Math.max(up(from), up(to));
}

/**
 * Where across the wall a piece stands when nobody has put it: at the rule's share of the furniture below, or
 * of a bare wall.
 */
export const acrossOf = (
  place: Pick<HangingPlace, 'wallLengthMm'> & { over: { xMm: Mm; widthMm: Mm } | null },
  rules: RuleBook,
): Mm => (place.over?.xMm ?? 0) + (place.over?.widthMm ?? place.wallLengthMm) * rules.number('walls.across');

/**
 * What a piece's top meets first: the ceiling or crown over it, or a shelf above the wished middle. Mm above
 * the datum, and what it is.
 */
export function topsOut(place: HangingPlace, xMm: Mm, widthMm: Mm, wishMm: Mm): { mm: Mm; by: string } {
  let low: { mm: Mm; by: string } = { mm: place.ceilingMm, by: place.ceilingBy };
  for (const f of place.fittings)
    if (
      f.shelf &&
      f.box.yMm > wishMm &&
      f.box.yMm < low.mm &&
      overlapLength(xMm - widthMm / 2, xMm + widthMm / 2, f.box.xMm, f.box.xMm + f.box.widthMm) > 0
    )
      low = { mm: f.box.yMm, by: f.name };
  return low;
}

/** Told when less is left above than the rule wants, by a shelf or a ceiling. */
export function clearAboveShort(
  above: { mm: Mm; by: string },
  topMm: Mm,
  rules: RuleBook,
): FindingFacts | null {
  const [leftMm, wantMm] = [above.mm - topMm, rules.number('walls.clearAbove')];
  return leftMm > -0.5 && leftMm < wantMm - 0.5
    ? { leftMm: Math.max(0, leftMm), wantMm, other: above.by }
    : null;
}

/** One piece hung: centre, gap, share of the furniture's width, nails, and what to look out for. */
export function planHanging(
  hanging: Hanging,
  item: Item,
  place: HangingPlace,
  rules: RuleBook,
  inGroup: InGroup | null = null,
): HangingPlan {
  const findings: Finding[] = [];
  const find = (code: FindingCode, level: Level, by: FindingFacts, rule?: RuleId) =>
    findings.push({
      code,
      level,
      stage: 'walls',
      about: [hanging.id],
      by: { piece: item.name, ...by },
      ...(rule ? { rule } : {}),
    });
  const { over } = place;
  const xMm = inGroup?.xMm ?? hanging.xMm ?? acrossOf(place, rules);
  const above = topsOut(place, xMm, item.widthMm, rules.number('walls.centre'));
  // what leans stands on the floor, or on the furniture, its foot out from the wall
  const footMm = hanging.leans ? item.heightMm * rules.number('walls.leanFoot') : 0;
  const leanCentre = (over?.topMm ?? 0) + Math.sqrt(Math.max(0, item.heightMm ** 2 - footMm ** 2)) / 2;
  const height: ReturnType<typeof chooseHeight> = inGroup
    ? { centreMm: inGroup.centreMm, gapMm: null, yielded: 'none', byMm: 0, ceilingTookMm: 0 }
    : hanging.leans
      ? { centreMm: leanCentre, gapMm: null, yielded: 'none', byMm: 0, ceilingTookMm: 0 }
      : chooseHeight(item.heightMm, over, hanging, above.mm, rules);
  const box: Box = {
    xMm: xMm - item.widthMm / 2,
    yMm: height.centreMm - item.heightMm / 2,
    widthMm: item.widthMm,
    heightMm: item.heightMm,
  };
  const topMm = box.yMm + box.heightMm;
  const nail = planNails(item, hanging.hanger, rules);
  const nails = nail.offsetsMm.map((offset) => ({
    xMm: xMm + offset,
    heightMm: toMark(topMm - nail.dropMm, rules.unit),
  }));
  const widthShare = over && !inGroup ? item.widthMm / over.widthMm : null;
  const hookClassG = hookClass(item.massG, nails.length, rules) ?? null;
  const holes = holesOf();
  // whether or not it was hung with them in mind: who sits or lies under it would be hit
  const overPeople =
    (over !== null && (over.isBed || over.isSeat)) ||
    place.furniture.some(
      (f) =>
        f.restedOn &&
        overlapLength(box.xMm, box.xMm + box.widthMm, f.box.xMm, f.box.xMm + f.box.widthMm) > 1 &&
        f.box.yMm + f.box.heightMm < topMm,
    );
  const twoPoints = item.massG > rules.number('walls.heavyFrom') || overPeople;
  judge();
  return {
    hangingId: hanging.id,
    itemId: item.id,
    name: item.name,
    wallId: hanging.wallId,
    xMm,
    centreMm: height.centreMm,
    widthMm: item.widthMm,
    heightMm: item.heightMm,
    topMm,
    bottomMm: box.yMm,
    gapMm: height.gapMm,
    yielded: height.yielded,
    yieldedByMm: height.byMm,
    widthShare,
    nails,
    nailDropMm: nail.dropMm,
    hooksApartMm: nails.length > 1 ? nails[1]!.xMm - nails[0]!.xMm : 0,
    massG: item.massG,
    twoPoints,
    groupId: inGroup?.groupId ?? null,
    leans: hanging.leans,
    footMm,
    hookClassG,
    holes,
    rulesUsed: {
      height: over ? gapRule(over.isBed) : 'walls.centre',
      width: 'walls.widthShare',
      hooks: 'walls.hookSpread',
    },
    findings,
  };

  /**
   * Holes that a nail falls on, those behind the piece, and the least shift that would use one that is near,
   * or hide it.
   */
  function holesOf(): HangingPlan['holes'] {
    const reach = rules.number('walls.holeReach');
    const on = (h: { xMm: Mm; heightMm: Mm }) =>
      nails.some((n) => Math.hypot(n.xMm - h.xMm, n.heightMm - h.heightMm) < NEAR_ENOUGH);
    const behind = (h: { xMm: Mm; heightMm: Mm }) =>
      h.xMm > box.xMm + MARGIN &&
      h.xMm < box.xMm + box.widthMm - MARGIN &&
      h.heightMm > box.yMm + MARGIN &&
      h.heightMm < topMm - MARGIN;
    const used = place.holes.filter(on).map((h) => h.id);
    const hidden = place.holes.filter((h) => !on(h) && behind(h)).map((h) => h.id);
    const shifts = place.holes
      .filter((h) => !on(h))
      .flatMap((h) => [
        ...nails.map((n) => ({ dxMm: h.xMm - n.xMm, dyMm: h.heightMm - n.heightMm, uses: true })),
        ...(behind(h)
          ? []
          : [
              {
                dxMm: into(h.xMm, box.xMm + MARGIN, box.xMm + box.widthMm - MARGIN),
                dyMm: into(h.heightMm, box.yMm + MARGIN, topMm - MARGIN),
                uses: false,
              },
            ]),
      ])
      .filter((s) => Math.hypot(s.dxMm, s.dyMm) <= reach)
      .sort(
        (a, b) => Number(b.uses) - Number(a.uses) || Math.hypot(a.dxMm, a.dyMm) - Math.hypot(b.dxMm, b.dyMm),
      );
    return { used, hidden, shift: used.length > 0 ? null : (shifts[0] ?? null) };
  }

  function judge(): void {
    if (inGroup || hanging.leans) {
      judgePlace();
      return;
    }
    const wish = rules.number('walls.centre');
    for (const f of heightFinding(height, over, wish, above.by, 'walls.centre', rules))
      find(f.code, f.level, f.by, f.rule);
    if (widthShare !== null && over) {
      const [low, high] = rules.range('walls.widthShareAccepted');
      const off = widthShare < low || widthShare > high;
      const [wishLow, wishHigh] = rules.range('walls.widthShare');
      find(
        off ? 'width-share-off' : 'width-share-good',
        off ? 'caution' : 'ok',
        {
          share: widthShare,
          wantMm: wishLow * over.widthMm,
          wantToMm: wishHigh * over.widthMm,
          over: over.name,
          direction: widthShare < low ? 'narrow' : 'wide',
        },
        'walls.widthShare',
      );
    }
    judgePlace();
  }

  function judgePlace(): void {
    if (box.xMm < -0.5 || box.xMm + box.widthMm > place.wallLengthMm + 0.5)
      find('picture-past-wall', 'stop', {
        byMm: Math.max(-box.xMm, box.xMm + box.widthMm - place.wallLengthMm),
      });
    if (!hanging.leans && box.yMm < -0.5) find('picture-below-floor', 'stop', { byMm: -box.yMm });
    if (topMm > place.ceilingMm + 0.5)
      find('picture-over-ceiling', 'stop', { byMm: topMm - place.ceilingMm, what: place.ceilingBy });
    const short = inGroup
      ? null
      : clearAboveShort(topsOut(place, xMm, item.widthMm, height.centreMm), topMm, rules);
    if (short) find('clear-above-short', 'caution', short, 'walls.clearAbove');
    if (height.gapMm !== null && height.gapMm < -0.5)
      find('picture-into-furniture', 'stop', { over: over?.name ?? '', byMm: -height.gapMm });
    for (const o of place.openings)
      if (boxesOverlap(box, o.box)) find('picture-over-opening', 'stop', { other: o.name });
    for (const f of place.fittings)
      if (!f.stairs && boxesOverlap(box, f.box)) find('picture-over-fitting', 'caution', { other: f.name });
    for (const f of place.furniture)
      if (f.id !== over?.id && boxesOverlap(box, f.box))
        find('picture-into-furniture', 'caution', {
          over: f.name,
          byMm: overlapLength(box.yMm, topMm, f.box.yMm, f.box.yMm + f.box.heightMm),
        });
    for (const s of place.stairs) {
      const under = stairOver(s, box);
      if (under > box.yMm + 0.5) find('picture-over-fitting', 'caution', { other: s.name });
    }
    if (hanging.leans) {
      find(
        'leaning-fix',
        'caution',
        { footMm, young: place.childrenOrPets ? 'yes' : 'no' },
        'walls.leanFoot',
      );
      return;
    }
    if (item.kind === 'wallPanel')
      find(
        'panels-acclimatise',
        'caution',
        { hours: rules.number('walls.acclimatise') },
        'walls.acclimatise',
      );
    if (hookClassG === null)
      find('no-hook-holds', 'stop', { massG: item.massG / nails.length }, 'walls.hookClasses');
    if (holes.used.length > 0) find('hole-used', 'ok', { count: holes.used.length }, 'walls.holeReach');
    else if (holes.shift)
      find(
        holes.shift.uses ? 'hole-could-be-used' : 'hole-could-be-hidden',
        'yielded',
        {
          acrossMm: Math.abs(holes.shift.dxMm),
          side: holes.shift.dxMm < 0 ? 'left' : 'right',
          upMm: Math.abs(holes.shift.dyMm),
          way: holes.shift.dyMm < 0 ? 'down' : 'up',
        },
        'walls.holeReach',
      );
    if (nail.problem) find(nail.problem, 'stop', { dropMm: nail.dropMm }, 'walls.hookSpread');
    if (twoPoints) {
      const single = nails.length < 2;
      find(
        'two-points',
        single ? 'caution' : 'ok',
        {
          massG: item.massG,
          single: single ? 'yes' : 'no',
          why: item.massG > rules.number('walls.heavyFrom') ? 'heavy' : 'over',
        },
        'walls.heavyFrom',
      );
    }
    const band = rules.number('walls.cableBand');
    const live = place.fittings.find(
      (f) =>
        f.electric &&
        nails.some(
          (n) => overlapLength(n.xMm - band, n.xMm + band, f.box.xMm, f.box.xMm + f.box.widthMm) > 0,
        ),
    );
    if (live) find('cable-zone', 'caution', { other: live.name }, 'walls.cableBand');
  }
}
