import { useEffect, useMemo, useState } from 'react';
import { shopThingsAction } from '../../../actions/stash';
import { untilAnswered } from '../untilAnswered';
import type { StashRow } from '../useStash';

/** What a shop has, as a row of a strip. */
export type ShopRow = StashRow & { shop: { source: string; leadDays: number; stock: number } };
/** A row of a strip: a thing of the stash, or one that a shop has. */
export type StripRow = StashRow | ShopRow;
export const isOfShop = (row: StripRow): row is ShopRow => 'shop' in row;

type Found = Awaited<ReturnType<typeof shopThingsAction>>;
const NONE: Found = [];

/** What shops have of some kinds; empty until they answer. */
export function useShop(kinds: string): readonly ShopRow[] {
  const [found, setFound] = useState<Found>(NONE);
  useEffect(() => {
    let here = true;
    untilAnswered(
      async () => (here ? shopThingsAction(kinds.split(',')) : null),
      () => undefined,
    )
      .then((things) => {
        if (here && things) setFound(things);
      })
      .catch(() => undefined);
    return () => {
      here = false;
    };
  }, [kinds]);
  return useMemo(
    () =>
      found.map(({ item, source, leadDays, stock }) => ({
        ...item,
        elsewhere: null,
        shop: { source, leadDays, stock },
      })),
    [found],
  );
}
