'use client';
import { cm, inches, type Mm } from '../../core/base/units';
import type { Answer } from '../../ui/Field';
import { useRoom } from './room/RoomContext';
import { useMeasureWords, type WordedCode } from './useWords';

/** How a form refuses a length that it can judge by itself, in the words of the measuring checks. */
export function useRefusal() {
  const { file } = useRoom();
  const { unit } = file.room;
  const words = useMeasureWords(unit);
  const refuse = (code: WordedCode, cameMm: Mm, expectedMm: Mm): Answer => ({
    took: false,
    message: words({ code, cameMm, expectedMm }),
  });
  /** Accepts a length above zero and refuses any other. */
  const positive = (mm: Mm, take: () => Answer): Answer =>
    mm > 0 ? take() : refuse('not-positive', mm, unit === 'cm' ? cm(50) : inches(20));
  return { refuse, positive };
}
