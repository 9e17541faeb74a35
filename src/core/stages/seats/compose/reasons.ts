import { sum } from '../../../base/units';
import type { RuleBook } from '../../../rules/book';
import { sittersWanted } from '../planSeat';
import { sittersOn } from '../sitters';
import type { ComposeAsk, Reason, Role } from './ask';
import type { CoverFacts } from './coverFacts';
import { rolesFilled } from './roles';
import { repeatsCover, standingOf, type Dressed } from './score';

/** Why an arrangement is offered: its patterns, its ties to the room, what was asked for, who can still sit. */
export function reasonsOf(dressed: readonly Dressed[], ask: ComposeAsk, rules: RuleBook): Reason[] {
  const pillows = dressed.flatMap((d) => d.pillows);
  const covers = [...new Map(pillows.map((p) => [p.cover.item.id, p.cover])).values()];
  const count = (pattern: CoverFacts['pattern']) => covers.filter((c) => c.pattern === pattern).length;
  const seats = dressed.map((d) => d.frame.seat.piece);
  const wanted = sum(seats.map((piece) => sittersWanted(piece.seat, ask.purpose)));
  const canSit = sum(
    dressed.map(
      (d) => sittersOn(d.frame.seat.piece, d.pillows.map(standingOf(rules)), ask.cushionsOut, rules).canSit,
    ),
  );
  const chairs = dressed.filter((d) => d.frame.seat.piece.seat.seats === 1);
  const others = dressed.filter((d) => d.frame.seat.piece.seat.seats > 1);
  const tied = covers.filter((c) => c.tie > 0).length;
  const asked = covers.filter((c) => c.wanted > 0).length;
  return [
    { code: 'patterns', bold: count('bold'), small: count('small'), plain: count('plain') },
    ...(ask.roomColours.length > 0 ? [{ code: 'ties', count: tied, of: covers.length } as const] : []),
    ...(ask.wantedColours.length > 0 ? [{ code: 'wanted', count: asked } as const] : []),
    ...rolesReason(dressed, ask),
    ...(wanted > 0 ? [{ code: 'sits', canSit, wanted } as const] : []),
    ...(chairs.some((chair) => others.some((other) => repeatsCover(chair, other)))
      ? [{ code: 'chairsRepeat' } as const]
      : []),
  ];
}

/** Which of the wanted roles are filled on every seat for more than one, and which nothing that is free fills. */
function rolesReason(dressed: readonly Dressed[], ask: ComposeAsk): Reason[] {
  if (ask.wantedRoles.length === 0) return [];
  const large = dressed.filter((d) => d.frame.seat.piece.seat.seats > 1);
  if (large.length === 0) return [];
  const each = large.map((d) => rolesFilled(d.pillows, d.frame.seat, ask));
  const isFilled = (role: Role) => each.every((roles) => roles.includes(role));
  return [
    {
      code: 'roles',
      filled: ask.wantedRoles.filter(isFilled),
      open: ask.wantedRoles.filter((role) => !isFilled(role)),
    },
  ];
}
