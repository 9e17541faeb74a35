import type { Item, Look } from '../../model/types';
import type { Hung } from '../../room/echo';
import type { PanelPlan } from '../../stages/windows/layer';
import { planWindow } from '../../stages/windows/planWindow';
import type { WindowPlace, WindowPlan } from '../../stages/windows/windowPlan';
import type { RoomContext } from '../context';
import type { Dressed } from './dressed';
import { judgeLine, type RodLine } from './rodLine';
import { windowPlaceOf } from './windowPlace';

type Context = RoomContext & {
  look: Pick<Look, 'dressings'>;
  items: ReadonlyMap<string, Item>;
  dressed: readonly Dressed[];
  rodLine: RodLine;
};

/** Every dressed window, in the order of the look's dressings. */
export function planWindows(context: Context): WindowPlan[] {
  const { items, dressed, rodLine, rules } = context;
  const itemOf = (id: string | null | undefined) => items.get(id ?? '');
  return dressed.map((one) => {
    const { dressing, target } = one;
    const cloths = { main: itemOf(dressing.itemId), sheer: itemOf(dressing.sheer?.itemId) };
    const plan = planWindow(target, dressing, cloths, placeOf(context, one), rules);
    return {
      ...plan,
      offLine: rodLine.keepOwn.has(dressing.id),
      findings: [...plan.findings, ...judgeLine(plan, rodLine, rules)],
    };
  });
}

/** What a dressed window finds round it, and the line that its rod goes along with. */
export function placeOf(
  context: RoomContext & { look: Pick<Look, 'dressings'>; rodLine: RodLine },
  { dressing, target }: Pick<Dressed, 'dressing' | 'target'>,
): WindowPlace {
  const { look, rodLine } = context;
  const onLine = dressing.mount === 'wall' && !rodLine.keepOwn.has(dressing.id);
  return windowPlaceOf(context, target, {
    lineMm: onLine ? (rodLine.lineMm ?? undefined) : undefined,
    dressedIds: new Set(look.dressings.map((d) => d.openingId)),
  });
}

/**
 * The cloth that hangs at the windows, for how the room sounds: as it is now, or with every curtain drawn.
 */
export function hungCloth(
  windows: readonly WindowPlan[],
  look: Pick<Look, 'dressings'>,
  allDrawn: boolean,
): Hung[] {
  return windows.flatMap((window) => {
    const dressing = look.dressings.find((d) => d.id === window.dressingId);
    if (!dressing) return [];
    const closed = (drawn: 'open' | 'closed') => allDrawn || drawn === 'closed';
    const { sheer } = window;
    return [
      ...layerCloth(window.panelPlans, window.layerGsm, closed(dressing.drawn)),
      ...(sheer && dressing.sheer
        ? layerCloth(sheer.panelPlans, sheer.clothGsm, closed(dressing.sheer.drawn))
        : []),
    ];
  });
}

const layerCloth = (panels: readonly PanelPlan[], clothGsm: number, closed: boolean): Hung[] =>
  panels.map((p) => ({
    clothGsm,
    heightMm: Math.max(0, p.finishedLengthMm),
    widthMm: closed ? p.toMm - p.fromMm : p.stackToMm - p.stackFromMm,
  }));
