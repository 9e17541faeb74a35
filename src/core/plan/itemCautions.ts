import type { Finding, FindingCode, Level } from '../model/finding';
import type { Item, Look, RoomFile } from '../model/types';
import { isObject } from '../room/lies';
import type { PlacedThing } from '../room/placed';
import type { RuleBook } from '../rules/book';
import { mayBeSmallPart } from '../safety/smallParts';
import { childReach, youngestOf } from './householdCautions';

type Context = {
  file: Pick<RoomFile, 'home'>;
  look: Pick<Look, 'hangings' | 'dressings'>;
  placed: readonly PlacedThing[];
  candleCautions: readonly Finding[];
  items: ReadonlyMap<string, Item>;
  rules: RuleBook;
};

/**
 * Cautions that the look's own things bring with them: how their colour is known, what they are made of,
 * where they stand.
 */
export function judgeItems(context: Context): Finding[] {
  return [...judgeUsed(context), ...judgeSmallParts(context), ...context.candleCautions];
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
