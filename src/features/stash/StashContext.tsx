'use client';
import { createContext, useContext, type ReactNode } from 'react';
import type { LengthUnit } from '../../core/base/units';
import type { RuleBook } from '../../core/rules/book';
import type { StashHead } from '../../actions/stashTypes';
import type { Prepared } from '../../core/stash/entry';

export type StashValue = {
  head: StashHead;
  rules: RuleBook;
  /** Plain inches or centimetres: rooms alone are measured in feet. */
  unit: LengthUnit;
  entries: readonly Prepared[];
  /** After something was written: fetches rows and head again. */
  refresh: () => Promise<void>;
  open: (id: string | null) => void;
  openId: string | null;
};
const Context = createContext<StashValue | null>(null);
export const StashProvider = ({ value, children }: { value: StashValue; children: ReactNode }): ReactNode => (
  <Context value={value}>{children}</Context>
);
export function useStashRoom(): StashValue {
  const value = useContext(Context);
  if (!value) throw new Error('useStashRoom outside the stash');
  return value;
}
