import type { Finding } from '../../model/finding';
import type { Item } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import { isUnanswered, tiesOf, type Answering } from '../../spread/ties';
import type { BedPlan } from '../../stages/beds/bedPlan';

/** Bedding that nobody sees on a made bed. */
const UNSEEN: ReadonlySet<Item['bedding']> = new Set(['fitted', 'topper', 'sheet', 'duvet']);

/** Everything that is seen on a bed. */
function seenOn({ pieceId, pillows, covers, throws }: BedPlan): Answering[] {
  const answering = (
    id: string,
    { id: itemId, name, colours, texture, pattern, metal }: Item,
  ): Answering => ({
    id,
    name,
    hostId: pieceId,
    itemId,
    colours,
    texture,
    pattern: pattern.kind,
    metal,
  });
  return [
    ...pillows.map(({ placementId, shown }) => answering(placementId, shown)),
    ...[...covers, ...throws]
      .filter(({ item }) => !UNSEEN.has(item.bedding))
      .map(({ placementId, item }) => answering(placementId, item)),
  ];
}

/**
 * Whether each piece of a bed echoes another on it, in colour, texture or pattern (common practice); the same cover beside
 * it is no echo.
 */
export function judgeBedTies(bed: BedPlan, rules: RuleBook): Finding[] {
  const seen = seenOn(bed);
  const different = new Set(seen.map(({ itemId }) => itemId));
  if (different.size < 2) return [];
  const ties = tiesOf(seen, seen, rules, 'few');
  const alone = seen.filter((_, i) => ties[i] && isUnanswered(ties[i]));
  const common = { stage: 'beds', rule: 'spread.familyHue' } as const;
  if (alone.length === 0)
    return [{ ...common, code: 'bed-answers', level: 'ok', about: [bed.pieceId], by: { bed: bed.name } }];
  const things = [...new Set(alone.map(({ name }) => name))];
  const about = alone.map(({ id }) => id);
  return [{ ...common, code: 'bed-piece-alone', level: 'yielded', about, by: { bed: bed.name, things } }];
}
