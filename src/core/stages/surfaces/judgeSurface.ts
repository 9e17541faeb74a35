import { elementAt } from '../../base/list';
import { CRUMB_MM } from '../../base/tolerance';
import type { Mm } from '../../base/units';
import { apart, overlapLength } from '../../geometry/plane';
import type { Finding, FindingCode, FindingFacts, Level } from '../../model/finding';
import { burns, hasFlame } from '../../room/burning';
import { footprint } from '../../room/place';
import { heightOver, passesOver, type SeatedSight } from '../../room/seatedSights';
import { pastEdge } from '../../room/spots/edges';
import { isOnFloor, takes } from '../../room/spots/parts';
import { numberOfPart, type Spot } from '../../room/spots/spot';
import type { RuleId } from '../../rules/table';
import type { SurfaceCase, SurfacePlan, SurfaceThing } from './surface';
import { LAID_CLOTH } from '../../model/values/item';

type Planned = Omit<SurfacePlan, 'findings'>;
type Judge = (planned: Planned, given: SurfaceCase) => Finding[];

/** Things that touch, and tops that are level, are as they should be. */
const TOUCH_MM = 1;

type Told = { about: readonly string[]; rule?: RuleId };
const finding = (code: FindingCode, level: Level, by: FindingFacts, { about, rule }: Told): Finding => ({
  code,
  level,
  stage: 'surfaces',
  about,
  by,
  ...(rule ? { rule } : {}),
});

/** What something is on, in the facts of a finding; where that is one part of several, also which. */
function onOf({ name, kind, part, partsOfKind }: Spot): FindingFacts {
  if (partsOfKind === 1 && !isOnFloor(kind)) return { on: name };
  return { on: name, onKind: kind, onNumber: numberOfPart(part) ?? 1 };
}

/** Findings about one surface and everything on it. */
export const judgeSurface: Judge = (planned, given) => {
  const fits = WHETHER_IT_FITS.flatMap((judge) => judge(planned, given));
  const more = MORE.flatMap((judge) => judge(planned, given));
  const { things, spot } = planned;
  if (fits.length > 0 || things.length === 0) return [...fits, ...more];
  return [
    ...more,
    finding('surface-fits', 'ok', { ...onOf(spot), count: things.length }, { about: [spot.of] }),
  ];
};

/** What holds a thing down, in the words of its finding. */
const TOO_TALL: Record<string, { code: FindingCode; level: Level }> = {
  screen: { code: 'before-screen', level: 'caution' },
  picture: { code: 'before-picture', level: 'caution' },
};
const BLOCKED = { code: 'taller-than-spot', level: 'stop' } as const;

const judgeHeights: Judge = ({ things, spot }) =>
  things.flatMap((thing) => {
    const { limit } = thing;
    if (!limit || thing.topMm - limit.topMm <= TOUCH_MM) return [];
    const over = typeof limit.over === 'object' ? limit.over : null;
    const { code, level } = (over && TOO_TALL[over.kind]) ?? BLOCKED;
    const facts = {
      piece: thing.name,
      ...onOf(thing.thing.spot),
      other: over?.name ?? spot.name,
      over: typeof limit.over === 'object' ? limit.over.kind : limit.over,
      byMm: thing.topMm - limit.topMm,
      mostMm: Math.max(0, limit.topMm - thing.zMm),
    };
    const rule = over?.rule ? { rule: over.rule } : {};
    return [
      finding(code, level, facts, { about: [thing.placementId, ...(over ? [over.about] : [])], ...rule }),
    ];
  });

/** What is held where it is put, and stands out of it as it likes. */
const HOLDING: ReadonlySet<string> = new Set(['mouth', 'socket', 'shade', 'hook', 'rung']);

/** Leaves and cloth give way; hard things cannot be where others are. */
const GIVES: ReadonlySet<string> = new Set([...LAID_CLOTH, 'plant', 'stem', 'garland']);

/** What stands out past an end or the front of what it is on; what has its middle there falls. */
const judgeEdges: Judge = ({ things }, { rules }) =>
  things.flatMap((thing) => {
    const { spot } = thing.thing;
    // cloth and leaves take the shape of what they are in
    const isHeld = HOLDING.has(spot.kind) || (spot.kind === 'inside' && GIVES.has(thing.item.kind));
    if (isHeld) return [];
    const { byMm, isMiddleOff } = pastEdge(spot, thing.thing);
    if (byMm <= rules.number('surfaces.offEdge') + CRUMB_MM) return [];
    const facts = { thing: thing.name, ...onOf(spot), byMm };
    const told = { about: [thing.placementId], rule: 'surfaces.offEdge' as const };
    return [
      finding(isMiddleOff ? 'falls-off' : 'past-the-edge', isMiddleOff ? 'stop' : 'caution', facts, told),
    ];
  });

const isCarrying = (one: SurfaceThing, other: SurfaceThing): boolean =>
  one.thing.carriers.includes(other.placementId) || other.thing.carriers.includes(one.placementId);

