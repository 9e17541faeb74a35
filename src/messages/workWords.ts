import { formatLength, formatSize } from '../core/base/length';
import type { LengthUnit } from '../core/base/units';
import type { FittingStep } from '../core/plan/fittingStep';
import type { Amount } from '../core/stages/works/amount';
import type { Material } from '../core/stash/buying';
import { litresWords, massWords } from './findingWords';

export type Say = (key: string, values?: Record<string, string | number>) => string;
type Work = NonNullable<FittingStep['work']>;

/** What is done to what, such as “Paint the trim”. `say` reads the table under `fitting`. */
export const workTitle = ({ act, on }: Pick<Work, 'act' | 'on'>, name: string, say: Say): string =>
  say('work', { act, on, name });

/** How much a work takes. */
export function amountWords(amount: Amount, say: Say, unit: LengthUnit): string {
  switch (amount.kind) {
    case 'litres':
      return say('takes.litres', { litres: litresWords(amount.litres, unit), coats: amount.coats });
    case 'strips':
      return say(amount.rolls === null ? 'takes.strips' : 'takes.rolls', {
        count: amount.count,
        rolls: amount.rolls ?? 0,
        length: formatLength(amount.stripMm, unit),
        waste: Math.round(amount.wasteShare * 100),
      });
    case 'sheet':
      return sheetWords(amount, say, unit);
    case 'dye':
      return say(amount.isGuessed ? 'takes.dyeGuessed' : 'takes.dye', {
        mass: massWords(amount.massG, unit),
      });
    case 'pulls':
      return say('takes.pulls', {
        count: amount.count,
        fill: amount.holes.fillMm.length,
        at: amount.holes.newMm.length === 1 ? 'middle' : 'sides',
        by: formatLength(amount.holes.newMm.at(-1) ?? 0, unit),
      });
    case 'open':
      return say('takes.open');
    case 'none':
      return '';
  }
}

/** Pieces of one size, and what they are cut out of where that is known. */
function sheetWords(
  { count, widthMm, heightMm, cut }: Extract<Amount, { kind: 'sheet' }>,
  say: Say,
  unit: LengthUnit,
): string {
  const size = { count, size: formatSize(widthMm, heightMm, unit) };
  if (!cut) return say('takes.sheet', size);
  const waste = Math.round(cut.wasteShare * 100);
  return cut.rolls === null
    ? say('takes.sheetByLength', { ...size, length: formatLength(cut.lengthMm, unit), waste })
    : say('takes.sheetRolls', { ...size, rolls: cut.rolls, waste });
}

/** Everything that is said of a work on the sheet: what it takes, how long it waits, when it is begun. */
export const workNote = (work: Work, say: Say, unit: LengthUnit): string =>
  [amountWords(work.amount, say, unit), whenWords(work, say)].filter((words) => words !== '').join('; ');

/** How long a work takes, how long it waits, when it is begun. */
export function whenWords(
  { beginDays, waitHours, minutes }: Pick<Work, 'beginDays' | 'waitHours' | 'minutes'>,
  say: Say,
): string {
  return [
    ...(minutes === null ? [] : [say('takes.work', { time: timeWords(minutes, say) })]),
    ...(waitHours === null ? [say('takes.waitOpen')] : []),
    ...(waitHours !== null && waitHours > 0 ? [say('takes.wait', { hours: waitHours })] : []),
    ...(beginDays !== null && beginDays > 0 ? [say('takes.begin', { days: beginDays })] : []),
  ].join('; ');
}

/** Minutes as hours and minutes. */
export function timeWords(minutes: number, say: Say): string {
  const [hours, rest] = [Math.floor(minutes / 60), minutes % 60];
  if (hours === 0) return say('takes.minutes', { minutes: rest });
  return rest === 0 ? say('takes.hours', { hours }) : say('takes.hoursMinutes', { hours, minutes: rest });
}

/** A line of the buying list for a work. */
export const materialWords = (
  { act, on, by, amount }: Material,
  name: string,
  say: Say,
  unit: LengthUnit,
): string =>
  say(`materials.${by}`, {
    what: say('materialOf', { act }),
    for: say('workedOn', { on, name }),
    amount: quantityWords(by, amount, unit),
  });

function quantityWords(by: Material['by'], amount: number, unit: LengthUnit): string {
  if (by === 'litres') return litresWords(amount, unit);
  if (by === 'dye') return massWords(amount, unit);
  return by === 'length' ? formatLength(amount, unit) : String(amount);
}
