'use server';
import Papa from 'papaparse';
import { z } from 'zod';
import { fail, ok, type Result } from '../core/base/result';
import { readReader, type ReaderIssue, type ReaderRow } from '../core/colour/reader';
import type { Item, StoragePlace } from '../core/model/types';
import type { NeedLine } from '../core/stash/need';
import type { FitsIn } from '../core/plan/fitsIn';
import type { DoorIssue } from '../server/issues';
import { insertBench, type InsertBench } from '../server/stash/insertBench';
import { looksOfRooms, needLines, type LooksOfRoom } from '../server/stash/need';
import { dropPlace, placeRows, putPlace, type PlaceRow } from '../server/stash/places';
import { simulatedReading, takeReading } from '../server/stash/reader';
import { shopPanels, shopThings, type ShopThing } from '../server/stash/shops';
import {
  cutTags,
  duplicateItem,
  itemArrived,
  itemSheet,
  putNewItems,
  removeItems,
  saveChangedItem,
  spotsOfRoom,
  stashHead,
  type ArrivedAnswer,
  type ItemSheet,
  type StashHead,
} from '../server/stash/stash';

const id = z.string().min(1).max(64);
const ids = z.array(id).min(1).max(5000);

export async function shopPanelsAction(): Promise<ReturnType<typeof shopPanels>> {
  return shopPanels();
}
/** What shops have of some kinds of things. */
export async function shopThingsAction(kinds: string[]): Promise<ShopThing[]> {
  return shopThings(z.array(z.string().max(20)).max(40).parse(kinds));
}
export async function stashHeadAction(): Promise<StashHead> {
  return stashHead();
}
export async function itemSheetAction(itemId: string): Promise<ItemSheet | null> {
  return itemSheet(id.parse(itemId)) ?? null;
}
/** Things that a page puts in until it is answered: what is there already stays as it is. */
export async function putNewItemsAction(items: Item[]): Promise<Result<{ ids: string[] }, DoorIssue>> {
  return putNewItems(z.array(z.looseObject({ id })).max(5000).parse(items));
}
export async function saveChangedItemAction(
  previous: Item,
  next: Item,
): Promise<Result<{ ids: string[] }, DoorIssue | { code: 'stale'; item: Item }>> {
  return saveChangedItem(previous, next);
}
export async function removeItemsAction(
  itemIds: string[],
): Promise<
  Result<{ count: number }, { code: 'in-use'; name: string; rooms: string[] } | { code: 'not-found' }>
> {
  return removeItems(ids.parse(itemIds));
}
export async function duplicateItemAction(
  itemId: string,
  name: string,
): Promise<Result<{ ids: string[] }, DoorIssue>> {
  return duplicateItem(id.parse(itemId), z.string().trim().min(1).max(200).parse(name));
}
export async function itemArrivedAction(
  itemId: string,
  seen: Item['colours'] | null,
): Promise<Result<ArrivedAnswer, DoorIssue>> {
  return itemArrived(id.parse(itemId), seen);
}
export async function cutTagsAction(itemIds: string[]): Promise<Result<{ ids: string[] }, DoorIssue>> {
  return cutTags(ids.parse(itemIds));
}

export async function placeRowsAction(): Promise<PlaceRow[]> {
  return placeRows();
}
export async function putPlaceAction(place: StoragePlace): Promise<Result<{ id: string }, DoorIssue>> {
  return putPlace(place);
}
export async function dropPlaceAction(placeId: string): Promise<boolean> {
  return dropPlace(id.parse(placeId));
}

export async function needLinesAction(
  ask: { roomId: string; lookId: string } | { season: 'spring' | 'summer' | 'autumn' | 'winter' },
): Promise<NeedLine[]> {
  return needLines(
    z
      .union([
        z.strictObject({ roomId: id, lookId: id }),
        z.strictObject({ season: z.enum(['spring', 'summer', 'autumn', 'winter']) }),
      ])
      .parse(ask),
  );
}
export async function looksOfRoomsAction(): Promise<LooksOfRoom[]> {
  return looksOfRooms();
}
export async function insertBenchAction(): Promise<InsertBench> {
  return insertBench();
}
export async function spotsOfRoomAction(roomId: string): Promise<FitsIn[]> {
  return spotsOfRoom(id.parse(roomId));
}

const MOST_TEXT = 2_000_000;
/** What a colour reader wrote, as text of a file or pasted. */
export async function readReaderAction(text: string): Promise<Result<ReaderRow[], ReaderIssue>> {
  if (text.length > MOST_TEXT)
    return fail<ReaderIssue>({ code: 'too-many', row: 0, column: '', came: String(text.length) });
  // a comma may be the decimal mark where something else parts the cells
  const rows = Papa.parse<string[]>(text.replace(/^\ufeff/, ''), {
    delimiter: ['\t', ';'].find((d) => text.includes(d)) ?? ',',
  }).data;
  // numbers pasted with nothing but spaces between them
  return readReader(
    rows.every((r) => r.length <= 1) ? rows.map((r) => (r[0] ?? '').trim().split(/\s+/)) : rows,
  );
}
export async function simulatedReadingAction(itemId: string): Promise<Result<ReaderRow, 'not-found'>> {
  const row = simulatedReading(id.parse(itemId));
  return row ? ok(row) : fail('not-found' as const);
}
export async function takeReadingAction(
  itemId: string,
  row: ReaderRow,
): Promise<Result<{ ids: string[] }, DoorIssue>> {
  return takeReading(id.parse(itemId), row);
}
