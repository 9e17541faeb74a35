'use client';
import { useTranslations } from 'next-intl';
import { memo, useState, type ReactNode } from 'react';
import { formatBareSize } from '../../../core/base/length';
import type { LengthUnit } from '../../../core/base/units';
import type { Item } from '../../../core/model/types';
import { ClothChip } from '../ClothChip';
import { useRoom } from '../room/RoomContext';
import type { Paint } from '../paint';
import { StashUnread } from '../StashUnread';
import { usePaint } from '../usePaint';
import { ThingPicture } from './ThingPicture';
import { WishForm, type WishPlace } from './WishForm';
import { useFreeWords } from '../useFreeWords';
import { countsOf, usesOf } from './uses';
import { CLOTH_KINDS } from '../../../core/model/values/item';
import { useMoneyAtRest } from '../useMoney';
import { isOfShop, type ShopRow, type StripRow } from './useShop';
import type { StashRow } from '../useStash';
import { LazyDialog } from '../../../ui/LazyDialog';
import { ScrollArea } from '../../../ui/ScrollArea';
import { Toolbar, ToolbarButton } from '../../../ui/Toolbar';
import { useStableCallback } from '../../../ui/useStableCallback';
import { useDrag } from '../../../ui/useDrag';

/** What is chosen by its cloth is shown as cloth, anything else in its own shape. */
const CLOTH: ReadonlySet<string> = new Set([...CLOTH_KINDS, 'art']);
const StripPicture = (props: { item: StashRow; paint: Paint; width: number; height: number }): ReactNode =>
  CLOTH.has(props.item.kind) ? <ClothChip {...props} /> : <ThingPicture {...props} />;

type Acts = {
  onDrop: (item: Item, clientX: number, clientY: number) => void;
  onPut: (item: Item) => void;
};

type Props = Acts & {
  rows: readonly StripRow[];
  /** What is said of a thing on this spot, such as that it does not fit; the same function while that stays so. */
  noteOf: (row: StashRow) => string | null;
  /** What may be wished for there, where nothing in the stash will do. */
  wish: WishPlace;
  children?: ReactNode;
};

/** Things of the stash, to be dragged onto a spot or put on it by a press. */
export function PlacingStrip({ rows, noteOf, wish, onDrop, onPut, children }: Props): ReactNode {
  const { look, file } = useRoom();
  const t = useTranslations('wish');
  const words = useTranslations('placing');
  const close = useTranslations('shell')('close');
  const [isWishing, setWishing] = useState(false);
  return (
    <>
      <section className="px-4 pb-2">
        <p className="mb-1 flex flex-wrap gap-x-3 text-[13px]">
          <b className="font-narrow font-semibold text-soft">{words('stash')}</b>
          <span className="text-soft">{words('drag')}</span>
          <button
            type="button"
            className="ml-auto underline underline-offset-4"
            onClick={() => setWishing(true)}
          >
            {words('wish')}
          </button>
        </p>
        <StashUnread />
        {children}
        <Strip
          rows={rows}
          used={usesOf([...look.placements, ...look.brought.map((row) => ({ ...row, count: 1 }))])}
          unit={file.room.unit}
          paint={usePaint()}
          noteOf={noteOf}
          onDrop={useStableCallback(onDrop)}
          onPut={useStableCallback(onPut)}
        />
      </section>
      <LazyDialog open={isWishing} onClose={() => setWishing(false)} title={t('title')} closeLabel={close}>
        <WishForm
          place={wish}
          onWish={(item) => {
            setWishing(false);
            onPut(item);
          }}
        />
      </LazyDialog>
    </>
  );
}

/** The thing itself, without what the strip says of it. */
function itemOf(row: StripRow): Item {
  const { elsewhere: _elsewhere, ...rest } = row;
  if (!isOfShop(row)) return rest;
  const { shop: _shop, ...item } = rest as Omit<ShopRow, 'elsewhere'>;
  return item;
}

/** The row of things; it stays as it is while something is dragged on the drawing. */
const Strip = memo(function Strip({
  rows,
  used,
  unit,
  paint,
  noteOf,
  onDrop,
  onPut,
}: Omit<Props, 'wish' | 'children'> & {
  /** Ids of what is placed in this look, with how many of each. */
  used: string;
  unit: LengthUnit;
  paint: Paint;
}): ReactNode {
  const t = useTranslations('placing');
  const free = useFreeWords();
  const money = useMoneyAtRest();
  const [held, setHeld] = useState<{ item: StripRow; x: number; y: number } | null>(null);
  const bind = useDrag(
    ({ args, xy: [x, y], last, tap, event }) => {
      const row = args[0] as StripRow;
      if (tap) {
        setHeld(null);
        return;
      }
      event.preventDefault();
      setHeld(last ? null : { item: row, x, y });
      if (last) {
        onDrop(itemOf(row), x, y);
      }
    },
    { filterTaps: true, pointer: { capture: true } },
  );
  const counts = countsOf(used);
  const shopWords = ({ price, shop: { source, leadDays } }: ShopRow): string =>
    t('fromShop', { price: money(price), source, days: leadDays });
  return (
    <>
      <ScrollArea bars={['horizontal']}>
        <Toolbar label={t('stash')}>
          <ul className="flex gap-2 pb-3">
            {rows.map((row) => {
              const note = noteOf(row);
              const item = itemOf(row);
              const where = isOfShop(row) ? shopWords(row) : free(row, counts.get(item.id) ?? 0);
              return (
                <li key={item.id} className="shrink-0">
                  <ToolbarButton>
                    <button
                      type="button"
                      {...bind(row)}
                      // the second press of a double one puts nothing more on
                      onClick={(e) => e.detail < 2 && onPut(item)}
                      aria-label={`${t('add')} ${item.name}`}
                      className="w-[92px] touch-pan-x select-none text-left text-[13px] leading-tight"
                      style={{ cursor: 'grab' }}
                    >
                      <StripPicture
                        item={row}
                        paint={paint}
                        width={92}
                        height={CLOTH.has(row.kind) ? 36 : 48}
                      />
                      <span className="mt-1 line-clamp-2 font-medium" title={item.name}>
                        {item.name}
                      </span>
                      <span className="block text-soft">
                        {formatBareSize(item.widthMm, item.heightMm, unit)}
                      </span>
                      {note && <span className="block font-medium">{note}</span>}
                      <span className={`text-soft ${isOfShop(row) ? 'block' : 'line-clamp-2'}`} title={where}>
                        {where}
                      </span>
                    </button>
                  </ToolbarButton>
                </li>
              );
            })}
          </ul>
        </Toolbar>
      </ScrollArea>
      {held && (
        <div
          className="pointer-events-none fixed z-50 opacity-90"
          style={{ left: held.x - 40, top: held.y - 36 }}
        >
          <StripPicture item={held.item} paint={paint} width={80} height={72} />
        </div>
      )}
    </>
  );
});
