import type { Mm } from '../../../base/units';
import { apart, step, wayOf, type Point } from '../../../geometry/plane';
import type { Piece } from '../../../model/types';
import { sits } from '../../../room/kinds';
import { EPSILON_MM, floorFinding, type FloorContext, type FloorFinding } from '../context';

/** Nobody sits nearer to an arm than this: half of the room that a sitter takes. */
const HALF_A_SITTER: Mm = 230;

/** Seats that are too far from every other to talk across. */
export function checkTalk({ file, rules }: FloorContext): FloorFinding[] {
  const seats = file.pieces.filter(sits);
  const wantMm = rules.number('floor.talk');
  const rule = 'floor.talk';
  const outOfTalk = new Set<string>();
  const findings: FloorFinding[] = [];
  for (const seat of seats) {
    const nearest = nearestSeat(seat, seats);
    // of two that only have each other, one is enough to report
    if (!nearest || nearest.mm <= wantMm + EPSILON_MM || outOfTalk.has(nearest.other.id)) continue;
    outOfTalk.add(seat.id);
    findings.push(
      floorFinding(
        'seat-out-of-talk',
        'caution',
        [seat.id],
        { seat: seat.name, byMm: nearest.mm, wantMm, other: nearest.other.name },
        { rule, line: nearest },
      ),
    );
  }
  if (seats.length < 2 || outOfTalk.size > 0) return findings;
  return [
    floorFinding(
      'seats-talk',
      'ok',
      seats.map((s) => s.id),
      { wantMm },
      { rule },
    ),
  ];
}

const nearestSeat = (seat: Piece, seats: readonly Piece[]) =>
  seats
    .filter((other) => other !== seat)
    .map((other) => ({ other, ...apart(sittingLine(seat), sittingLine(other)) }))
    .sort((a, b) => a.mm - b.mm)[0];

/** Where people sit on a piece: along its width, each at least half a person from the arms. */
function sittingLine(p: Piece): [Point, Point] {
  const half = Math.max(1, (p.seat?.widthMm ?? p.widthMm) / 2 - HALF_A_SITTER);
  const alongWay = wayOf(p.turnDeg + 90);
  return [step(p, alongWay, -half), step(p, alongWay, half)];
}
