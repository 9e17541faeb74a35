'use server';
import { z } from 'zod';
import { batchSchema, type Batch } from '../core/model/schema/outbox';
import { seasonSchema } from '../core/model/schema';
import type { RoomFile, Season } from '../core/model/types';
import { fail, type Result } from '../core/base/result';
import {
  changeRoom,
  openRoom,
  roomsOfHome,
  removeRoom,
  replayRoom,
  roomState,
  type ChangeIssue,
  type Label,
  type OpenRoom,
  type RoomState,
} from '../server/rooms';
import { schemaIssues } from '../server/issues';
import { findInStash, type StashRow } from '../server/stash/findInStash';

const idSchema = z.string().min(1).max(64);

export async function changeRoomAction(
  roomId: string,
  baseRevision: number,
  batch: Batch,
): Promise<Result<RoomState, ChangeIssue>> {
  const read = z
    .strictObject({ roomId: idSchema, baseRevision: z.number().int().min(0), batch: batchSchema })
    .safeParse({ roomId, baseRevision, batch });
  if (!read.success) return fail<ChangeIssue>({ code: 'refused', issues: schemaIssues(read.error) });
  const { id, changes } = read.data.batch;
  return changeRoom(read.data.roomId, read.data.baseRevision, changes, id);
}

export async function replayRoomAction(
  roomId: string,
  way: 'undo' | 'redo',
): Promise<Result<RoomState & { label: Label; file: RoomFile | null }, ChangeIssue>> {
  return replayRoom(idSchema.parse(roomId), z.enum(['undo', 'redo']).parse(way));
}

export async function replayStudioAction(way: 'undo' | 'redo'): Promise<{ ok: boolean }> {
  return { ok: replayRoom(null, z.enum(['undo', 'redo']).parse(way)).ok };
}

export async function openRoomAction(roomId: string): Promise<OpenRoom | null> {
  return openRoom(idSchema.parse(roomId)) ?? null;
}

export async function roomStateAction(roomId: string): Promise<RoomState> {
  return roomState(idSchema.parse(roomId));
}

export async function removeRoomAction(roomId: string): Promise<boolean> {
  return removeRoom(idSchema.parse(roomId));
}

export async function findInStashAction(
  kinds: string[],
  words: string,
  where: { roomId: string; season: Season | null },
): Promise<StashRow[]> {
  return findInStash(
    z.array(z.string().max(20)).max(40).parse(kinds),
    z.string().max(80).parse(words),
    z.strictObject({ roomId: idSchema, season: seasonSchema.nullable() }).parse(where),
  );
}

/** The other rooms of a home, by name. */
export async function roomsOfHomeAction(
  homeId: string,
  butRoomId: string,
): Promise<{ id: string; name: string }[]> {
  return roomsOfHome(idSchema.parse(homeId), idSchema.parse(butRoomId));
}
