import type { Finding } from '../../model/finding';
import type { Item } from '../../model/types';
import { insertNeeds, type InsertNeed, type InsertUse } from '../../textiles/insert';
import type { BuyLine } from '../../stash/buying';
import { casingNeeds, type CasingNeed } from '../../textiles/casing';
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

/** Casings for feathers under loose weaves, by size, against those that are owned. */
export const seatCasings = (seats: readonly SeatPlan[], items: ReadonlyMap<string, Item>): CasingNeed[] =>
  casingNeeds(
    seats.flatMap((s) => s.pillows.flatMap((p) => (p.hasCasing && p.insert.insert ? [p.insert.insert] : []))),
    [...items.values()],
  );

/** Casings on the list to buy. */
export const casingLines = (seats: readonly SeatPlan[], items: ReadonlyMap<string, Item>): BuyLine[] =>
  seatCasings(seats, items)
    .filter((need) => need.buy > 0)
    .map(({ widthMm, heightMm, need, have, buy }) => ({
      kind: 'casing',
      name: '',
      count: buy,
      widthMm,
      heightMm,
      cost: null,
      need,
      have,
    }));

/** Casings that have to be bought. */
export function judgeCasings(seats: readonly SeatPlan[], items: ReadonlyMap<string, Item>): Finding[] {
  const about = seats.flatMap((s) => s.pillows.filter((p) => p.hasCasing).map((p) => p.placementId));
  return seatCasings(seats, items)
    .filter((need) => need.buy > 0)
    .map(({ widthMm, heightMm, need, have, buy }): Finding => ({
      code: 'casings-to-buy',
      level: 'yielded',
      stage: 'seats',
      about,
      rule: 'seats.casingSchool',
      by: { widthMm, heightMm, need, have, buy },
    }));
}
