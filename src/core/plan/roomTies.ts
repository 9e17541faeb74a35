import { findOne } from '../base/list';
import type { Mm } from '../base/units';
import type { Point } from '../geometry/plane';
import type { Dressing, Item, Look, Piece } from '../model/types';
import type { Elevation } from '../room/shape';
import { pointOnWall } from '../room/walls';
import type { RuleBook } from '../rules/book';
import { tiesOf, type Answering, type Ties } from '../spread/ties';
import { answerOf, isSeen } from './answering';
import type { Plan } from './planLook';
import { CLOTH_KINDS } from '../model/values/item';

/** Everything of a dressed room that textiles answer, and which of it is a textile. */
export type RoomAnswers = { things: Answering[]; textileIds: ReadonlySet<string> };

type Room = {
  look: Look;
  plan: Pick<Plan, 'placed'>;
  pieces: readonly Piece[];
  items: readonly Item[];
};

const TEXTILES: ReadonlySet<Item['kind']> = new Set([...CLOTH_KINDS]);
/** A sheer answers on its own, and is seen where its dressing is. */
const sheerId = (dressing: Pick<Dressing, 'id'>): string => `${dressing.id}-sheer`;

/** What hangs, stands and lies in a room as one look dresses it, with its furniture. */
export function roomAnswers({ look, plan, pieces, items }: Room): RoomAnswers {
  const byId = new Map(items.map((i) => [i.id, i]));
  const dressed: { answer: Answering; item: Item }[] = [];
  const add = (id: string, hostId: string, item: Item | undefined) => {
    if (item) dressed.push({ answer: answerOf(id, hostId, item), item });
  };
  for (const { placement, item, on } of plan.placed) if (isSeen(item)) add(placement.id, on.id, item);
  for (const d of look.dressings) {
    add(d.id, d.openingId, byId.get(d.itemId ?? ''));
    add(sheerId(d), d.openingId, byId.get(d.sheer?.itemId ?? ''));
  }
  for (const h of look.hangings) add(h.id, h.wallId, byId.get(h.print?.itemId ?? h.itemId));
  for (const b of look.brought) add(b.id, b.id, byId.get(b.itemId));
  const brought = new Set(look.brought.map((b) => b.id));
  const furniture = pieces
    .filter((p) => !brought.has(p.id))
    .map(({ id, name, colours, pattern }): Answering => ({
      id,
      name,
      hostId: id,
      itemId: null,
      colours,
      texture: null,
      pattern: pattern.kind,
      metal: null,
    }));
  return {
    things: [...dressed.map(({ answer }) => answer), ...furniture],
    textileIds: new Set(dressed.filter(({ item }) => TEXTILES.has(item.kind)).map(({ answer }) => answer.id)),
  };
}

/** What every textile of a room is tied to; or only one of them. */
export function tiesInRoom({ things, textileIds }: RoomAnswers, rules: RuleBook, onlyId?: string): Ties[] {
  const textiles = things.filter(({ id }) => textileIds.has(id) && (onlyId === undefined || id === onlyId));
  return tiesOf(textiles, things, rules);
}

/** Where a thing is seen: on which wall, and the middle of it there. */
export type SeenAt = { wallId: string; xMm: Mm; heightMm: Mm };

/** The middle of each thing on the walls, by its id. */
export function seenAt(
  elevations: readonly Elevation[],
  { dressings }: Pick<Look, 'dressings'>,
): ReadonlyMap<string, SeenAt> {
  const found = new Map<string, SeenAt>();
  for (const { wallId, shapes } of elevations)
    for (const { about, box } of shapes)
      if (!found.has(about))
        found.set(about, { wallId, xMm: box.xMm + box.widthMm / 2, heightMm: box.yMm + box.heightMm / 2 });
  for (const dressing of dressings) {
    const its = found.get(dressing.id);
    if (its) found.set(sheerId(dressing), its);
  }
  return found;
}

/** Where things are on the plan: furniture, what stands on it, and what hangs, at its wall. */
export function placesOnPlan(
  { placed, walls }: Pick<Plan, 'placed' | 'walls'>,
  pieces: readonly Piece[],
  seen: ReadonlyMap<string, SeenAt>,
): ReadonlyMap<string, Point> {
  const places = new Map<string, Point>();
  for (const [id, { wallId, xMm }] of seen) {
    const wall = findOne(walls, (w) => w.id === wallId);
    places.set(id, pointOnWall(wall, xMm));
  }
  for (const { id, xMm, yMm } of pieces) places.set(id, { xMm, yMm });
  for (const { placement, at } of placed) places.set(placement.id, { xMm: at.xMm, yMm: at.yMm });
  return places;
}
