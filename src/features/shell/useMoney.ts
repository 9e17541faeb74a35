'use client';
import { formatMoney } from '../../core/base/money';
import type { Money } from '../../core/base/units';
import { useRoom } from './room/RoomContext';

/** Writes an amount in the studio's currency. */
export function useMoney(): (amount: Money) => string {
  const currency = useRoom().rules.school('stash.currency');
  return (amount) => formatMoney(amount, currency);
}
