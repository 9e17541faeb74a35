import type { Finding } from '../../model/finding';
import type { Item, Look, RoomFile } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import type { WindowPlan } from '../../stages/windows/windowPlan';

/** What a panel of the stash is wanted for. */
type Want = { window: WindowPlan; item: Item; panels: number };

/**
 * Curtain sets against all the windows that want them, and panels that hang here on loan from another room.
 */
export function judgeSets(
  windows: readonly WindowPlan[],
  look: Pick<Look, 'dressings'>,
  items: ReadonlyMap<string, Item>,
  roomId: string,
): Finding[] {
  const wants = windows.flatMap((window) => wantsOf(window, look, items));
  return [...new Set(wants.map((want) => want.item))].flatMap((item): Finding[] => {
    const own = wants.filter((want) => want.item === item);
    const about = own.map((want) => want.window.openingId);
    const need = own.reduce((sum, want) => sum + want.panels, 0);
    const findings: Finding[] = [];
    if (need > item.count) findings.push(shortOf(item, need, about));
    if (item.roomId !== null && item.roomId !== roomId)
      findings.push({
        code: 'panels-borrowed',
        level: 'yielded',
        stage: 'windows',
        about,
        by: { item: item.name, count: need, where: item.whereabouts },
      });
    return findings;
  });
}

/** Too few panels; of those that are only wished for there are none yet. */
function shortOf(item: Item, need: number, about: string[]): Finding {
  const open = { level: 'caution', stage: 'windows', about } as const;
  return item.wish
    ? { ...open, code: 'wish-open', by: { item: item.name } }
    : { ...open, code: 'set-short', by: { need, have: item.count, item: item.name } };
}

function wantsOf(
  window: WindowPlan,
  look: Pick<Look, 'dressings'>,
  items: ReadonlyMap<string, Item>,
): Want[] {
  const dressing = look.dressings.find((d) => d.id === window.dressingId);
  const layers = [
    { itemId: dressing?.itemId, panels: window.panels },
    { itemId: dressing?.sheer?.itemId, panels: window.sheer?.panels ?? 0 },
  ];
  return layers.flatMap(({ itemId, panels }) => {
    const item = items.get(itemId ?? '');
    return item?.kind === 'panel' ? [{ window, item, panels }] : [];
  });
}

/** Ends within this of one another are in the same place. */
const SAME_PLACE_MM = 0.5;

/** Rods that end so near to one another on a wall that their finials would touch. */
export function judgeRods(windows: readonly WindowPlan[], rules: RuleBook): Finding[] {
  const reachMm = 2 * rules.number('windows.rodClearance');
  const ends = windows
    .filter((w) => !w.shower && (w.mount === 'wall' || w.mount === 'ceiling'))
    .flatMap((window) => window.rodOn.map((rod) => ({ window, ...rod })));
  return ends.flatMap((left) =>
    ends
      .filter((right) => left.window !== right.window && left.wallId === right.wallId)
      .filter((right) => left.fromXMm < right.fromXMm)
      .filter((right) => Math.abs(left.window.rodHeightMm - right.window.rodHeightMm) <= reachMm)
      .flatMap((right): Finding[] => {
        const byMm = right.fromXMm - left.toXMm;
        if (byMm >= reachMm - SAME_PLACE_MM) return [];
        return [
          {
            code: 'rods-meet',
            level: 'yielded',
            stage: 'windows',
            about: [left.window.openingId, right.window.openingId],
            rule: 'windows.rodClearance',
            by: {
              window: left.window.name,
              other: right.window.name,
              byMm: Math.max(0, byMm),
              over: meeting(byMm),
            },
          },
        ];
      }),
  );
}

function meeting(byMm: number): 'yes' | 'meet' | 'no' {
  if (byMm < -SAME_PLACE_MM) return 'yes';
  return byMm < SAME_PLACE_MM ? 'meet' : 'no';
}

/** Sashes that open into the room below a rod that hangs in their way. */
export const judgeSashes = (windows: readonly WindowPlan[], openings: RoomFile['openings']): Finding[] =>
  windows
    .filter((w) => w.mount === 'wall')
    .flatMap((window) =>
      openings
        .filter((o) => window.openingIds.includes(o.id))
        .filter((o) => o.kind === 'window' && o.opens === 'in' && o.hinge !== 'none')
        .filter((o) => window.rodHeightMm < o.sillMm + o.heightMm + o.trimMm + SASH_CLEARANCE_MM)
        .map((o): Finding => ({
          code: 'sash-meets-curtain',
          level: 'caution',
          stage: 'windows',
          about: [o.id],
          by: { window: o.name },
        })),
    );

/** An opening sash swings free of a rod that is so far above its trim. */
const SASH_CLEARANCE_MM = 25;
