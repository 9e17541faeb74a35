import { elementAt, sameOr } from '../base/list';
import type { Mm } from '../base/units';
import { apart } from '../geometry/plane';
import type { Finding } from '../model/finding';
import type { Placement, RoomFile } from '../model/types';
import { burns, hasFlame } from '../room/burning';
import { footprint } from '../room/place';
import { seenAgainst, type PlacedThing, type Standing } from '../room/placed';
import { isTabled } from '../room/tableLinen';
import type { Wall } from '../room/walls';
import type { RuleBook } from '../rules/book';
import type { WindowPlan } from '../stages/windows/windowPlan';
import { curtainBoxes, type CurtainBox } from './curtainBoxes';
import { childReach } from './householdCautions';

/** Curtains that hang, and how far their folds stand out. */
type ByCurtains = { curtains: readonly { wall: Wall; box: CurtainBox }[]; foldsMm: Mm; wantMm: Mm };
/** What every candle is judged by. */
type ByCandles = {
  burning: readonly BurningThing[];
  /** The most that the outline of any of them reaches from its middle. */
  farthestMm: Mm;
  curtains: ReadonlyMap<PlacedThing, Burning>;
  wantMm: Mm;
  reach: ReturnType<typeof childReach>;
  pets: boolean;
};

/** The candles of a look; the same list for as long as only other things are moved. */
export const candlesOf = (placed: readonly PlacedThing[], previous: readonly PlacedThing[] | undefined) =>
  sameOr(
    previous,
    placed.filter((p) => hasFlame(p.item)),
  );

/** What a flame could reach; the same list for as long as only other things are moved. */
export const burningOf = (placed: readonly PlacedThing[], previous: readonly PlacedThing[] | undefined) =>
  sameOr(previous, placed.filter(burnsThere));

type CurtainContext = {
  candles: readonly PlacedThing[];
  windows: readonly WindowPlan[];
  walls: readonly Wall[];
  rules: RuleBook;
};

/** The curtain that each candle is too near to. */
export function candleCurtains(context: CurtainContext): ReadonlyMap<PlacedThing, Burning> {
  const { candles, rules, walls, windows } = context;
  if (candles.length === 0) return new Map();
  const given: ByCurtains = {
    curtains: walls.flatMap((wall) => curtainBoxes(windows, wall.id, rules).map((box) => ({ wall, box }))),
    foldsMm: rules.number('windows.return') + rules.number('windows.foldsOut'),
    wantMm: rules.number('safety.candleClear'),
  };
  const near = candles.map((candle) => [candle, curtainNear(candle.at, given)] as const);
  return new Map(near.flatMap(([candle, curtain]) => (curtain ? [[candle, curtain]] : [])));
}

type CandleContext = {
  file: Pick<RoomFile, 'home'>;
  candles: readonly PlacedThing[];
  burning: readonly PlacedThing[];
  candleCurtains: ReadonlyMap<PlacedThing, Burning>;
  rules: RuleBook;
};

/** What is said of each candle where it stands. */
export function judgeCandles(context: CandleContext): Finding[] {
  const { file, rules, candles } = context;
  if (candles.length === 0) return [];
  const burning = burningThings(context.burning);
  const given: ByCandles = {
    burning,
    curtains: context.candleCurtains,
    farthestMm: Math.max(0, ...burning.map((b) => b.reachMm)),
    wantMm: rules.number('safety.candleClear'),
    reach: childReach(file.home.flags, rules),
    pets: file.home.flags.pets,
  };
  return candles.flatMap((candle) => judgeCandle(candle, given));
}

/** A candle near what burns: leaves and cloth wherever they stand, curtains; or within reach of a child or a pet. */
function judgeCandle(candle: PlacedThing, given: ByCandles): Finding[] {
  const { placement, item, on, at } = candle;
  const { wantMm, reach, pets } = given;
  const findings: Finding[] = [];
  const nearby = burnsNear(given, placement, at) ?? given.curtains.get(candle);
  if (nearby)
    findings.push({
      code: 'candle-near-cloth',
      level: 'caution',
      stage: 'colour',
      about: [placement.id, nearby.about],
      rule: 'safety.candleClear',
      by: { candle: item.name, thing: nearby.name, wantMm },
    });
  if ((reach && at.zMm < reach.mm) || pets)
    findings.push({
      code: 'candle-in-reach',
      level: 'caution',
      stage: 'colour',
      about: [placement.id],
      ...(reach ? { rule: reach.rule } : {}),
      by: { candle: item.name, piece: on.name },
    });
  return findings;
}

