/** Seats to be dressed, and covers that are free for them. */
import { FLAGS } from '../../src/core/model/defaults';
import type { Item, Piece, Seat } from '../../src/core/model/types';
import type { ComposeAsk, Composition, Free, SeatAsk } from '../../src/core/stages/seats/compose/ask';
import { inches, item, piece } from './rooms';

export const sofa = piece() as Piece & { seat: Seat };
export const chair = (id: string) =>
  piece({
    id,
    kind: 'armchair',
    widthMm: inches(32),
    seat: { ...sofa.seat, widthMm: inches(24), seats: 1, wantedSitters: 1 },
  }) as Piece & { seat: Seat };
export const alone = (p: Piece & { seat: Seat }): SeatAsk => ({ piece: p, locked: [], beside: [] });
export const free = (id: string, [w, h]: [number, number], n: number, more: Partial<Item> = {}): Free => ({
  ...item({ id, name: id, widthMm: inches(w), heightMm: inches(h), ...more }),
  free: n,
  isForSale: false,
});
export const square = (id: string, n: number, count = 2, more: Partial<Item> = {}) =>
  free(id, [n, n], count, more);
export const asked = (covers: readonly Free[], more: Partial<ComposeAsk> = {}): ComposeAsk => ({
  seats: [alone(sofa)],
  school: null,
  covers,
  throws: [],
  items: new Map(covers.map((c) => [c.id, c])),
  insertsTaken: [],
  roomColours: [{ l: 45, a: 38, b: 30 }],
  wantedColours: [],
  wantedRoles: [],
  flags: FLAGS,
  purpose: 'everyday',
  cushionsOut: [],
  seed: 5,
  ...more,
});
export const itemsOn = (c: Composition, seat = 0) => c.seats[seat]!.placed.map((p) => p.itemId);
export const colour = (l: number, a: number, b: number) => ({ colours: [{ l, a, b, share: 1 }] });
