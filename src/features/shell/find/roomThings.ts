import type { StageName } from '../../../core/model/finding';
import type { Look, Piece, RoomFile } from '../../../core/model/types';
import type { Plan } from '../../../core/plan/planLook';
import { inLook } from '../../../core/room/arrange';
import { isMadeUp } from '../../../core/room/made';
import { isGlazed } from '../../../core/room/kinds';
import { isOnFloor } from '../../../core/room/spots/parts';
import type { PlacedThing } from '../../../core/room/placed';
import { placeOnWall } from '../../../core/room/place';

/** Something of a room with the stage that works on it and the wall that shows it. */
export type RoomThing = { id: string; name: string; stage: StageName; wallId: string };

/** Everything of a room and of one look that has a name: windows, doors, fittings, furniture, and what they are dressed with. */
export function roomThings(file: RoomFile, look: Look, plan: Plan): RoomThing[] {
  const nameOf = (itemId: string | null): string => file.items.find((i) => i.id === itemId)?.name ?? '';
  const arranged = inLook(file, look);
  const wallOf = (piece: Piece): string => placeOnWall(piece, plan.walls).wallId;
  const things: RoomThing[] = [];
  const add = (id: string, name: string, stage: StageName, wallId: string | undefined) => {
    if (name !== '' && wallId !== undefined) things.push({ id, name, stage, wallId });
  };
  for (const o of file.openings) add(o.id, o.name, isGlazed(o) ? 'windows' : 'measure', o.wallId);
  for (const f of file.fittings) add(f.id, f.name, 'measure', f.wallId);
  for (const p of arranged.pieces) add(p.id, p.name, stageOf(p) ?? 'measure', wallOf(p));
  for (const d of look.dressings) {
    const wallId = file.openings.find((o) => o.id === d.openingId)?.wallId;
    add(d.id, nameOf(d.itemId), 'windows', wallId);
  }
  for (const h of plan.hangings) {
    const itemId = look.hangings.find((own) => own.id === h.hangingId)?.itemId ?? null;
    add(h.hangingId, nameOf(itemId), 'walls', h.wallId);
  }
  for (const thing of plan.placed) things.push(...placedThing(thing, arranged, wallOf));
  return things;
}

/** The stage that works on what is laid over a piece. */
function stageOf(piece: Piece): StageName | null {
  if (isMadeUp(piece)) return 'beds';
  return piece.seat ? 'seats' : null;
}

/** What stands on furniture is on its wall; on a seat it belongs to Seats, on a bed to Beds, anywhere else to Surfaces. */
function placedThing(
  { placement, item, on, base }: PlacedThing,
  file: RoomFile,
  wallOf: (piece: Piece) => string,
): RoomThing[] {
  const piece = file.pieces.find((p) => p.id === on.id);
  const built = [...file.fittings, ...file.openings].find((host) => host.id === on.id);
  // a corner of the floor is one of its wall
  const wallId = piece ? wallOf(piece) : (built?.wallId ?? on.id);
  const stage = (piece && !isOnFloor(base.kind) && stageOf(piece)) || 'surfaces';
  return [{ id: placement.id, name: item.name, stage, wallId }];
}
