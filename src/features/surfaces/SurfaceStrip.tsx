'use client';
import { useTranslations } from 'next-intl';
import { useMemo, useState, type ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import { inches } from '../../core/base/units';
import { TABLE_LINEN } from '../../core/model/values/item';
import { extentAt, isOwnLie, liesAt } from '../../core/room/lies';
import { TAKES } from '../../core/room/spots/parts';
import { addressOf, type Spot } from '../../core/room/spots/spot';
import { Select } from '../../ui/Select';
import { ToggleGroup } from '../../ui/ToggleGroup';
import { PlacingStrip } from '../shell/placing/PlacingStrip';
import { usePlacing } from '../shell/placing/usePlacing';
import { useSpotName } from '../shell/placing/useSpotName';
import { useRoom } from '../shell/room/RoomContext';
import { countsOf, usesOf } from '../shell/placing/uses';
import { isOfShop, useShop, type StripRow } from '../shell/placing/useShop';
import { useStash } from '../shell/useStash';
import type { DropTarget } from './SurfaceDrawing';
import type { SurfaceState } from './useSurface';
import { isHungFrom } from '../../core/room/spots/parts';

const SOURCES = ['all', 'here', 'elsewhere', 'stored', 'shop'] as const;
type Source = (typeof SOURCES)[number];

/** Where a thing is: in this room, in another, put away, or in a shop. */
const sourceOf = (row: StripRow, roomId: string): Source => {
  if (isOfShop(row)) return 'shop';
  if (row.roomId === roomId) return 'here';
  return row.roomId !== null || row.elsewhere !== null ? 'elsewhere' : 'stored';
};
type Order = {
  kinds: readonly string[];
  used: ReadonlyMap<string, number>;
  /** What comes before everything else, wherever it is: on a table that people sit at, what it is laid with. */
  ahead: readonly string[];
};
const NOTHING: readonly string[] = [];
/** What all of it is in use, here or in other rooms, comes last; then by where it is, then by what usually goes there. */
const rank = (row: StripRow, roomId: string, { kinds, used, ahead }: Order): number =>
  (isOfShop(row) || row.count > (used.get(row.id) ?? 0) + (row.elsewhere?.count ?? 0) ? 0 : 2000) +
  (ahead.includes(row.kind) ? 0 : 500) +
  SOURCES.indexOf(sourceOf(row, roomId)) * 100 +
  kinds.indexOf(row.kind);

/** A wish begins as a third of the surface, and no taller than most things on one. */
const WISH_SHARE = 1 / 3;
const WISH_HEIGHT = inches(16);

type Props = { state: SurfaceState; onDrop: DropTarget['drop'] };

/** What of the stash can go on the surface, or in what is on it: in this room first, what fits before what does not. */
export function SurfaceStrip({ state, onDrop }: Props): ReactNode {
  const t = useTranslations('surfaces');
  const { file, look } = useRoom();
  const placing = usePlacing();
  const spotName = useSpotName();
  const [source, setSource] = useState<Source>('all');
  const { surface, target, targets, setTarget } = state;
  const kinds: readonly string[] = TAKES[target.kind];
  const owned = useStash(kinds.join(','));
  const shop = useShop(kinds.join(','));
  const found = useMemo((): StripRow[] => [...owned, ...shop], [owned, shop]);
  const room = file.room.id;
  const isMealTable = target === surface.spot && (surface.table?.chairs ?? 0) > 0;
  const ahead = isMealTable ? TABLE_LINEN : NOTHING;
  const used = usesOf(look.placements);
  const order = useMemo(() => ({ kinds, ahead, used: countsOf(used) }), [kinds, ahead, used]);
  const whyNot = useWhyNot(state);
  const rows = useMemo(
    () =>
      found
        .filter((row) => row.state !== 'gone' && (source === 'all' || sourceOf(row, room) === source))
        .sort(
          (a, b) =>
            Number(whyNot(a) !== null) - Number(whyNot(b) !== null) ||
            rank(a, room, order) - rank(b, room, order),
        ),
    [found, source, room, order, whyNot],
  );
  const countOf = (s: Source) => found.filter((row) => s === 'all' || sourceOf(row, room) === s).length;
  return (
    <PlacingStrip
      rows={rows}
      noteOf={whyNot}
      wish={{
        kinds: TAKES[target.kind],
        mostWidthMm: target.widthMm * WISH_SHARE,
        mostHeightMm: Math.min(WISH_HEIGHT, freeOver(target, surface.spot.zMm + surface.tallestMm)),
      }}
      onDrop={(item, clientX, clientY) => onDrop(item, { clientX, clientY })}
      onPut={(item) => placing.putOn(item, target, null)}
    >
      <div className="mb-1.5 flex flex-wrap items-center gap-x-4 gap-y-1">
        <ToggleGroup
          label={t('whereFrom')}
          variant="underline"
          value={source}
          options={SOURCES.map((s) => ({ value: s, label: t(`source.${s}`, { count: countOf(s) }) }))}
          onChange={setSource}
        />
        {targets.length > 1 && (
          <Select
            label={t('putOn')}
            hideLabel
            value={addressOf(target)}
            options={targets.map((spot) => ({
              value: addressOf(spot),
              label: spot === surface.spot ? t('onIt') : spotName(spot),
            }))}
            onChange={setTarget}
            className="w-[190px]"
          />
        )}
      </div>
    </PlacingStrip>
  );
}

/** Why a thing does not fit on what it would be put on; null where it does. */
function useWhyNot({ surface, target }: SurfaceState): (row: StripRow) => string | null {
  const t = useTranslations('surfaces');
  const { file, rules } = useRoom();
  const { unit } = file.room;
  const freeMm = freeOver(target, surface.spot.zMm + surface.tallestMm);
  return useMemo(
    () => (row) => {
      const lie = liesAt(row.kind, target)[0] ?? 'standing';
      if (!isOwnLie(lie)) return null;
      const { widthMm, depthMm, heightMm } = extentAt(row, { lie, count: 1 }, target, rules);
      const over = (mm: number) => formatLength(mm, unit);
      if (heightMm - freeMm > 1) return t('tooTall', { by: over(heightMm - freeMm) });
      if (widthMm - target.widthMm > 1) return t('tooWide', { by: over(widthMm - target.widthMm) });
      if (!isHungFrom(target.kind) && depthMm - target.depthMm > 1)
        return t('tooDeep', { by: over(depthMm - target.depthMm) });
      return null;
    },
    [freeMm, target, rules, unit, t],
  );
}

/** Free height over a spot: up to its own board, and to what holds down the surface that carries it. */
const freeOver = (target: Spot, limitMm: number): number =>
  Math.min(target.clearMm ?? Infinity, limitMm - target.zMm);
