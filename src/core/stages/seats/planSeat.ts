import type { Mm } from '../../base/units';
import type { Finding } from '../../model/finding';
import type { HomeFlags, Item, Piece, Placement, Seat } from '../../model/types';
import { facing, isPropped, isThrown } from '../../room/lies';
import { pillowThickness, takenSize } from '../../room/pillow';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';
import { chooseInsert, fillOf } from './insert';
import { judgeSeat } from './judgeSeat';
import { stretchesOf, thickestOf, type PillowPlan } from './pillows';

export type { PillowPlan } from './pillows';

export type FreeSpan = { fromMm: Mm; toMm: Mm; sitters: number };
export type SeatPlan = {
  pieceId: string;
  name: string;
  pillows: PillowPlan[];
  free: FreeSpan[];
  canSit: number;
  seats: number;
  wantedSitters: number;
  depthLeftMm: Mm;
  toLiftOff: number;
  rulesUsed: { insert: RuleId; useWidth: RuleId; sitter: RuleId; depth: RuleId };
  findings: Finding[];
};

/**
 * Pillows of one seat, back to front: inserts, room to sit, sizes and patterns, with what to look out for.
 */
export function planSeat(
  piece: Piece & { seat: Seat },
  placements: readonly Placement[],
  items: ReadonlyMap<string, Item>,
  flags: HomeFlags,
  rules: RuleBook,
): SeatPlan {
  const { seat } = piece;
  const inserts = [...items.values()].filter((item) => item.kind === 'insert');
  const rows = placements
    .flatMap((p) => {
      const item = items.get(p.itemId);
      return p.spot.of === piece.id && isPropped(p) && item ? [{ p, item }] : [];
    })
    .sort((a, b) => a.p.row - b.p.row || a.p.xMm - b.p.xMm);
  const pillows: PillowPlan[] = rows.map(({ p, item }) => {
    const isTurned = p.lie === 'proppedSide';
    const use = takenSize(item, isTurned, rules);
    const fill = fillOf(item, p.fill, { featherFree: flags.featherFree, inserts }, rules);
    return {
      placementId: p.id,
      itemId: item.id,
      name: item.name,
      shown: facing(item, p.face),
      xMm: p.xMm,
      useWidthMm: use.widthMm,
      useHeightMm: use.heightMm,
      row: p.row,
      fill,
      cover: isTurned
        ? { widthMm: item.heightMm, heightMm: item.widthMm }
        : { widthMm: item.widthMm, heightMm: item.heightMm },
      insert: chooseInsert(item, fill, rules),
      thicknessMm: pillowThickness(item, rules),
    };
  });
  const throws = placements.flatMap((p) => {
    const item = items.get(p.itemId);
    return p.spot.of === piece.id && isThrown(p) && item ? [{ placementId: p.id, item }] : [];
  });
  // one can sit in front of pillows that leave enough depth; where they don't, they take their width from the seat
  const stretches = stretchesOf(pillows, seat.widthMm);
  const taken = stretches.filter((s) => seat.depthMm - s.thickMm < rules.number('seats.depthLeft') - 0.5);
  const usualMm = rules.number('seats.perSitter');
  const eachMm = seat.seats === 1 ? Math.min(usualMm, seat.widthMm) : usualMm;
  const free = freeSpans(
    taken.map((s) => ({ xMm: (s.fromMm + s.toMm) / 2, useWidthMm: s.toMm - s.fromMm })),
    seat.widthMm,
    eachMm,
  );
  const canSit = Math.min(
    seat.seats,
    free.reduce((n, s) => n + s.sitters, 0),
  );
  // what is left in front of the deepest stack of pillows
  const depthLeftMm = Math.max(0, seat.depthMm - thickestOf(stretches));
  return {
    pieceId: piece.id,
    name: piece.name,
    pillows,
    free,
    canSit,
    seats: seat.seats,
    wantedSitters: seat.wantedSitters,
    depthLeftMm,
    toLiftOff: pillows.length,
    rulesUsed: {
      insert: pillows[0]?.insert.rule ?? 'seats.featherOver',
      useWidth: 'seats.useWidth',
      sitter: 'seats.perSitter',
      depth: 'seats.depthLeft',
    },
    findings: judgeSeat({ piece, pillows, throws, items, flags, canSit, eachMm, rules }),
  };
}

/** The stretches of a seat that the given pillows leave free, and how many can sit on each. */
export function freeSpans(
  pillows: readonly Pick<PillowPlan, 'xMm' | 'useWidthMm'>[],
  seatWidthMm: Mm,
  perSitterMm: Mm,
): FreeSpan[] {
  const taken = pillows
    .map(
      (p) =>
        [Math.max(0, p.xMm - p.useWidthMm / 2), Math.min(seatWidthMm, p.xMm + p.useWidthMm / 2)] as const,
    )
    .sort((a, b) => a[0] - b[0]);
  const spans: FreeSpan[] = [];
  let startMm = 0;
  for (const [fromMm, toMm] of [...taken, [seatWidthMm, seatWidthMm] as const]) {
    if (fromMm - startMm > 1)
      spans.push({
        fromMm: startMm,
        toMm: fromMm,
        sitters: Math.floor((fromMm - startMm) / perSitterMm + 1e-6),
      });
    startMm = Math.max(startMm, toMm);
  }
  return spans;
}
