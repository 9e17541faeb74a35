import type { Finding, StageName } from '../model/finding';
import type { Look, Reading } from '../model/types';
import type { HangingPlan } from '../stages/walls/planHanging';
import type { WindowPlan } from '../stages/windows/windowPlan';

const guessesAbout = (readings: readonly Reading[], about: string) =>
  readings.filter((r) => r.about === about && r.guess);

function restsOnGuess(stage: StageName, about: string, thing: string, count: number): Finding[] {
  if (count === 0) return [];
  return [{ code: 'rests-on-guess', level: 'caution', stage, about: [about], by: { thing, count } }];
}

/** Windows whose numbers rest on readings that were guessed. The ceiling counts for each. */
export function windowGuesses(windows: readonly WindowPlan[], readings: readonly Reading[]): Finding[] {
  const ofCeiling = guessesAbout(readings, 'room').filter((r) => r.field === 'ceilingMm').length;
  return windows.flatMap((w) => {
    const ids = [...new Set([w.openingId, ...w.openingIds])];
    const count = ids.reduce((sum, id) => sum + guessesAbout(readings, id).length, ofCeiling);
    return restsOnGuess('windows', w.openingId, w.name, count);
  });
}

/** Pieces that hang over furniture whose size was guessed. */
export const hangingGuesses = (
  hangings: readonly HangingPlan[],
  look: Pick<Look, 'hangings'>,
  readings: readonly Reading[],
): Finding[] =>
  hangings.flatMap((h) => {
    const overPieceId = look.hangings.find((x) => x.id === h.hangingId)?.overPieceId;
    return restsOnGuess(
      'walls',
      h.hangingId,
      h.name,
      overPieceId ? guessesAbout(readings, overPieceId).length : 0,
    );
  });

/** Readings that were taken twice and differ. */
export function differingReadings(readings: readonly Reading[]): Finding[] {
  const differ = readings.filter((r) => r.secondMm !== null);
  if (differ.length === 0) return [];
  return [
    {
      code: 'readings-differ',
      level: 'caution',
      stage: 'measure',
      about: differ.map((r) => r.about),
      by: { count: differ.length },
    },
  ];
}
