import type { Mm } from '../../base/units';
import type { Finding, FindingCode, FindingFacts, Level } from '../../model/finding';
import type { Hanging, HangingGroup, Item } from '../../model/types';
import { facing } from '../../packing/gallery';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';
import { chooseHeight, gapRule, heightFinding } from './height';
import { layOut, outlineOf, usualColumns, type At } from './layout';
import { acrossOf, clearAboveShort, topsOut, type HangingPlace, type InGroup } from './planHanging';

export type GroupMember = { hanging: Hanging; item: Item };
/**
 * What a group has about it: its place on the wall, the lowest thing over a stretch of it, the axis of a
 * pair, the pitch of a stair beside it.
 */
export type GroupPlace = {
  place: HangingPlace;
  overhead: (fromMm: Mm, toMm: Mm) => Mm;
  axis: { name: string; xMm: Mm; widthMm: Mm; centreMm: Mm } | null;
  stairPitchDeg: number | null;
};

export type GroupPlan = {
  groupId: string;
  name: string;
  wallId: string;
  kind: HangingGroup['kind'];
  /** The whole: its middle, its outline. */
  xMm: Mm;
  centreMm: Mm;
  widthMm: Mm;
  heightMm: Mm;
  topMm: Mm;
  bottomMm: Mm;
  /** The point that its pieces' places are told from. */
  from: { xMm: Mm; centreMm: Mm };
  aboveMm: Mm | null;
  gapMm: Mm;
  /** From the axis to the nearest edges of a pair. */ apartMm: Mm | null;
  widthShare: number | null;
  /** The middle by each school of height, and whether they part enough to be told. */
  /** Where its middle is wished. */
  wishMm: Mm;
  schools: { singleMm: Mm; quarterMm: Mm; part: boolean };
  members: Map<string, InGroup>;
  /** Gaps between pieces that face each other. */
  gapsMm: Mm[];
  even: boolean;
  rulesUsed: { height: RuleId; gap: RuleId };
  findings: Finding[];
};

/**
 * Pieces that hang as one: their places, the whole's height and share, whether the gaps are even. Lengths in
 * mm.
 */
