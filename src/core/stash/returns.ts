import { addDays as daysOn, differenceInCalendarDays, formatISO, parseISO } from 'date-fns';
import type { Item } from '../model/types';

/** Days between two dates of the calendar (yyyy-mm-dd); later is positive. */
export const daysBetween = (start: string, end: string): number =>
  differenceInCalendarDays(parseISO(end), parseISO(start));
/** The day of the calendar (yyyy-mm-dd) that a moment falls on where one is. */
export const dayOf = (moment: string): string => formatISO(parseISO(moment), { representation: 'date' });
export const addDays = (day: string, count: number): string =>
  formatISO(daysOn(parseISO(day), count), { representation: 'date' });

export type ReturnState = 'none' | 'open' | 'warn' | 'today' | 'over';

/** How far off the last day to return something is. */
function stateIn(days: number, warnDays: readonly number[]): ReturnState {
  if (days < 0) return 'over';
  if (days === 0) return 'today';
  return days <= Math.max(0, ...warnDays) ? 'warn' : 'open';
}

/**
 * Where a thing stands that can still go back: its tags are on and its day is known. `warn` from the first of
 * the days ahead at which to warn.
 */
export function returnOf(
  item: Pick<Item, 'tagsOn' | 'returnBy' | 'state'>,
  today: string,
  warnDays: readonly number[],
): { state: ReturnState; days: number } {
  if (!item.tagsOn || item.returnBy === null || item.state === 'gone') return { state: 'none', days: 0 };
  const days = daysBetween(today, item.returnBy);
  return {
    days,
    state: stateIn(days, warnDays),
  };
}
