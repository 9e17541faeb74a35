import type { Finding } from '../../model/finding';
import type { Item } from '../../model/types';
import { insertNeeds, type InsertNeed, type InsertUse } from '../../stages/seats/insert';
import type { SeatPlan } from '../../stages/seats/planSeat';

/** The inserts that the pillows want, by size and fill, against those that are owned. */
export const seatInserts = (seats: readonly SeatPlan[], items: ReadonlyMap<string, Item>): InsertNeed[] =>
  insertNeeds(insertUses(seats), [...items.values()]);

/** What the pillows of some seats take. */
export const insertUses = (seats: readonly SeatPlan[]): InsertUse[] =>
  seats.flatMap((s) =>
    s.pillows.flatMap((p) => (p.insert.insert ? [{ ...p.insert.insert, fill: p.fill }] : [])),
  );

/** Inserts that have to be bought. */
export function judgeInserts(seats: readonly SeatPlan[], items: ReadonlyMap<string, Item>): Finding[] {
  const about = seats.flatMap((s) => s.pillows.map((p) => p.placementId));
  return seatInserts(seats, items)
    .filter((need) => need.buy > 0)
    .map(({ widthMm, heightMm, fill, need, have, buy }): Finding => ({
      code: 'inserts-to-buy',
      level: 'caution',
      stage: 'seats',
      about,
      by: { widthMm, heightMm, fill, need, have, buy },
    }));
}
