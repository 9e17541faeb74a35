'use client';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import { formatLength } from '../../core/base/length';
import type { Change } from '../../core/model/change';
import { DRESSING } from '../../core/model/defaults';
import type { Dressing, Heading, Item, Mount, Opening, RodMake } from '../../core/model/types';
import { headOfLook } from '../../core/model/nouns';
import type { StashWay } from '../../core/plan/windows/stashWays';
import { isOnLine, takeRoute } from '../../core/plan/windows/takeRoute';
import type { WindowPlan } from '../../core/stages/windows/windowPlan';
import type { Route } from '../../core/stages/windows/routes';
import { TAKEN, type Answer } from '../../ui/Field';
import { useRoom } from '../shell/room/RoomContext';
import { useRefusal } from '../shell/useRefusal';
import { withCloth, withHeading, withMake, withMount, withSheerCloth } from './dressingEdits';

/** A shower curtain on a rod that pushes against both walls. */
const SHOWER: Partial<Dressing> = {
  landing: 'clear',
  rod: { make: 'tension', outerMm: null },
  drawn: 'closed',
};

/** What can be done to a dressed window; each carries the rest with it. */
export function useWindowActs(
  opening: Opening | undefined,
  dressing: Dressing | undefined,
  plan: WindowPlan | undefined,
) {
  const { file, look, change, rules, pick } = useRoom();
  const t = useTranslations('windows');
  const { refuse, positive } = useRefusal();
  const head = headOfLook(look);
  const put = (patch: Partial<Dressing>): Change => ({
    do: 'putDressing',
    lookId: look.id,
    dressing: { ...dressing!, ...patch },
  });
  const onLine = plan !== undefined && dressing !== undefined && isOnLine(plan, dressing, rules);
  const rodChanges = (rodHeightMm: number): Change[] =>
    onLine ? [{ do: 'putLook', look: { ...head, rodLineMm: rodHeightMm } }] : [put({ rodHeightMm })];
  const changeWith = (item: Item | null, patch: Partial<Dressing>) =>
    change([...(item ? [{ do: 'putItem' as const, item }] : []), put(patch)]);

  const chosen = (route: Route, patch: Partial<Dressing> = {}): Change[] =>
    takeRoute({ look, dressing: dressing!, plan: plan!, rules }, route, patch);
  return {
    dress: (): void => {
      if (opening)
        change([
          {
            do: 'putDressing',
            lookId: look.id,
            dressing: {
              ...DRESSING,
              id: nanoid(8),
              openingId: opening.id,
              ...(file.openings.some((o) => o.id === opening.id) ? {} : SHOWER),
            },
          },
        ]);
    },
    undress: (): void => {
      if (!dressing) return;
      // its sheet stays, to be dressed again
      pick(dressing.openingId);
      change([{ do: 'removeDressing', lookId: look.id, id: dressing.id }]);
    },
    set: (patch: Partial<Dressing>): void => change([put(patch)]),
    setCloth: (item: Item | null): void => changeWith(item, withCloth(item)),
    setSheerCloth: (item: Item | null): void => changeWith(item, withSheerCloth(dressing!, item)),
    setHeading: (heading: Heading): void => change([put(withHeading(dressing!, heading))]),
    setMake: (make: RodMake): void => change([put(withMake(dressing!, make, plan?.shower ?? false))]),
    setMount: (mount: Mount): void => change([put(withMount(dressing!, mount))]),
    join: (which: Dressing, joinsNext: boolean): void =>
      change([{ do: 'putDressing', lookId: look.id, dressing: { ...which, joinsNext } }]),
    rodChanges,
    setRod: (mm: number): Answer => {
      if (mm > file.room.ceilingMm) return refuse('above-ceiling', mm, file.room.ceilingMm);
      return positive(mm, () => {
        change(rodChanges(mm));
        return TAKEN;
      });
    },
    rodByRule: (): void =>
      change(onLine ? [{ do: 'putLook', look: { ...head, rodLineMm: null } }] : [put({ rodHeightMm: null })]),
    ownRod: (own: boolean): void => change([put({ rodHeightMm: own ? plan!.rodHeightMm : null })]),
    /** A finished length typed on the drawing moves the rod; landing and take-down stay. */
    setLength: (mm: number, nowMm: number = plan!.finishedLengthMm): Answer => {
      const rod = plan!.rodHeightMm + (mm - nowMm);
      if (rod > file.room.ceilingMm) return refuse('above-ceiling', rod, file.room.ceilingMm);
      return positive(mm, () => {
        change(rodChanges(rod));
        return TAKEN;
      });
    },
    setSpan: (mm: number): Answer => {
      const outer = opening!.widthMm + 2 * opening!.trimMm;
      if (mm < outer)
        return { took: false, message: t('spanRefused', { outer: formatLength(outer, file.room.unit) }) };
      change([put({ extensionLeftMm: (mm - outer) / 2, extensionRightMm: (mm - outer) / 2 })]);
      return TAKEN;
    },
    setExtension: (side: 'left' | 'right', mm: number): Answer => {
      if (mm < 0) return { took: false, message: t('reachRefused') };
      change([put(side === 'left' ? { extensionLeftMm: mm } : { extensionRightMm: mm })]);
      return TAKEN;
    },
    /** A panel that hangs as it is may need the rod moved: the whole line's, or this window's alone. */
    choose: (route: Route): void => change(chosen(route)),
    /** Panels of the stash, the way that they would hang here. */
    hang: ({ item, route }: Pick<StashWay, 'item' | 'route'>): void =>
      change([{ do: 'putItem', item }, ...chosen(route, { itemId: item.id })]),
  };
}

export type WindowActs = ReturnType<typeof useWindowActs>;
