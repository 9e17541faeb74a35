import { groupedBy } from '../base/list';
import { sum } from '../base/units';
import type { Finding, FindingCode, StageName } from '../model/finding';
import type { Item } from '../model/types';

type Use = { id: string; itemId: string; count?: number };

/**
 * Items of the stash that are used more often than there are of them. `code` is what that means for an item.
 */
export const judgeCounts = (
  stage: StageName,
  uses: readonly Use[],
  items: ReadonlyMap<string, Item>,
  code: (item: Item) => FindingCode,
): Finding[] =>
  [...groupedBy(uses, (use) => use.itemId)].flatMap(([itemId, own]): Finding[] => {
    const item = items.get(itemId);
    const need = sum(own.map((u) => u.count ?? 1));
    if (!item || need <= item.count) return [];
    const about = own.map((u) => u.id);
    if (item.wish) return [{ code: 'wish-open', level: 'caution', stage, about, by: { item: item.name } }];
    return [
      {
        code: code(item),
        level: 'caution',
        stage,
        about,
        by: { item: item.name, need, have: item.count },
      },
    ];
  });
