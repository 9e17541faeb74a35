import type { Mm } from '../base/units';
import { apart } from '../geometry/plane';
import type { Finding, FindingCode, Level } from '../model/finding';
import type { Item, Look, Placement, RoomFile } from '../model/types';
import { isObject } from '../room/lies';
import { isTabled } from '../room/tableLinen';
import { footprint } from '../room/place';
import { seenAgainst, type PlacedThing, type Standing } from '../room/placed';
import type { Wall } from '../room/walls';
import type { RuleBook } from '../rules/book';
import { mayBeSmallPart } from '../safety/smallParts';
import type { WindowPlan } from '../stages/windows/windowPlan';
import { curtainBoxes, type CurtainBox } from './curtainBoxes';
import { childReach, youngestOf } from './householdCautions';

type Context = {
  file: Pick<RoomFile, 'home'>;
  look: Pick<Look, 'hangings' | 'dressings'>;
  placed: readonly PlacedThing[];
  windows: readonly WindowPlan[];
  walls: readonly Wall[];
  items: ReadonlyMap<string, Item>;
  rules: RuleBook;
};
/**
 * Cautions that the look's own things bring with them: how their colour is known, what they are made of,
 * where they stand.
 */
export function judgeItems(context: Context): Finding[] {
  const candles = context.placed.filter((p) => p.item.kind === 'candle');
  return [
    ...judgeUsed(context),
    ...judgeSmallParts(context),
    ...(candles.length > 0 ? judgeCandles(context, candles) : []),
  ];
}

/** Everything that the look uses, once. */
function usedOf({ look, items, placed }: Context): Item[] {
  const sheers = look.dressings.flatMap((d) => (d.sheer ? [d.sheer] : []));
  const elsewhere = [...look.hangings, ...look.dressings, ...sheers].flatMap(
    (x) => items.get(x.itemId ?? '') ?? [],
  );
  const used = [...placed.map((p) => p.item), ...elsewhere];
  // one that shows its back is the same thing
  const byId = new Map<string, Item>();
  for (const item of used) byId.set(item.id, item);
  return [...byId.values()];
}

function judgeUsed(context: Context): Finding[] {
  const { flags } = context.file.home;
  const used = usedOf(context);
  const report = (code: FindingCode, level: Level, test: (item: Item) => boolean): Finding[] => {
    const which = used.filter(test);
    if (which.length === 0) return [];
    const names = which.map((i) => i.name);
    return [{ code, level, stage: 'colour', about: which.map((i) => i.id), by: { names } }];
  };
  return [
    ...report('colour-unseen', 'caution', (i) => !i.seen),
    ...report('colour-uncorrected', 'yielded', (i) => i.colourFrom === 'photo'),
    ...report('wool-in-wool-free', 'stop', (i) => flags.woolFree && i.fibre === 'wool'),
    ...report('scent-in-scent-free', 'stop', (i) => flags.scentFree && i.scented),
    ...report('poisonous-plant', 'caution', (i) => (flags.pets || youngestOf(flags) < 4) && i.poisonous),
  ];
}

function judgeSmallParts({ file, placed, rules }: Context): Finding[] {
  const reach = childReach(file.home.flags, rules);
  if (!reach) return [];
  return placed
    .filter(({ placement, at }) => isObject(placement) && at.zMm < reach.mm)
    .filter(({ item }) => mayBeSmallPart(item.widthMm, item.heightMm, item.depthMm))
    .map(({ placement, item, on, at }): Finding => ({
      code: 'small-part-in-reach',
      level: 'caution',
      stage: 'colour',
      about: [placement.id],
      rule: reach.rule,
      by: { thing: item.name, piece: on.name, topMm: at.zMm, reachMm: reach.mm },
    }));
}

/** What every candle is judged by. */
type ByCandles = {
  burning: readonly BurningThing[];
  curtains: readonly { wall: Wall; box: CurtainBox }[];
  foldsMm: Mm;
  wantMm: Mm;
  reach: ReturnType<typeof childReach>;
  pets: boolean;
};

function judgeCandles(context: Context, candles: readonly PlacedThing[]): Finding[] {
  const { file, rules, placed, walls, windows } = context;
  const given: ByCandles = {
    burning: burningThings(placed),
    curtains: walls.flatMap((wall) => curtainBoxes(windows, wall.id, rules).map((box) => ({ wall, box }))),
    foldsMm: rules.number('windows.return') + rules.number('windows.foldsOut'),
    wantMm: rules.number('safety.candleClear'),
    reach: childReach(file.home.flags, rules),
    pets: file.home.flags.pets,
  };
  return candles.flatMap((candle) => judgeCandle(candle, given));
}

/** A candle near what burns: leaves and cloth wherever they stand, curtains; or within reach of a child or a pet. */
function judgeCandle({ placement, item, on, at }: PlacedThing, given: ByCandles): Finding[] {
  const { burning, wantMm, reach, pets } = given;
  const findings: Finding[] = [];
  const nearby = burnsNear(burning, placement, at, wantMm) ?? curtainNear(at, given);
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

type Burning = { about: string; name: string };

/** A thing that burns: where its middle is, how far its outline reaches from it, and between which heights it is. */
type BurningThing = { thing: PlacedThing; xMm: Mm; yMm: Mm; reachMm: Mm; lowMm: Mm; highMm: Mm };
const reachOf = ({ widthMm, depthMm }: Standing): Mm => Math.hypot(widthMm, depthMm) / 2;

/** What a flame can reach: plants, and cloth; but not what a table is laid with, which lies flat below it. */
const burns = ({ placement, item }: PlacedThing): boolean =>
  item.kind === 'plant' || !(isObject(placement) || isTabled(placement.lie));

const burningThings = (placed: readonly PlacedThing[]): BurningThing[] =>
  placed.filter(burns).map((thing) => {
    const { xMm, yMm, zMm, heightMm } = thing.at;
    return { thing, xMm, yMm, reachMm: reachOf(thing.at), lowMm: zMm, highMm: zMm + heightMm };
  });

/** The first of what burns that is nearer to a candle than it should be. */
function burnsNear(
  burning: readonly BurningThing[],
  candle: Placement,
  at: Standing,
  wantMm: Mm,
): Burning | undefined {
  const nearMm = reachOf(at) + wantMm;
  const [low, high] = [at.zMm, at.zMm + at.heightMm];
  for (const { thing: other, xMm, yMm, reachMm, lowMm, highMm } of burning) {
    const upMm = Math.max(0, lowMm - high, low - highMm);
    if (upMm >= wantMm) continue;
    // what is far off is so without its outline
    const [dx, dy, farMm] = [xMm - at.xMm, yMm - at.yMm, nearMm + reachMm];
    if (dx * dx + dy * dy >= farMm * farMm || other.placement.id === candle.id) continue;
    const mm = Math.hypot(apart(footprint(at), footprint(other.at)).mm, upMm);
    if (mm < wantMm) return { about: other.placement.id, name: other.item.name };
  }
  return undefined;
}

/** The first of the curtains that is nearer to a candle than it should be. */
function curtainNear(at: Standing, { curtains, foldsMm, wantMm }: ByCandles): Burning | undefined {
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
