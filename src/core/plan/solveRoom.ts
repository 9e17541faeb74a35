import type { Change } from '../model/change';
import type { Item, Look, RoomFile } from '../model/types';
import { wallsOf } from '../room/walls';
import { ruleBook } from '../rules/book';
import { sharedRodLine } from '../stages/windows/rod';
import { solveWindows, type OwnedPanels, type ShopPanels, type Solution } from '../stages/windows/solve';
import { placesOf } from './scene';
import { dressedOf, headOf, windowPlaceOf } from './windowPlace';

/** The best ways to dress all windows of a look together, or those whose dressings are named (ids with spaces between). `owned`: the panels of the stash. Empty when nothing is dressed. */
export function solveRoom(
  file: RoomFile,
  lookId: string,
  which: 'all' | (string & {}),
  owned: readonly OwnedPanels[],
  shops: readonly ShopPanels[],
  wanted = 3,
): Solution[] {
  const look = file.looks.find((l) => l.id === lookId);
  if (!look) return [];
  const rules = ruleBook(file.rules, file.room.unit);
  const walls = wallsOf(file.room);
  const places = placesOf(file, walls);
  const dressed = dressedOf(file, look, walls, rules);
  const ids = new Set(look.dressings.map((d) => d.openingId));
  const named = new Set(which.split(' '));
  const chosen = dressed.filter(({ dressing, target }) =>
    which === 'all' ? !target.shower && dressing.mount === 'wall' : named.has(dressing.id),
  );
  const onWall = dressed.filter(({ dressing, target }) => dressing.mount === 'wall' && !target.shower);
  // what is wished is the rule's line, not one that was typed: to leave it is what the solution would say
  const line =
    rules.school('windows.rodLine') === 'shared' && onWall.length > 1
      ? sharedRodLine(
          onWall.map(({ target }) => headOf(target, file, walls, places)),
          rules,
        )
      : undefined;
  return solveWindows(
    chosen.map(({ dressing, target }) => ({
      dressing,
      target,
      place: windowPlaceOf(target, file, walls, places, line, ids, rules),
      sheer: undefined,
    })),
    owned,
    shops,
    rules,
    wanted,
  );
}

/** What has to be changed in the room to hang a solution. */
export function solutionChanges(
  file: RoomFile,
  look: Look,
  solution: Solution,
  owned: readonly Item[],
): Change[] {
  const rules = ruleBook(file.rules, file.room.unit);
  const { dressings, hangings: _h, groups: _g, placements: _p, ...head } = look;
  // the room's line is moved only with all that hang by it; a few of them get the height as their own
  const byLine = dressedOf(file, look, wallsOf(file.room), rules).filter(
    ({ dressing, target }) => dressing.mount === 'wall' && !target.shower,
  );
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
                rodHeightMm: shared ? null : keepsPlace ? d.rodHeightMm : s.rodMm,
                route: { kind: s.kind, stockMm: s.stockMm },
              },
            },
          ]
        : [];
    }),
  ];
}
