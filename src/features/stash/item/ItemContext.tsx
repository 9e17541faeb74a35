'use client';
import { createContext, use } from 'react';
import type { ItemSheet } from '../../../actions/stashTypes';
import type { Item, StoragePlace } from '../../../core/model/types';
import { TAKEN, type Answer } from '../../../ui/Field';

/** What goes on over the item's own sheet: reading its colours, or looking it over when it has arrived. */
export type Side = 'photo' | 'reader' | 'arrived' | null;
/** Why something was not written; with the item as it is now, where someone else changed it. */
export type Problem = { text: string; current?: Item };

/** The item whose sheet is open, with how to change it. */
export type OpenItem = {
  sheet: ItemSheet;
  item: Item;
  save: (patch: Partial<Item>) => void;
  /** Puts it into a storage place that is made here. */
  putInto: (place: StoragePlace) => void;
  /** Saves, for a field that wants an answer. */ take: (patch: Partial<Item>) => Answer;
  /** Name of the draft of one of its fields. */ key: (field: string) => string;
  setSide: (side: Side) => void;
  setProblem: (problem: Problem | null) => void;
};

type SheetState = {
  sheet: ItemSheet | null | undefined;
  save: OpenItem['save'];
  putInto: OpenItem['putInto'];
  setProblem: OpenItem['setProblem'];
};
/** The item of a sheet that has come, for what works on it. */
export const asOpenItem = (
  id: string,
  { sheet, save, putInto, setProblem }: SheetState,
  setSide: OpenItem['setSide'],
): OpenItem | null =>
  sheet
    ? {
        sheet,
        item: sheet.item,
        save,
        putInto,
        take: (patch) => {
          save(patch);
          return TAKEN;
        },
        key: (field) => `item-${id}-${field}`,
        setSide,
        setProblem,
      }
    : null;

const ItemContext = createContext<OpenItem | null>(null);
export const ItemProvider = ItemContext.Provider;

export function useItem(): OpenItem {
  const open = use(ItemContext);
  if (!open) throw new Error('useItem is used outside an item’s sheet');
  return open;
}
