'use client';
import { useTranslations } from 'next-intl';
import { sheetRowWords } from '../../messages/sheetWords';
import { useRoom } from '../shell/room/RoomContext';
import { useWallNameOf } from '../shell/useWords';

/** The words of the sheet's rows for the room that is shown. */
export function useSheetRows(): ReturnType<typeof sheetRowWords> {
  const t = useTranslations('fitting');
  const { file, plan } = useRoom();
  return sheetRowWords((key, values) => t(key as 'title', values), file.room.unit, useWallNameOf(plan.walls));
}
