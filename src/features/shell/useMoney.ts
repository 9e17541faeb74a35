'use client';
import { formatMoney } from '../../core/base/money';
import type { Money } from '../../core/base/units';
import { ruleBook } from '../../core/rules/book';
import { useRoom, useRoomAtRest } from './room/RoomContext';

/** The studio's currency. */
export const useCurrency = (): string => ruleBook(useRoomAtRest().file.rules, 'in').school('stash.currency');

/** Writes an amount in the studio's currency. */
export function useMoney(): (amount: Money) => string {
  const currency = useRoom().rules.school('stash.currency');
  return (amount) => formatMoney(amount, currency);
}

/** The same where nothing is drawn anew while something is dragged. */
export function useMoneyAtRest(): (amount: Money) => string {
  const currency = useCurrency();
  return (amount) => formatMoney(amount, currency);
}
