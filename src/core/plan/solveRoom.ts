import { headOfLook, type Change } from '../model/change';
import type { Item, Look, RoomFile } from '../model/types';
import { placeOnWall } from '../room/place';
import { wallsOf } from '../room/walls';
import { ruleBook } from '../rules/book';
import {
  solveWindows,
  type OwnedPanels,
  type ShopPanels,
  type Solution,
} from '../stages/windows/solve/solveWindows';
import type { RoomContext } from './context';
import { dressedOf } from './windows/dressed';
import { schoolLine, sharesLine } from './windows/rodLine';
import { headOf, windowPlaceOf } from './windows/windowPlace';

/**
 * The best ways to dress all windows of a look together, or those whose dressings are named (ids with spaces
 * between). `owned`: the panels of the stash. Empty when nothing is dressed.
 */
export function solveRoom(
  file: RoomFile,
  lookId: string,
  which: 'all' | (string & {}),
  offered: { owned: readonly OwnedPanels[]; shops: readonly ShopPanels[] },
  wanted = 3,
): Solution[] {
  const look = file.looks.find((l) => l.id === lookId);
  if (!look) return [];
  const context = contextOf(file);
  const { rules } = context;
  const dressed = dressedOf({ ...context, look });
  const dressedIds = new Set(look.dressings.map((d) => d.openingId));
  const named = new Set(which.split(' '));
  const chosen = dressed.filter((d) => (which === 'all' ? sharesLine(d) : named.has(d.dressing.id)));
  // the target is the rule's line, not a typed one, so that a solution off the rule says so
  const heads = dressed.filter(sharesLine).map(({ target }) => headOf(context, target));
  const shared = rules.school('windows.rodLine') === 'shared';
  const lineMm = (shared ? schoolLine(heads, rules) : null) ?? undefined;
  return solveWindows(
    chosen.map(({ dressing, target }) => ({
      dressing,
      target,
      place: windowPlaceOf(context, target, { lineMm, dressedIds }),
      sheer: undefined,
    })),
    offered.owned,
    offered.shops,
    rules,
    wanted,
  );
}

function contextOf(file: RoomFile): RoomContext & { file: RoomFile } {
  const walls = wallsOf(file.room);
  const places = new Map(file.pieces.map((p) => [p.id, placeOnWall(p, walls)]));
  return { file, walls, places, rules: ruleBook(file.rules, file.room.unit) };
}

/** What has to be changed in the room to hang a solution. */
export function solutionChanges(
  file: RoomFile,
  look: Look,
  solution: Solution,
  owned: readonly Item[],
): Change[] {
  const rules = ruleBook(file.rules, file.room.unit);
  const { dressings } = look;
  const head = headOfLook(look);
  // the room's line is moved only with all that hang by it; a few of them get the height as their own
  const byLine = dressedOf({ file, look, walls: wallsOf(file.room), rules }).filter(sharesLine);
  const shared =
    rules.school('windows.rodLine') === 'shared' &&
    solution.oneRodMm !== null &&
    solution.shares.length > 1 &&
    byLine.every(({ dressing }) => solution.shares.some((s) => s.dressingId === dressing.id));
  const items = [...new Set(solution.shares.map((s) => s.itemId))].flatMap(
    (id) => owned.find((i) => i.id === id) ?? [],
  );
  return [
    ...items.map((item): Change => ({ do: 'putItem', item })),
    ...(shared ? [{ do: 'putLook' as const, look: { ...head, rodLineMm: solution.oneRodMm } }] : []),
    ...solution.shares.flatMap((s): Change[] => {
      const d = dressings.find((x) => x.id === s.dressingId);
      const keepsPlace = d && (d.mount !== 'wall' || !file.openings.some((o) => o.id === d.openingId));
      const ownHeightMm = keepsPlace ? d.rodHeightMm : s.rodMm;
      return d
        ? [
            {
              do: 'putDressing',
              lookId: look.id,
              dressing: {
                ...d,
                itemId: s.itemId,
                landing: s.landing,
                hemAt: s.hemAt,
                rodHeightMm: shared ? null : ownHeightMm,
                route: { kind: s.kind, stockMm: s.stockMm },
              },
            },
          ]
        : [];
    }),
  ];
}
