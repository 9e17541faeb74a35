import type { Item, Look, Piece, Seat } from '../../model/types';
import { isBed } from '../../room/kinds';
import { planSeat, type SeatPlan } from '../../stages/seats/planSeat';
import { judgeCounts } from '../counts';
import type { FittingStep } from '../fittingStep';
import { countUses } from '../uses';
import { COUNTED_WITH_SEATS, part } from '../parts';
import { judgeChairPairs } from '../seats/chairPairs';
import { judgeCasings, judgeInserts } from '../laidInserts';
import { progress, settled, stage } from '../stage';

export const hasSeat = (p: Piece): p is Piece & { seat: Seat } => p.seat !== null && !isBed(p);

const seats = part(
  'seats',
  {
    file: ['pieces', 'home'],
    look: ['brief', 'cushionsOut'],
    parts: ['laid', 'items', 'rules'],
  },
  ({ file, look, laid, items, rules }) => {
    const { cushionsOut, brief } = look;
    const given = { placements: laid, cushionsOut, items, flags: file.home.flags, purpose: brief.purpose };
    return file.pieces.filter(hasSeat).map((p) => planSeat(p, given, rules));
  },
);

const seatStep = (seat: SeatPlan, wallId: string, out: Look['cushionsOut']): FittingStep => ({
  kind: 'seat',
  about: seat.pieceId,
  name: seat.name,
  wallId,
  marks: [],
  finishedMm: [],
  count: seat.pillows.length,
  setOut: [...seat.pillows, ...seat.throws.filter((t) => !t.isOnArm)].map(({ name, xMm }) => ({
    name,
    count: 1,
    xMm,
    on: null,
  })),
  ...cushionsOf(seat, out),
});

const cushionsOf = ({ pieceId }: SeatPlan, out: Look['cushionsOut']): Pick<FittingStep, 'cushions'> => {
  const row = out.find((cushions) => cushions.of === pieceId);
  return row ? { cushions: { count: row.count, where: row.whereabouts.trim() } } : {};
};

const isCounted =
  (items: ReadonlyMap<string, Item>) =>
  ({ itemId }: { itemId: string }): boolean =>
    COUNTED_WITH_SEATS.has(items.get(itemId)?.kind ?? 'object');

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
  reads: {
    file: ['pieces'],
    look: ['cushionsOut'],
    parts: ['laid', 'seats', 'items', 'places', 'rules'],
  },
  findings: ({ file, laid, seats: plans, items, rules }) => [
    ...plans.flatMap((s) => s.findings),
    ...judgeCounts('seats', laid.filter(isCounted(items)), items, (item) =>
      item.kind === 'cover' ? 'cover-bought-short' : 'item-in-two-places',
    ),
    ...judgeChairPairs(plans, new Map(file.pieces.map((p) => [p.id, p])), rules),
    ...judgeInserts('seats', { laid: plans, before: [] }, items),
    ...judgeCasings('seats', { laid: plans, before: [] }, items),
  ],
  steps: ({ look, seats: plans, places }) =>
    plans
      .filter((s) => s.pillows.length + s.throws.length > 0)
      .map((s) => seatStep(s, places.get(s.pieceId)?.wallId ?? '', look.cushionsOut)),
  bought: ({ seats: plans, items }) => ({
    lines: [],
    uses: countUses('cover', usedCovers(plans, items)),
  }),
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
