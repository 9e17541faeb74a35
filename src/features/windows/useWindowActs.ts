'use client';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import { formatLength } from '../../core/base/length';
import type { Change } from '../../core/model/change';
import { DRESSING, SHEER } from '../../core/model/defaults';
import type { Dressing, Heading, Item, Mount, Opening, RodMake } from '../../core/model/types';
import { headOfLook } from '../../core/model/nouns';
import type { WindowPlan } from '../../core/stages/windows/windowPlan';
import type { Route } from '../../core/stages/windows/routes';
import { TAKEN, type Answer } from '../../ui/Field';
import { useRoom } from '../shell/room/RoomContext';
import { useMeasureWords } from '../shell/useWords';

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
  const { file, look, change, rules } = useRoom();
  const t = useTranslations('windows');
  const words = useMeasureWords(file.room.unit);
  const head = headOfLook(look);
  const put = (patch: Partial<Dressing>): Change => ({
    do: 'putDressing',
    lookId: look.id,
    dressing: { ...dressing!, ...patch },
  });
  const onLine =
    rules.school('windows.rodLine') === 'shared' &&
    plan?.rodFrom !== 'own' &&
    plan?.rodFrom !== 'mount' &&
    !plan?.shower &&
    dressing?.mount === 'wall';
  const rodChanges = (rodHeightMm: number): Change[] =>
    onLine ? [{ do: 'putLook', look: { ...head, rodLineMm: rodHeightMm } }] : [put({ rodHeightMm })];
  const refuse = (cameMm: number, expectedMm: number, code: 'above-ceiling' | 'not-positive'): Answer => ({
    took: false,
    message: words({
      code: code as 'above-ceiling',
      level: 'refuse',
      path: [],
      about: '',
      field: '',
      cameMm,
      expectedMm,
    }),
  });

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
      if (dressing) change([{ do: 'removeDressing', lookId: look.id, id: dressing.id }]);
    },
    set: (patch: Partial<Dressing>): void => change([put(patch)]),
    setCloth: (item: Item | null): void =>
      change([
        ...(item ? [{ do: 'putItem' as const, item }] : []),
        put({ itemId: item?.id ?? null, route: null }),
      ]),
    setSheerCloth: (item: Item | null): void =>
      change([
        ...(item ? [{ do: 'putItem' as const, item }] : []),
        put({ sheer: { ...(dressing!.sheer ?? SHEER), itemId: item?.id ?? null } }),
      ]),
    /** A wave runs on a track and nothing else does but pleats: the rod comes along. */
    setHeading: (heading: Heading): void => {
      const make = makeFor(heading, dressing!.rod.make);
      change([
        put({
          heading,
          route: null,
          rod: make === dressing!.rod.make ? dressing!.rod : { make, outerMm: null },
        }),
      ]);
    },
    /** A tension rod needs two sides to push against; a track takes pleats or waves. */
    setMake: (make: RodMake): void => {
      const heading = headingFor(make, dressing!.heading, plan?.shower ?? false);
      const mount: Mount =
        make === 'tension' && dressing!.mount !== 'cafe' && !plan?.shower ? 'inside' : dressing!.mount;
      change([
        put({
          rod: { make, outerMm: null },
          heading,
          mount,
          route: null,
          ...(mount !== dressing!.mount ? { rodHeightMm: null } : {}),
        }),
      ]);
    },
    setMount: (mount: Mount): void => {
      const within = mount === 'inside' || mount === 'cafe';
      // on a leaf the cloth is held at both ends, and stays before the glass
      if (mount === 'leaf') {
        change([
          put({
            mount,
            rod: { make: 'tube', outerMm: null },
            heading: 'rodPocket',
            rodHeightMm: null,
            route: null,
            sheer: null,
            joinsNext: false,
            drawn: 'closed',
          }),
        ]);
        return;
      }
      const make = makeWhere(within, dressing!.rod.make);
      const heading: Heading =
        make === 'tension' && dressing!.heading === 'ringClip' ? 'rodPocket' : dressing!.heading;
      change([
        put({
          mount,
          rod: { make, outerMm: null },
          heading,
          rodHeightMm: null,
          route: null,
          landing: within && dressing!.landing !== 'clear' ? 'kiss' : dressing!.landing,
        }),
      ]);
    },
    join: (which: Dressing, joinsNext: boolean): void =>
      change([{ do: 'putDressing', lookId: look.id, dressing: { ...which, joinsNext } }]),
    rodChanges,
    setRod: (mm: number): Answer => {
      if (mm > file.room.ceilingMm) return refuse(mm, file.room.ceilingMm, 'above-ceiling');
      if (mm <= 0) return refuse(mm, 1000, 'not-positive');
      change(rodChanges(mm));
      return TAKEN;
    },
    rodByRule: (): void =>
      change(onLine ? [{ do: 'putLook', look: { ...head, rodLineMm: null } }] : [put({ rodHeightMm: null })]),
    ownRod: (own: boolean): void => change([put({ rodHeightMm: own ? plan!.rodHeightMm : null })]),
    /** A finished length typed on the drawing moves the rod; landing and take-down stay. */
    setLength: (mm: number, nowMm: number = plan!.finishedLengthMm): Answer => {
      const rod = plan!.rodHeightMm + (mm - nowMm);
      if (mm <= 0) return refuse(mm, 1000, 'not-positive');
      if (rod > file.room.ceilingMm) return refuse(rod, file.room.ceilingMm, 'above-ceiling');
      change(rodChanges(rod));
      return TAKEN;
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
    choose: (route: Route): void =>
      change([
        put({ route: { kind: route.kind, stockMm: route.stockMm } }),
        ...(route.kind === 'asItIs' && Math.abs(route.rodMm - plan!.rodHeightMm) > 0.5
          ? rodChangesWith(route)
          : []),
      ]),
  };

  /**
   * The rod of a whole line moves with the chosen length; a window of its own moves alone, in the same
   * change.
   */
  function rodChangesWith(route: Route): Change[] {
    if (onLine) return rodChanges(route.rodMm);
    return [put({ route: { kind: route.kind, stockMm: route.stockMm }, rodHeightMm: route.rodMm })];
  }
}

/** A wave runs on a track, and only pleats do besides. */
function makeFor(heading: Heading, make: RodMake): RodMake {
  if (heading === 'wave') return 'track';
  return make === 'track' && heading !== 'pinchPleat' ? 'tube' : make;
}

/** The heading that goes with a rod: a wave on a track, pockets on a tension rod in a reveal. */
function headingFor(make: RodMake, heading: Heading, shower: boolean): Heading {
  if (make === 'track') return heading === 'pinchPleat' ? heading : 'wave';
  if (heading === 'wave') return 'ringClip';
  return make === 'tension' && heading === 'ringClip' && !shower ? 'rodPocket' : heading;
}

/** A tension rod belongs between two sides, and nowhere else. */
function makeWhere(within: boolean, make: RodMake): RodMake {
  if (within) return make === 'track' ? make : 'tension';
  return make === 'tension' ? 'tube' : make;
}
export type WindowActs = ReturnType<typeof useWindowActs>;