export function planGroup(
  group: HangingGroup,
  members: readonly GroupMember[],
  about: GroupPlace,
  rules: RuleBook,
): GroupPlan {
  const { place, axis } = about;
  const { over } = place;
  const findings: Finding[] = [];
  const find = (code: FindingCode, level: Level, by: FindingFacts, rule?: RuleId) =>
    findings.push({
      code,
      level,
      stage: 'walls',
      about: [group.id],
      by: { piece: group.name, ...by },
      ...(rule ? { rule } : {}),
    });
  const gapMm = group.gapMm ?? rules.number('walls.gap');
  const sized = members.map(({ hanging, item }) => ({
    id: hanging.id,
    widthMm: item.widthMm,
    heightMm: item.heightMm,
  }));
  const pitchDeg = group.pitchDeg ?? about.stairPitchDeg ?? rules.number('walls.stairPitch');
  const apartMm =
    group.kind !== 'pair' ? null : (group.apartMm ?? (axis ? axis.widthMm / 2 + gapMm : gapMm / 2));
  const byOrder =
    group.kind === 'free'
      ? new Map<string, At>()
      : layOut(sized, {
          kind: group.kind,
          hinge: group.hinge,
          gapMm,
          columns: group.columns,
          pitchDeg,
          apartMm,
        });
  // what was put by hand stays there; a free group's new pieces wait beside it until it is arranged
  let waiting = 0;
  const at = new Map<string, At>(
    members.map(({ hanging, item }) => {
      const own = hanging.groupAt ?? byOrder.get(hanging.id);
      if (own) return [hanging.id, own];
      const beside = { dxMm: waiting + item.widthMm / 2, dyMm: 0 };
      waiting += item.widthMm + gapMm;
      return [hanging.id, beside];
    }),
  );
  const o = outlineOf(sized, at);
  const [widthMm, heightMm] = [o.rightMm - o.leftMm, o.topMm - o.bottomMm];

  // height of the whole: over furniture by its gap, else by the school
  const [low, high] = rules.range('walls.quarter');
  const singleMm = rules.number('walls.centre');
  const quarterMm = place.wallHighMm * ((low + high) / 2);
  const wish = group.zone
    ? group.zone.bottomMm + group.zone.heightMm / 2
    : group.kind === 'pair' && axis
      ? axis.centreMm
      : rules.school('walls.gallerySchool') === 'quarter' && members.length > 1
        ? quarterMm
        : singleMm;
  // where pieces were put by hand the group's middle is the point that they are told from; else it is the
  // outline's own
  const moved = members.some(({ hanging }) => hanging.groupAt !== null);
  const [mx, my] = [
    group.kind === 'pair' && !moved ? 0 : (o.leftMm + o.rightMm) / 2,
    (o.bottomMm + o.topMm) / 2,
  ];
  const wishXMm =
    group.kind === 'pair' && axis
      ? axis.xMm
      : group.zone
        ? group.zone.xMm + group.zone.widthMm / 2
        : acrossOf(place, rules);
  const fromXMm = group.xMm === null ? wishXMm - mx : group.xMm - (moved ? 0 : mx);
  // each piece has its own ceiling; the one that is met first holds the whole
  const above = sized
    .map((p) => {
      const a = at.get(p.id)!;
      const xMm = fromXMm + a.dxMm;
      const over = topsOut(
        { ...place, ceilingMm: about.overhead(xMm - p.widthMm / 2, xMm + p.widthMm / 2) },
        xMm,
        p.widthMm,
        wish,
      );
      return { ...over, mm: over.mm + o.topMm - (a.dyMm + p.heightMm / 2) };
    })
    .reduce((least, a) => (a.mm < least.mm ? a : least), { mm: Infinity, by: place.ceilingBy as string });
  const height = chooseHeight(
    heightMm,
    over,
    { centreMm: group.centreMm === null ? null : group.centreMm + (moved ? my : 0), gapMm: group.aboveMm },
    above.mm,
    rules,
    wish,
  );
  const fromCentreMm = height.centreMm - my;
  const inPlace = new Map<string, InGroup>(
    members.map(({ hanging }) => {
      const a = at.get(hanging.id)!;
      return [hanging.id, { groupId: group.id, xMm: fromXMm + a.dxMm, centreMm: fromCentreMm + a.dyMm }];
    }),
  );
  const [bottomMm, topMm] = [fromCentreMm + o.bottomMm, fromCentreMm + o.topMm];
  const gapsMm = facing(
    members.map(({ hanging, item }) => {
      const p = inPlace.get(hanging.id)!;
      return { widthMm: item.widthMm, heightMm: item.heightMm, xMm: p.xMm, yMm: p.centreMm };
    }),
  );
  const near = gapsMm.filter((g) => g < 4 * Math.max(gapMm, 1));
  const tolerance = rules.number('fitting.levelTolerance');
  const acrossAxis = group.kind === 'pair' && apartMm !== null ? 2 * apartMm : null;
  const uneven = near.filter(
    (g) => Math.abs(g - gapMm) > tolerance && (acrossAxis === null || Math.abs(g - acrossAxis) > tolerance),
  );
  const even = members.length < 2 || uneven.length === 0;
  const widthShare = over ? widthMm / over.widthMm : null;
  judge();
  return {
    groupId: group.id,
    name: group.name,
    wallId: group.wallId,
    kind: group.kind,
    xMm: fromXMm + (o.leftMm + o.rightMm) / 2,
    centreMm: (bottomMm + topMm) / 2,
    from: { xMm: fromXMm, centreMm: fromCentreMm },
    widthMm,
    heightMm,
    topMm,
    bottomMm,
    aboveMm: over ? bottomMm - over.topMm : null,
    gapMm,
    apartMm,
    widthShare,
    wishMm: wish,
    schools: {
      singleMm,
      quarterMm,
      part:
        Math.abs(singleMm - quarterMm) > rules.number('walls.schoolsPart') &&
        over === null &&
        members.length > 1,
    },
    members: inPlace,
    gapsMm,
    even,
    rulesUsed: { height: over ? gapRule(over.isBed) : 'walls.gallerySchool', gap: 'walls.gap' },
    findings,
  };

  function judge(): void {
    if (members.length === 0) return;
    if (over || group.kind !== 'pair')
      for (const f of heightFinding(
        height,
        over,
        wish,
        above.by,
        'walls.gallerySchool',
        rules,
        members.length > 1 ? [singleMm, quarterMm] : [],
      ))
        find(f.code, f.level, f.by, f.rule);
    if (over && widthShare !== null) {
      const [least, most] = rules.range('walls.widthShareAccepted');
      const off = widthShare < least || widthShare > most;
      const [wishLow, wishHigh] = rules.range('walls.widthShare');
      find(
        off ? 'width-share-off' : 'width-share-good',
        off ? 'caution' : 'ok',
        {
          share: widthShare,
          wantMm: wishLow * over.widthMm,
          wantToMm: wishHigh * over.widthMm,
          over: over.name,
          direction: widthShare < least ? 'narrow' : 'wide',
        },
        'walls.widthShare',
      );
    }
    if (members.length > 1) {
      const [from, to] = rules.range('walls.gapRange');
      if (!even)
        find(
          'group-gaps-uneven',
          'caution',
          { leastMm: Math.min(...uneven), mostMm: Math.max(...uneven), gapMm },
          'walls.gap',
        );
      else if (gapMm < from - 0.5 || gapMm > to + 0.5)
        find('group-gap-off', 'yielded', { gapMm, fromMm: from, toMm: to }, 'walls.gapRange');
      else find('group-gaps-even', 'ok', { gapMm }, 'walls.gap');
      const wantsEven = group.kind === 'grid' || group.kind === 'pair';
      const columns = Math.min(members.length, group.columns ?? usualColumns(members.length));
      const holes = group.kind === 'grid' ? (columns - (members.length % columns)) % columns : 0;
      if (holes > 0 || (wantsEven === (members.length % 2 === 1) && (wantsEven || group.kind === 'free')))
        find('group-count', 'yielded', { count: members.length, holes, kind: group.kind });
      if (
        over === null &&
        !group.zone &&
        group.kind !== 'pair' &&
        Math.abs(singleMm - quarterMm) > rules.number('walls.schoolsPart')
      )
        find(
          'group-schools-part',
          'yielded',
          { singleMm, quarterMm, byMm: Math.abs(singleMm - quarterMm) },
          'walls.gallerySchool',
        );
    }
    if (group.kind === 'pair') {
      const differ = members
        .filter((_, i) => i % 2 === 0)
        .some(({ item }, i) => {
          const other = members[2 * i + 1]?.item;
          return (
            other &&
            (Math.abs(other.widthMm - item.widthMm) > 5 || Math.abs(other.heightMm - item.heightMm) > 5)
          );
        });
      if (differ) find('pair-sizes-differ', 'yielded', {});
    }
    const short = clearAboveShort(above, topMm, rules);
    if (short) find('clear-above-short', 'caution', short, 'walls.clearAbove');
    if (group.zone) {
      const z = group.zone;
      const past = Math.max(
        z.xMm - (fromXMm + o.leftMm),
        fromXMm + o.rightMm - (z.xMm + z.widthMm),
        z.bottomMm - bottomMm,
        topMm - (z.bottomMm + z.heightMm),
      );
      if (past > 1) find('group-past-zone', 'caution', { byMm: past });
    }
  }
}
