import type { Dressing, Item, Look, RoomFile } from '../../model/types';
import { planWindow } from '../../stages/windows/planWindow';
import { isSameRod, rankRoutes, rodBeforeWays, type Route } from '../../stages/windows/routes';
import type { OwnedPanels } from '../../stages/windows/solve/solveWindows';
import type { WindowPlan } from '../../stages/windows/windowPlan';
import { roomContext } from '../roomContext';
import { dressedOf } from './dressed';
import { placeOf } from './planWindows';
import { planRodLine } from './rodLine';

/** A way to hang panels of the stash at a window where others hang now. */
export type StashWay = { item: Item; /** How many of them are free. */ free: number; route: Route };

/** A look as it is planned, and the room round it. */
type Asked = { file: RoomFile; look: Look; windows: readonly WindowPlan[] };

/**
 * How the other panels of the stash would get to a window's length: of each kind the way that takes least, and
 * the nearest where that is another. Panels that hang in another room, or at another window of this one, are not
 * free.
 */
export function stashWays(asked: Asked, dressing: Dressing, owned: readonly OwnedPanels[]): StashWay[] {
  const { file, look } = asked;
  const context = { ...roomContext(file, look), look };
  const dressed = dressedOf(context);
  const own = dressed.find((d) => d.dressing.id === dressing.id);
  if (!own) return [];
  const place = placeOf({ ...context, rodLine: planRodLine({ ...context, dressed }) }, own);
  const before = beforeWays(dressing, asked);
  return owned
    .filter((i) => i.kind === 'panel' && i.state !== 'gone' && i.id !== dressing.itemId)
    .flatMap(({ elsewhere, ...item }) => {
      const free = item.count - (elsewhere?.count ?? 0) - panelsAtOthers(item.id, dressing, asked);
      if (free <= 0) return [];
      const plan = planWindow(
        own.target,
        { ...before, itemId: item.id, route: null },
        { main: { ...item, count: free }, sheer: undefined },
        place,
        context.rules,
      );
      return bestOf(plan, item).map((route): StashWay => ({ item, free, route }));
    });
}

/** The window with its rod where it was before the chosen way moved it. */
function beforeWays(dressing: Dressing, { windows }: Asked): Dressing {
  const now = windows.find((w) => w.dressingId === dressing.id);
  if (!now) return dressing;
  const rodHeightMm = rodBeforeWays(now.routes, now.rodHeightMm);
  return isSameRod(rodHeightMm, now.rodHeightMm) ? dressing : { ...dressing, rodHeightMm };
}

function panelsAtOthers(itemId: string, dressing: Dressing, { look, windows }: Asked): number {
  return look.dressings.reduce((sum, d) => {
    const window = windows.find((w) => w.dressingId === d.id);
    const main = d.itemId === itemId && d.id !== dressing.id ? (window?.panels ?? 0) : 0;
    const sheer = d.sheer?.itemId === itemId ? (window?.sheer?.panels ?? 0) : 0;
    return sum + main + sheer;
  }, 0);
}

function bestOf({ routes }: WindowPlan, item: Item): Route[] {
  const ways = routes.filter((r) => r.stockMm !== null && Math.abs(r.stockMm - item.heightMm) < 1);
  const [cheapest] = rankRoutes(ways, 'cost');
  const [nearest] = rankRoutes(ways, 'fit');
  return [...new Set([cheapest, nearest])].filter((r) => r !== undefined);
}
