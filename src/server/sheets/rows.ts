import 'server-only';
import type { Plan } from '../../core/plan/planLook';
import type { Look, RoomFile } from '../../core/model/types';
import { planLook } from '../../core/plan/planLook';
import { sheetRowWords } from '../../messages/sheetWords';
import { exportRoom } from '../rooms';
import { sheetWords } from './words';

export type Sheet = { file: RoomFile; look: Look; plan: Plan; words: ReturnType<typeof sheetWords> };

/** What a sheet is made of; undefined when there is no such room or look. */
export function loadSheet(roomId: string, lookId: string | null): Sheet | undefined {
  const file = exportRoom(roomId);
  const look = file && (lookId === null ? file.looks[0] : file.looks.find((l) => l.id === lookId));
  if (!file || !look) return undefined;
  const plan = planLook(file, { lookId: look.id });
  return { file, look, plan, words: sheetWords(file, plan) };
}

export const rowWords = ({ file, words: { t } }: Sheet): ReturnType<typeof sheetRowWords> =>
  sheetRowWords((key, values) => t(`fitting.${key}` as 'fitting.title', values), file.room.unit);
