'use client';
import { formatMoney } from '../../core/base/money';
import type { Money } from '../../core/base/units';
import { useStashRoom } from './StashContext';

/** Writes an amount in the studio's currency. */
export function useStashMoney(): (amount: Money) => string {
  const currency = useStashRoom().rules.school('stash.currency');
  return (amount) => formatMoney(amount, currency);
}