const meetMm = (one: SurfaceThing, other: SurfaceThing): number =>
  Math.min(
    overlapLength(one.fromMm, one.toMm, other.fromMm, other.toMm),
    overlapLength(one.outMm, one.outMm + one.depthMm, other.outMm, other.outMm + other.depthMm),
    overlapLength(one.zMm, one.topMm, other.zMm, other.topMm),
  );

const judgeRoom: Judge = ({ things, spot }) => {
  const hard = things.filter(({ item }) => !GIVES.has(item.kind)).sort(fromLeft);
  const meetings = hard.flatMap((one, i) => meetingsOf(one, hard, i + 1));
  // in a heap each thing is told once, with what it is deepest in
  const worst = new Map<SurfaceThing, Meeting>();
  for (const meeting of meetings)
    for (const thing of [meeting.one, meeting.other])
      if (meeting.byMm > (worst.get(thing)?.byMm ?? 0)) worst.set(thing, meeting);
  return [...new Set(worst.values())].map(({ one, other, byMm }) => {
    const facts = { one: one.name, other: other.name, ...onOf(spot), byMm };
    return finding('things-collide', 'stop', facts, { about: [one.placementId, other.placementId] });
  });
};

type Meeting = { one: SurfaceThing; other: SurfaceThing; byMm: Mm };

/** What a thing is in the place of, among those further to the right. */
function meetingsOf(one: SurfaceThing, sorted: readonly SurfaceThing[], from: number): Meeting[] {
  const found: Meeting[] = [];
  for (let i = from; i < sorted.length; i++) {
    const other = elementAt(sorted, i);
    if (other.fromMm >= one.toMm) break;
    const byMm = isCarrying(one, other) ? 0 : meetMm(one, other);
    if (byMm > TOUCH_MM) found.push({ one, other, byMm });
  }
  return found;
}

/** In the same order whatever the list's: from the left, then from the back, then by name. */
const fromLeft = (a: SurfaceThing, b: SurfaceThing): number =>
  a.fromMm - b.fromMm || a.outMm - b.outMm || (a.placementId < b.placementId ? -1 : 1);

/** Things where their kind does not go: a lampshade in a vase. */
const judgeKinds: Judge = ({ things }) =>
  things
    .filter(({ item, thing }) => !takes(thing.spot.kind, item.kind))
    .map(({ placementId, name, thing }) =>
      finding('spot-takes-none', 'caution', { thing: name, ...onOf(thing.spot) }, { about: [placementId] }),
    );

/** Sockets, switches and vents that are kept within reach and open. */
const judgeBehind: Judge = ({ things, spot }, { behind }) => {
  const told = new Set<string>();
  return things.flatMap((hiding) =>
    behind(hiding.thing.at)
      .filter((fitting) => !told.has(fitting.id))
      .map((fitting) => {
        told.add(fitting.id);
        const code = fitting.kind === 'vent' ? 'vent-behind-thing' : 'plug-behind-thing';
        const facts = { thing: hiding.name, fitting: fitting.name, ...onOf(spot) };
        return finding(code, 'caution', facts, { about: [hiding.placementId, fitting.id] });
      }),
  );
};

/**
 * On a table that people sit round, nothing stands in the way of their eyes: between seats that are there by the lines from
 * eye to eye, at a table whose chairs are only counted by its height.
 */
const judgeTalk: Judge = ({ things, spot }, { isTalkedAcross, sights, rules }) => {
  if (sights.length > 0)
    return things.flatMap((thing) => {
      const met = sightMet(thing, sights, rules.number('surfaces.underEyes'));
      if (!met) return [];
      const facts = { thing: thing.name, ...onOf(spot), ...met };
      return [
        finding('sight-blocked', 'caution', facts, {
          about: [thing.placementId],
          rule: 'surfaces.underEyes',
        }),
      ];
    });
  if (!isTalkedAcross) return [];
  const mostMm = rules.number('surfaces.talkTop');
  return things
    .filter((t) => t.topMm - spot.zMm - mostMm > TOUCH_MM)
    .map((t) => {
      const facts = { thing: t.name, ...onOf(spot), highMm: t.topMm - spot.zMm, mostMm };
      return finding('talk-blocked', 'caution', facts, { about: [t.placementId], rule: 'surfaces.talkTop' });
    });
};

/** The first two who no longer see each other's faces past a thing, and by how much it is too high for that. */
function sightMet({ thing, topMm }: SurfaceThing, sights: readonly SeatedSight[], underMm: Mm) {
  const outline = footprint(thing.at);
  for (const sight of sights) {
    const byMm = topMm - (heightOver(sight, thing.at) - underMm);
    if (byMm > TOUCH_MM && passesOver(sight, outline)) return { one: sight.one, other: sight.other, byMm };
  }
  return undefined;
}

