import 'server-only';
import type { Plan } from '../../core/plan/planLook';
import type { Look, RoomFile } from '../../core/model/types';
import { planLook } from '../../core/plan/planLook';
import { sheetRowWords } from '../../messages/sheetWords';
import { sheetWords } from './words';

export type Sheet = { file: RoomFile; look: Look; plan: Plan; words: ReturnType<typeof sheetWords> };

/** What a printed sheet is asked of: a room, one of its looks (the first when none is named). */
export type SheetAsk = { file: RoomFile; lookId: string | null };

/** What a sheet is made of; undefined when there is no such look. */
export function makeSheet({ file, lookId }: SheetAsk): Sheet | undefined {
  const look = lookId === null ? file.looks[0] : file.looks.find((l) => l.id === lookId);
  if (!look) return undefined;
  const plan = planLook(file, { lookId: look.id });
  return { file, look, plan, words: sheetWords(file, plan) };
}

export const rowWords = ({ file, words: { t, wallOf } }: Sheet): ReturnType<typeof sheetRowWords> =>
  sheetRowWords((key, values) => t(`fitting.${key}` as 'fitting.title', values), file.room.unit, wallOf);
