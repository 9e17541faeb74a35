'use client';
import { useCallback } from 'react';
import type { Change } from '../../core/model/change';
import type { RoomFile } from '../../core/model/types';
import { applyChange } from '../../core/model/change';
import { asMeasured, changedFields } from '../../core/stages/measure/readings';
import { checkRoomFile, type MeasureIssue } from '../../core/stages/measure/check';
import { TAKEN, type Answer } from '../../ui/Field';
import { useRoom } from './room/RoomContext';
import { useMeasureWords } from './useWords';

const same = (a: MeasureIssue, b: MeasureIssue) =>
  a.code === b.code && a.about === b.about && a.field === b.field && a.level === b.level;

/**
 * Accepts a reading if the room stays sound with it; else says what came, what was expected and an example,
 * or asks.
 */
export function useCommit(): (change: Change, about: string) => Answer {
  const { file, change } = useRoom();
  const words = useMeasureWords(file.room.unit);
  return useCallback(
    (wanted, about) => {
      const previous = checkRoomFile(file);
      const fresh = checkRoomFile(applyChange(file, wanted)).filter((i) =>
        i.level === 'refuse'
          ? !previous.some((b) => same(b, i))
          : i.about === about && !previous.some((b) => same(b, i) && b.cameMm === i.cameMm),
      );
      const refused = fresh.find((i) => i.level === 'refuse');
      if (refused) return { took: false, message: words(refused) };
      // a value that is typed is measured: what was guessed or in doubt about it is settled
      const settled = asMeasured(file, about, changedFields(file, applyChange(file, wanted), about));
      const all: Change[] =
        settled.length > 0 ? [wanted, { do: 'markReadings', readings: settled }] : [wanted];
      const odd = fresh.find((i) => i.level === 'ask');
      if (odd) return { took: false, message: words(odd), keep: () => change(all) };
      change(all);
      return TAKEN;
    },
    [file, change, words],
  );
}

const refusalsOf = (file: RoomFile): MeasureIssue[] =>
  checkRoomFile(file).filter((i) => i.level === 'refuse');

/** Whether a change leaves the room sound, for dragging: it may have been unsound before. */
export function staysSound(file: RoomFile, wanted: Change): boolean {
  const refusals = refusalsOf(applyChange(file, wanted));
  if (refusals.length === 0) return true;
  const previous = refusalsOf(file);
  return refusals.every((i) => previous.some((b) => same(b, i)));
}
