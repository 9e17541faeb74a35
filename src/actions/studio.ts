'use server';
import { z } from 'zod';
import type { Result } from '../core/base/result';
import type { RoomFile } from '../core/model/types';
import type { DoorIssue } from '../server/issues';
import { findInStudio, type FoundInStudio } from '../server/find';
import { beginRoom } from '../server/importRoom';

/**
 * Begins a room from a file made in the browser (a new outline, or a quick answer that is kept), in a home
 * that is there already or in the file's own.
 */
export async function beginRoomAction(
  file: RoomFile,
  homeId: string | null,
): Promise<Result<{ id: string }, DoorIssue>> {
  return beginRoom(file, z.string().max(64).nullable().parse(homeId));
}

/** Rooms, looks, things and storage places by their names. */
export async function findInStudioAction(words: string): Promise<FoundInStudio> {
  return findInStudio(z.string().max(80).parse(words));
}