/** Loose weight over people's heads. A weight that nobody knows is a guess, and is said to be one. */
const judgeOverHeads: Judge = ({ things, spot }, { restedUnder, massOf, rules }) => {
  const [under] = restedUnder;
  if (!under || spot.zMm < rules.number('surfaces.overHeadsFrom')) return [];
  return things.flatMap(({ item, name, placementId, thing }): Finding[] => {
    const { g, isGuessed } = massOf(item);
    const massG = g * thing.placement.count;
    if (massG <= rules.number('surfaces.overHeads')) return [];
    const facts = {
      thing: name,
      ...onOf(spot),
      seat: under.name,
      massG,
      known: isGuessed ? 'guess' : 'weighed',
    };
    return [
      finding('loose-over-heads', 'caution', facts, {
        about: [placementId, under.id],
        rule: 'surfaces.overHeads',
      }),
    ];
  });
};

const HOT: ReadonlySet<string> = new Set(['hearth', 'hob']);

/** What burns before a fire or on a hob, or stands on the floor too near to a fire. */
const judgeHeat: Judge = ({ things, spot }, { fires, rules }) => {
  const rule = 'safety.heaterDistance';
  const wantMm = rules.number(rule);
  const fireOf = ({ thing }: SurfaceThing): string | undefined => {
    if (HOT.has(spot.kind)) return spot.of;
    if (!isOnFloor(spot.kind)) return undefined;
    return fires.find(({ shape }) => wantMm - apart(footprint(thing.at), shape).mm > TOUCH_MM)?.id;
  };
  return things
    .filter(({ item }) => burns(item))
    .flatMap((thing) => {
      const fire = fireOf(thing);
      if (fire === undefined) return [];
      const facts = { thing: thing.name, ...onOf(spot), wantMm };
      return [finding('burns-by-fire', 'caution', facts, { about: [thing.placementId, fire], rule })];
    });
};

/** A candle under a board, a shelf, a screen or a picture, closer than a flame may be to what burns. */
const judgeFlames: Judge = ({ things }, { rules }) => {
  const rule = 'safety.candleClear';
  const wantMm = rules.number(rule);
  return things.flatMap((thing) => {
    const { limit, item, topMm, placementId } = thing;
    // glass keeps a flame in
    if (!hasFlame(item) || !limit || limit.over === 'inside') return [];
    const over = limit.over === 'board' ? null : limit.over;
    if (over?.kind === 'ceiling') return [];
    const byMm = limit.topMm + (over?.keepMm ?? 0) - topMm;
    if (byMm < 0 || wantMm - byMm <= TOUCH_MM) return [];
    const facts = { candle: thing.name, other: over?.name ?? '', over: over?.kind ?? 'board', byMm, wantMm };
    return [finding('flame-under', 'caution', facts, { about: [placementId], rule })];
  });
};

/** With fewer there is nothing to take away. */
const FEW = 3;
/** The rule that says when to stop, for how full the look gets. */
export const MOST_FILLED = {
  full: 'surfaces.filledFull',
  usual: 'surfaces.filledUsual',
  spare: 'surfaces.filledSpare',
} as const satisfies Record<SurfaceCase['filling'], RuleId>;

/** So full that it looks like storage, for how full the look is to get. */
const judgeFilled: Judge = ({ things, spot, filled }, { filling, rules }) => {
  const rule = MOST_FILLED[filling];
  const direct = things.filter(({ thing }) => thing.carriers.length === 0);
  if (direct.length < FEW || filled <= rules.number(rule)) return [];
  const facts = { ...onOf(spot), share: filled, mostShare: rules.number(rule) };
  return [finding('surface-overfull', 'caution', facts, { about: [spot.of], rule })];
};

/** What hangs so low that it lies on the floor. */
const judgeHanging: Judge = ({ things, spot }) =>
  things
    .filter(({ zMm, thing }) => thing.placement.lie === 'hanging' && zMm < -TOUCH_MM)
    .map(({ name, placementId, zMm }) => {
      const facts = { piece: name, ...onOf(spot), other: '', over: 'floor', byMm: -zMm, mostMm: spot.zMm };
      return finding(BLOCKED.code, BLOCKED.level, facts, { about: [placementId] });
    });

/** What leaves too little of a stair to walk on, at either side of it. */
const judgeSteps: Judge = ({ things, spot }, { rules }) => {
  if (spot.kind !== 'step') return [];
  const rule = 'surfaces.stairClear';
  const wantMm = rules.number(rule);
  return things
    .filter(({ thing }) => thing.carriers.length === 0)
    .map((thing) => ({ thing, byMm: Math.max(thing.outMm, spot.depthMm - thing.outMm - thing.depthMm) }))
    .filter(({ byMm }) => wantMm - byMm > TOUCH_MM)
    .map(({ thing, byMm }) => {
      const facts = { thing: thing.name, ...onOf(spot), byMm: Math.max(0, byMm), wantMm };
      return finding('step-narrowed', 'caution', facts, { about: [thing.placementId, spot.of], rule });
    });
};

const WHETHER_IT_FITS: readonly Judge[] = [judgeHanging, judgeHeights, judgeEdges, judgeRoom];
const MORE: readonly Judge[] = [
  judgeKinds,
  judgeBehind,
  judgeTalk,
  judgeOverHeads,
  judgeFilled,
  judgeHeat,
  judgeFlames,
  judgeSteps,
];
