import 'server-only';
import { first, last } from '../core/base/list';
import type { LengthUnit } from '../core/base/units';
import type { Lab } from '../core/colour/spaces';
import type { RoomFile } from '../core/model/types';
import { isOpen } from '../core/model/finding';
import { planLook, type Plan } from '../core/plan/planLook';
import type { Elevation } from '../core/room/shape';
import type { FamilyPlan } from '../core/spread/planSpread';
import { loadHomes } from '../data/homeRepository';
import { nextEntry, type Label } from '../data/journal';
import { loadRoomFile, loadRoomHeads, usualUnit, type RoomHead } from '../data/roomRepository';
import { changesOf, countRows } from '../data/rows';
import { TABLES } from '../data/tables';
import { studioName } from '../data/studioRepository';
import { studioDatabase } from './studio';

/** The wall on which most is dressed, for a room's card. */
const fullest = (elevations: readonly Elevation[]): Elevation =>
  elevations.reduce((best, e) =>
    e.shapes.filter((s) => !s.fixed).length > best.shapes.filter((s) => !s.fixed).length ? e : best,
  );

export type RoomCard = {
  id: string;
  name: string;
  homeName: string;
  homeId: string;
  families: FamilyPlan[];
  stages: Plan['stages'];
  wall: Elevation;
  floor: Lab;
  lookName: string;
  looks: number;
  open: number;
};
export type HomePage = {
  studio: string;
  rooms: RoomCard[];
  others: RoomHead[];
  items: number;
  homes: { id: string; name: string }[];
  /** Of the rooms: a new one begins in it. */ unit: LengthUnit;
  undo: Label | null;
};

// a card is planned again when its room, or what dresses it, has changed
const cards = new WeakMap<
  ReturnType<typeof studioDatabase>,
  { changes: string; byRoom: Map<string, { told: string; card: RoomCard }> }
>();

function cardOf(file: RoomFile): RoomCard {
  const look = file.looks.find((l) => l.season !== null) ?? last(file.looks);
  const plan = planLook(file, { lookId: look.id });
  // the valance of a card shows shares alone
  const families = plan.spread.families.map((f) => ({
    ...f,
    things: [],
    spread: { ...f.spread, places: [] },
  }));
  return {
    id: file.room.id,
    name: file.room.name,
    homeName: file.home.name,
    homeId: file.home.id,
    families,
    stages: plan.stages,
    wall: fullest(plan.elevations),
    floor: first(file.room.floorFinish.colours),
    lookName: look.name,
    looks: file.looks.length,
    open: plan.findings.filter((f) => f.stage !== 'fitting' && isOpen(f)).length,
  };
}

/**
 * The rooms of the studio, the newest-changed first: as many as asked with what is next in each, planned in
 * their last look, the others by name.
 */
export function homePage(limit: number): HomePage {
  const db = studioDatabase();
  const heads = loadRoomHeads(db);
  const changes = changesOf(db);
  const kept = cards.get(db) ?? { changes, byRoom: new Map<string, { told: string; card: RoomCard }>() };
  const rooms = heads.slice(0, limit).map(({ id }): RoomCard => {
    const known = kept.byRoom.get(id);
    if (known && kept.changes === changes) return known.card;
    const file = loadRoomFile(db, id, true)!;
    const told = JSON.stringify(file);
    const card = known?.told === told ? known.card : cardOf(file);
    kept.byRoom.set(id, { told, card });
    return card;
  });
  const shown = new Set(rooms.map((r) => r.id));
  for (const id of kept.byRoom.keys()) if (!shown.has(id)) kept.byRoom.delete(id);
  cards.set(db, { ...kept, changes });
  return {
    studio: studioName(db),
    rooms,
    others: heads.slice(limit),
    items: countRows(db, TABLES.item),
    unit: usualUnit(db),
    homes: loadHomes(db).map(({ id, name }) => ({ id, name })),
    undo: nextEntry(db, null, 'undo')?.label ?? null,
  };
}
