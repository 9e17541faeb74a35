import { headOfLook, type Change } from '../model/change';
import type { Item, Look, RoomFile } from '../model/types';
import { wallsOf } from '../room/walls';
import { ruleBook } from '../rules/book';
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
import { roomContext } from './roomContext';
import { dressedOf, type Dressed } from './windows/dressed';
import { placeOf, planWindows } from './windows/planWindows';
import { planRodLine, sharesLine, type RodLine } from './windows/rodLine';

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
  const context = { ...roomContext(file, look), look };
  const { rules } = context;
  const dressed = dressedOf(context);
  const named = new Set(which.split(' '));
  const chosen = dressed.filter((d) => (which === 'all' ? sharesLine(d) : named.has(d.dressing.id)));
  // the target is the rule's line, not a typed one, so that a solution off the rule says so
  const rodLine = planRodLine({ ...context, dressed, look: { rodLineMm: null } });
  const busy = panelsBusy(dressed, chosen, { ...context, rodLine }, offered.owned);
  return solveWindows(
    chosen.map((one) => ({
      dressing: one.dressing,
      target: one.target,
      place: placeOf({ ...context, rodLine }, one),
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
  context: RoomContext & { look: Look; rodLine: RodLine },
  owned: readonly OwnedPanels[],
): Map<string, number> {
  const items = new Map(owned.map((item) => [item.id, item]));
  const left = dressed.filter((d) => !chosen.includes(d) || d.dressing.sheer);
  const plans = planWindows({ ...context, items, dressed: left });
  const isChosen = new Set(chosen.map((d) => d.dressing.id));
  const busy = new Map<string, number>();
  const add = (id: string | null | undefined, panels: number) => {
    if (id) busy.set(id, (busy.get(id) ?? 0) + panels);
  };
  left.forEach(({ dressing }, i) => {
    if (!isChosen.has(dressing.id)) add(dressing.itemId, plans[i]?.panels ?? 0);
    add(dressing.sheer?.itemId, plans[i]?.sheer?.panels ?? 0);
  });
  return busy;
}

/** An owned kind without the panels that hang elsewhere in this room. */
const without = (item: OwnedPanels, panels: number): OwnedPanels =>
  panels === 0 ? item : { ...item, count: Math.max(0, item.count - panels) };

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
