import type { Finding } from '../../model/finding';
import type { Piece } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import { isChairPair, wearAlike } from '../../stages/seats/chairPair';
import type { SeatPlan } from '../../stages/seats/planSeat';
import { seenCover } from '../../textiles/pillows';

/** Findings about pairs of chairs: they match each other. Chairs without a pillow are not judged. */
export function judgeChairPairs(
  plans: readonly SeatPlan[],
  pieces: ReadonlyMap<string, Piece>,
  rules: RuleBook,
): Finding[] {
  const chairs = plans.filter((s) => s.seats === 1 && s.pillows.length > 0);
  return chairs.flatMap((one, i) => {
    const piece = pieces.get(one.pieceId);
    const other = chairs.slice(i + 1).find(({ pieceId }) => {
      const next = pieces.get(pieceId);
      return piece && next && isChairPair(piece, next);
    });
    if (!other) return [];
    const isMatch = wearAlike(one.pillows.map(seenCover), other.pillows.map(seenCover), rules);
    return [
      {
        code: isMatch ? 'chairs-match' : 'chairs-differ',
        level: isMatch ? 'ok' : 'caution',
        stage: 'seats',
        about: [one.pieceId, other.pieceId],
        rule: 'seats.chairsSchool',
        by: { one: one.name, other: other.name },
      } satisfies Finding,
    ];
  });
}
