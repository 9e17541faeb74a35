import type { Mm } from '../base/units';
import type { Finding, FindingCode, Level } from '../model/finding';
import type { Item, Look, Placement, RoomFile } from '../model/types';
import type { RuleBook } from '../rules/book';
import { mayBeSmallPart } from '../safety/smallParts';
import { childReach, youngestOf } from './householdCautions';

type Context = {
  file: Pick<RoomFile, 'pieces' | 'fittings' | 'home'>;
  look: Pick<Look, 'placements' | 'hangings' | 'dressings'>;
  items: ReadonlyMap<string, Item>;
  rules: RuleBook;
};
/** A thing on a piece or mantel, and the top that it is on. */
type Placed = { placement: Placement; item: Item; top: { name: string; topMm: Mm } };

/**
 * Cautions that the look's own things bring with them: how their colour is known, what they are made of,
 * where they stand.
 */
export function judgeItems(context: Context): Finding[] {
  const placed = placedOf(context);
  return [
    ...judgeUsed(context, placed),
    ...judgeSmallParts(context, placed),
    ...placed.filter((p) => p.item.kind === 'candle').flatMap((p) => judgeCandle(context, p, placed)),
  ];
}

function placedOf({ file, look, items }: Context): Placed[] {
  const tops = new Map<string, Placed['top']>([
    ...file.pieces.map((p) => [p.id, { name: p.name, topMm: p.bottomMm + p.heightMm }] as const),
    ...file.fittings.flatMap((f) =>
      f.mantel ? [[f.id, { name: f.name, topMm: f.mantel.topMm }] as const] : [],
    ),
  ]);
  return look.placements.flatMap((placement) => {
    const item = items.get(placement.itemId);
    const top = tops.get(placement.pieceId);
    return item && top ? [{ placement, item, top }] : [];
  });
}

/** Everything that the look uses, once. */
function usedOf({ look, items }: Context, placed: readonly Placed[]): Item[] {
  const sheers = look.dressings.flatMap((d) => (d.sheer ? [d.sheer] : []));
  const elsewhere = [...look.hangings, ...look.dressings, ...sheers].flatMap(
    (x) => items.get(x.itemId ?? '') ?? [],
  );
  return [...new Set([...placed.map((p) => p.item), ...elsewhere])];
}

function judgeUsed(context: Context, placed: readonly Placed[]): Finding[] {
  const { flags } = context.file.home;
  const used = usedOf(context, placed);
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

function judgeSmallParts({ file, rules }: Context, placed: readonly Placed[]): Finding[] {
  const reach = childReach(file.home.flags, rules);
  if (!reach) return [];
  return placed
    .filter(({ placement, top }) => placement.as === 'object' && top.topMm < reach.mm)
    .filter(({ item }) => mayBeSmallPart(item.widthMm, item.heightMm, item.depthMm))
    .map(({ placement, item, top }): Finding => ({
      code: 'small-part-in-reach',
      level: 'caution',
      stage: 'colour',
      about: [placement.id],
      rule: reach.rule,
      by: { thing: item.name, piece: top.name, topMm: top.topMm, reachMm: reach.mm },
    }));
}

/** A candle near cloth or leaves on the same top, or within reach of a child or a pet. */
function judgeCandle(
  { file, rules }: Context,
  { placement, item, top }: Placed,
  placed: readonly Placed[],
): Finding[] {
  const wantMm = rules.number('safety.candleClear');
  const nearby = placed.find(
    (other) =>
      other.placement.pieceId === placement.pieceId &&
      other.placement.id !== placement.id &&
      (other.item.kind === 'plant' || other.placement.as !== 'object') &&
      Math.abs(other.placement.xMm - placement.xMm) - (other.item.widthMm + item.widthMm) / 2 < wantMm,
  );
  const findings: Finding[] = [];
  if (nearby)
    findings.push({
      code: 'candle-near-cloth',
      level: 'caution',
      stage: 'colour',
      about: [placement.id, nearby.placement.id],
      rule: 'safety.candleClear',
      by: { candle: item.name, thing: nearby.item.name, wantMm },
    });
  const reach = childReach(file.home.flags, rules);
  if ((reach && top.topMm < reach.mm) || file.home.flags.pets)
    findings.push({
      code: 'candle-in-reach',
      level: 'caution',
      stage: 'colour',
      about: [placement.id],
      ...(reach ? { rule: reach.rule } : {}),
      by: { candle: item.name, piece: top.name },
    });
  return findings;
}
