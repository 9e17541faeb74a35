import type { Finding } from '../../model/finding';
import type { RuleBook } from '../../rules/book';
import { isUnanswered, tiesOf, type Answering } from '../../spread/ties';
import type { BedPlan } from '../../stages/beds/bedPlan';
import { answerOf, isSeen } from '../answering';

/** Everything that is seen on a bed. */
const seenOn = ({ pieceId, pillows, covers, throws }: BedPlan): Answering[] => [
  ...pillows.map(({ placementId, shown }) => answerOf(placementId, pieceId, shown)),
  ...[...covers, ...throws]
    .filter(({ item }) => isSeen(item))
    .map(({ placementId, item }) => answerOf(placementId, pieceId, item)),
];

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
  return [
    {
      ...common,
      code: 'bed-piece-alone',
      level: 'yielded',
      about,
      by: { bed: bed.name, things, count: things.length },
    },
  ];
}