/** What a candle is too near to. */
export type Burning = { about: string; name: string };

/** A thing that burns: where its middle is, how far its outline reaches from it, and between which heights it is. */
type BurningThing = {
  thing: PlacedThing;
  order: number;
  xMm: Mm;
  yMm: Mm;
  reachMm: Mm;
  lowMm: Mm;
  highMm: Mm;
};
const reachOf = ({ widthMm, depthMm }: Standing): Mm => Math.hypot(widthMm, depthMm) / 2;

/** What a flame can reach; but not what a table is laid with, which lies flat below it. */
const burnsThere = ({ placement, item }: PlacedThing): boolean => burns(item) && !isTabled(placement.lie);

/** What burns, from left to right as the plan has it, so that a candle meets only what is near it. */
const burningThings = (things: readonly PlacedThing[]): BurningThing[] =>
  things
    .map((thing, order): BurningThing => {
      const { xMm, yMm, zMm, heightMm } = thing.at;
      return { thing, order, xMm, yMm, reachMm: reachOf(thing.at), lowMm: zMm, highMm: zMm + heightMm };
    })
    .sort((a, b) => a.xMm - b.xMm);

/** Where the things begin whose middle is no further left than this. */
function firstFrom(burning: readonly BurningThing[], xMm: Mm): number {
  let [low, high] = [0, burning.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (elementAt(burning, middle).xMm < xMm) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** The first of what burns, in the order of the look, that is nearer to a candle than it should be. */
function burnsNear(
  { burning, farthestMm, wantMm }: ByCandles,
  candle: Placement,
  at: Standing,
): Burning | undefined {
  const nearMm = reachOf(at) + wantMm;
  const [low, high] = [at.zMm, at.zMm + at.heightMm];
  const spanMm = nearMm + farthestMm;
  let found: BurningThing | undefined;
  for (let i = firstFrom(burning, at.xMm - spanMm); i < burning.length; i++) {
    const other = elementAt(burning, i);
    if (other.xMm > at.xMm + spanMm) break;
    if (found && found.order < other.order) continue;
    const upMm = Math.max(0, other.lowMm - high, low - other.highMm);
    if (upMm >= wantMm) continue;
    // what is far off is so without its outline
    const [dx, dy, farMm] = [other.xMm - at.xMm, other.yMm - at.yMm, nearMm + other.reachMm];
    if (dx * dx + dy * dy >= farMm * farMm || other.thing.placement.id === candle.id) continue;
    // outlines are never further apart than their middles are
    const isNear =
      dx * dx + dy * dy + upMm * upMm < wantMm * wantMm ||
      Math.hypot(apart(footprint(at), footprint(other.thing.at)).mm, upMm) < wantMm;
    if (isNear) found = other;
  }
  return found && { about: found.thing.placement.id, name: found.thing.item.name };
}

/** The first of the curtains that is nearer to a candle than it should be. */
function curtainNear(at: Standing, { curtains, foldsMm, wantMm }: ByCurtains): Burning | undefined {
  const near = curtains.find(({ wall, box }) => {
    const seen = seenAgainst(wall, at);
    const alongMm = gapBetween(seen.xMm, seen.widthMm, box.xMm, box.widthMm);
    const upMm = gapBetween(at.zMm, at.heightMm, box.yMm, box.heightMm);
    const outMm = Math.max(0, seen.nearMm - foldsMm);
    return Math.hypot(alongMm, upMm, outMm) < wantMm;
  });
  return near && { about: near.box.about, name: near.box.name };
}

/** How far two stretches are apart, each by where it begins and how long it is. */
const gapBetween = (from: Mm, length: Mm, otherFrom: Mm, otherLength: Mm): Mm =>
  Math.max(0, otherFrom - from - length, from - otherFrom - otherLength);
