import type { Mm } from '../base/units';
import { apart, type Point } from '../geometry/plane';
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
import { curtainBoxes } from './curtainBoxes';
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
  const burning = candles.length === 0 ? [] : burningThings(context.placed);
  return [
    ...judgeUsed(context),
    ...judgeSmallParts(context),
    ...candles.flatMap((candle) => judgeCandle(context, burning, candle)),
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
  return [...new Map(used.map((item) => [item.id, item])).values()];
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

/** A candle near what burns: leaves and cloth wherever they stand, curtains; or within reach of a child or a pet. */
function judgeCandle(
  context: Context,
  burning: readonly BurningThing[],
  { placement, item, on, at }: PlacedThing,
): Finding[] {
  const { file, rules } = context;
  const findings: Finding[] = [];
  const wantMm = rules.number('safety.candleClear');
  const nearby =
    burnsNear(burning, placement, at, wantMm) ?? curtainsBy(context, at).find(({ mm }) => mm < wantMm);
  if (nearby)
    findings.push({
      code: 'candle-near-cloth',
      level: 'caution',
      stage: 'colour',
      about: [placement.id, nearby.about],
      rule: 'safety.candleClear',
      by: { candle: item.name, thing: nearby.name, wantMm },
    });
  const reach = childReach(file.home.flags, rules);
  if ((reach && at.zMm < reach.mm) || file.home.flags.pets)
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

type Burning = { about: string; name: string; mm: Mm };

/** A thing that burns, with how far its outline reaches from its middle. */
type BurningThing = { thing: PlacedThing; reachMm: Mm };
const reachOf = ({ widthMm, depthMm }: Standing): Mm => Math.hypot(widthMm, depthMm) / 2;

/** What a flame can reach: plants, and cloth; but not what a table is laid with, which lies flat below it. */
const burns = ({ placement, item }: PlacedThing): boolean =>
  item.kind === 'plant' || !(isObject(placement) || isTabled(placement.lie));

const burningThings = (placed: readonly PlacedThing[]): BurningThing[] =>
  placed.filter(burns).map((thing) => ({ thing, reachMm: reachOf(thing.at) }));

const isBeyond = (one: Point, other: Point, mm: Mm): boolean => {
  const [dx, dy] = [one.xMm - other.xMm, one.yMm - other.yMm];
  return dx * dx + dy * dy >= mm * mm;
};

/** The first of what burns that is nearer to a candle than it should be. */
function burnsNear(
  burning: readonly BurningThing[],
  candle: Placement,
  at: Standing,
  wantMm: Mm,
): Burning | undefined {
  const ownReachMm = reachOf(at);
  for (const { thing: other, reachMm } of burning) {
    if (other.placement.id === candle.id) continue;
    const upMm = gapBetween(at.zMm, at.heightMm, other.at.zMm, other.at.heightMm);
    // what is far off is so without its outline
    if (upMm >= wantMm || isBeyond(at, other.at, ownReachMm + reachMm + wantMm)) continue;
    const mm = Math.hypot(apart(footprint(at), footprint(other.at)).mm, upMm);
    if (mm < wantMm) return { about: other.placement.id, name: other.item.name, mm };
  }
  return undefined;
}

function curtainsBy({ walls, windows, rules }: Context, at: Standing): Burning[] {
  const foldsMm = rules.number('windows.return') + rules.number('windows.foldsOut');
  return walls.flatMap((wall) =>
    curtainBoxes(windows, wall.id, rules).map((box): Burning => {
      const seen = seenAgainst(wall, at);
      const alongMm = gapBetween(seen.xMm, seen.widthMm, box.xMm, box.widthMm);
      const upMm = gapBetween(at.zMm, at.heightMm, box.yMm, box.heightMm);
      const outMm = Math.max(0, seen.nearMm - foldsMm);
      return { about: box.about, name: box.name, mm: Math.hypot(alongMm, upMm, outMm) };
    }),
  );
}

/** How far two stretches are apart, each by where it begins and how long it is. */
const gapBetween = (from: Mm, length: Mm, otherFrom: Mm, otherLength: Mm): Mm =>
  Math.max(0, otherFrom - from - length, from - otherFrom - otherLength);
