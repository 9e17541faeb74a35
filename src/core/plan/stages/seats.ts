import type { Item, Piece, Seat } from '../../model/types';
import { isBed } from '../../room/kinds';
import { planSeat, type SeatPlan } from '../../stages/seats/planSeat';
import { judgeCounts } from '../counts';
import type { FittingStep } from '../fittingStep';
import { countUses } from '../uses';
import { part } from '../parts';
import { judgeInserts } from '../seats/seatInserts';
import { progress, settled, stage } from '../stage';

const hasSeat = (p: Piece): p is Piece & { seat: Seat } => p.seat !== null && !isBed(p);

const seats = part(
  'seats',
  { file: ['pieces', 'home'], look: ['placements'], parts: ['items', 'rules'] },
  ({ file, look, items, rules }) =>
    file.pieces.filter(hasSeat).map((p) => planSeat(p, look.placements, items, file.home.flags, rules)),
);

const seatStep = (seat: SeatPlan, wallId: string): FittingStep => ({
  kind: 'seat',
  about: seat.pieceId,
  name: seat.name,
  wallId,
  marks: [],
  finishedMm: [],
  count: seat.pillows.length,
});

/** What is counted here; everything else that is placed is counted on surfaces. */
const isCloth =
  (items: ReadonlyMap<string, Item>) =>
  ({ itemId }: { itemId: string }): boolean =>
    ['cover', 'throw'].includes(items.get(itemId)?.kind ?? '');

const usedCovers = (plans: readonly SeatPlan[], items: ReadonlyMap<string, Item>) =>
  plans
    .flatMap((s) => s.pillows)
    .flatMap((p) => {
      const item = items.get(p.itemId);
      return item ? [{ item, count: 1 }] : [];
    });

export const seatsStage = stage({
  name: 'seats',
  parts: [seats],
  reads: { look: ['placements'], parts: ['seats', 'items', 'places'] },
  findings: ({ look, seats: plans, items }) => [
    ...plans.flatMap((s) => s.findings),
    ...judgeCounts('seats', look.placements.filter(isCloth(items)), items, (item) =>
      item.kind === 'cover' ? 'cover-bought-short' : 'item-in-two-places',
    ),
    ...judgeInserts(plans, items),
  ],
  steps: ({ seats: plans, places }) =>
    plans.filter((s) => s.pillows.length > 0).map((s) => seatStep(s, places.get(s.pieceId)?.wallId ?? '')),
  bought: ({ seats: plans, items }) => ({ lines: [], uses: countUses('cover', usedCovers(plans, items)) }),
  state: ({ seats: plans }, open) => {
    const done = plans.filter((s) => s.pillows.length > 0).length;
    return {
      state: settled(progress(done, plans.length), open),
      done,
      of: plans.length,
      open,
      needs: plans.length === 0 ? 'a-seat' : 'nothing',
    };
  },
});
