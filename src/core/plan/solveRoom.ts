import { headOfLook, type Change } from '../model/change';
import type { Dressing, Item, Look, RoomFile } from '../model/types';
import { placeOnWall } from '../room/place';
import { wallsOf } from '../room/walls';
import { ruleBook } from '../rules/book';
import { planWindow } from '../stages/windows/planWindow';
import {
  solveWindows,
  type OwnedPanels,
  type Progress,
  type Share,
  type ShopPanels,
  type Solution,
  type Solved,
} from '../stages/windows/solve/solveWindows';
import type { Mm } from '../base/units';
import type { RoomContext } from './context';
import { dressedOf, type Dressed } from './windows/dressed';
import { planRodLine, sharesLine } from './windows/rodLine';
import { windowPlaceOf } from './windows/windowPlace';

type Offered = { owned: readonly OwnedPanels[]; shops: readonly ShopPanels[] };

/** The best ways to dress all windows of a look together; see `solveLook`. */
export const solveRoom = (
  file: RoomFile,
  lookId: string,
  which: 'all' | (string & {}),
  offered: Offered,
  wanted = 3,
): Solution[] => solveLook(file, lookId, which, offered, { wanted }).solutions;

/**
 * The best ways to dress all windows of a look together, or those whose dressings are named (ids with spaces
 * between), and how many more there are. `owned`: the panels of the stash. Empty when nothing is dressed.
 */
export function solveLook(
  file: RoomFile,
  lookId: string,
  which: 'all' | (string & {}),
  offered: Offered,
  { wanted = 3, progress }: { wanted?: number; progress?: Progress } = {},
): Solved {
  const look = file.looks.find((l) => l.id === lookId);
  if (!look) return { solutions: [], leftOut: 0 };
  const context = contextOf(file);
  const { rules } = context;
  const dressed = dressedOf({ ...context, look });
  const dressedIds = new Set(look.dressings.map((d) => d.openingId));
  const named = new Set(which.split(' '));
  const chosen = dressed.filter((d) => (which === 'all' ? sharesLine(d) : named.has(d.dressing.id)));
  // the target is the rule's line, not a typed one, so that a solution off the rule says so
  const line = planRodLine({ ...context, dressed, look: { rodLineMm: null } });
  const lineOf = (dressing: Dressing) =>
    line.keepOwn.has(dressing.id) ? undefined : (line.lineMm ?? undefined);
  const busy = panelsBusy(dressed, chosen, { ...context, look, dressedIds }, offered.owned);
  return solveWindows(
    chosen.map(({ dressing, target }) => ({
      dressing,
      target,
      place: windowPlaceOf(context, target, { lineMm: lineOf(dressing), dressedIds }),
      sheer: undefined,
    })),
    { ...offered, owned: offered.owned.map((item) => without(item, busy.get(item.id) ?? 0)) },
    rules,
    wanted,
    progress,
  );
}

/** Panels of the curtains that are left as they hang, and of all sheers, by the item. */
function panelsBusy(
  dressed: readonly Dressed[],
  chosen: readonly Dressed[],
  context: ReturnType<typeof contextOf> & { look: Look; dressedIds: ReadonlySet<string> },
  owned: readonly OwnedPanels[],
): Map<string, number> {
  const { look, rules, dressedIds } = context;
  const busy = new Map<string, number>();
  const add = (id: string | null | undefined, panels: number) => {
    if (id) busy.set(id, (busy.get(id) ?? 0) + panels);
  };
  for (const one of dressed) {
    const { dressing, target } = one;
    const itemOf = (id: string | null | undefined) => owned.find((i) => i.id === id);
    const place = windowPlaceOf(context, target, { lineMm: look.rodLineMm ?? undefined, dressedIds });
    const cloths = { main: itemOf(dressing.itemId), sheer: itemOf(dressing.sheer?.itemId) };
    const plan = planWindow(target, dressing, cloths, place, rules);
    if (!chosen.includes(one)) add(dressing.itemId, plan.panels);
    add(dressing.sheer?.itemId, plan.sheer?.panels ?? 0);
  }
  return busy;
}

/** An owned kind without the panels that hang elsewhere in this room. */
const without = (item: OwnedPanels, panels: number): OwnedPanels =>
  panels === 0 ? item : { ...item, count: Math.max(0, item.count - panels) };

function contextOf(file: RoomFile): RoomContext & { file: RoomFile } {
  const walls = wallsOf(file.room);
  const places = new Map(file.pieces.map((p) => [p.id, placeOnWall(p, walls)]));
  return { file, walls, places, rules: ruleBook(file.rules, file.room.unit) };
}

/** The height that most of the rods share; null where no two do. */
function lineOf(shares: readonly Share[]): Mm | null {
  const sharing = (mm: Mm) => shares.filter((s) => Math.abs(s.rodMm - mm) < 0.01).length;
  const [most] = shares.map((s) => s.rodMm).sort((a, b) => sharing(b) - sharing(a) || b - a);
  return most !== undefined && sharing(most) > 1 ? most : null;
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
  const byLine = dressedOf({ file, look, walls: wallsOf(file.room), rules })
    .filter(sharesLine)
    .map(({ dressing }) => dressing.id);
  const movesLine =
    rules.school('windows.rodLine') === 'shared' &&
    byLine.every((id) => solution.shares.some((s) => s.dressingId === id));
  const lineMm = movesLine ? lineOf(solution.shares.filter((s) => byLine.includes(s.dressingId))) : null;
  const onLine = ({ rodMm }: Share) => lineMm !== null && Math.abs(rodMm - lineMm) < 0.01;
  const items = [...new Set(solution.shares.map((s) => s.itemId))].flatMap(
    (id) => owned.find((i) => i.id === id) ?? [],
  );
  return [
    ...items.map((item): Change => ({ do: 'putItem', item })),
    ...(lineMm === null ? [] : [{ do: 'putLook' as const, look: { ...head, rodLineMm: lineMm } }]),
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
                rodHeightMm: onLine(s) ? null : ownHeightMm,
                route: { kind: s.kind, stockMm: s.stockMm },
              },
            },
          ]
        : [];
    }),
  ];
}
