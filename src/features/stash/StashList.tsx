'use client';
import { elementAt } from '../../core/base/list';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useTranslations } from 'next-intl';
import { useEffect, useRef, useState, type ReactNode, type RefObject } from 'react';
import { formatSize } from '../../core/base/length';
import type { Prepared } from '../../core/stash/entry';
import { returnOf } from '../../core/stash/returns';
import { ScrollArea } from '../../ui/ScrollArea';
import { Words } from '../../ui/Words';
import { useStashRoom } from './StashContext';
import { ClothSquare } from './Swatches';

const ROW = 52;
const CARD = { width: 150, height: 172 };

/** Marks that a thing carries: on order, tags on, not seen in person. */
export function useMarks(): (e: Prepared) => string[] {
  const t = useTranslations('stash');
  const { head, rules } = useStashRoom();
  return (e) => {
    const back = returnOf(e, head.today, rules.list('stash.returnWarn'));
    return [
      ...(e.state === 'owned' ? [] : [t(`mark.${e.state}`)]),
      ...(back.state === 'over' ? [t('mark.over')] : []),
      ...(back.state !== 'over' && back.state !== 'none' ? [t('mark.back', { days: back.days })] : []),
      ...(!e.seen ? [t('mark.unseen')] : []),
      ...(e.colourFrom === 'photo' ? [t('mark.uncorrected')] : []),
    ];
  };
}

/** Goes to the thing that was opened elsewhere: by its address, from another tab. */
function useFollow(entries: readonly Prepared[], openId: string | null, go: (i: number) => void) {
  const follow = useRef(go);
  useEffect(() => {
    follow.current = go;
  });
  useEffect(() => {
    const i = openId === null ? -1 : entries.findIndex((e) => e.id === openId);
    if (i >= 0) follow.current(i);
    // a list that is filtered stays where it is
    // eslint-disable-next-line react-hooks/exhaustive-deps -- only when another thing is opened
  }, [openId, entries.length === 0]);
}

/** Arrow keys over a list of so many across; Home, End, Page; Enter opens. */
function useKeyboard(
  count: number,
  columns: number,
  page: number,
  open: (i: number) => void,
  show: (i: number) => void,
) {
  const [current, setAt] = useState(0);
  const here = Math.min(current, Math.max(0, count - 1));
  const onKeyDown = (e: React.KeyboardEvent) => {
    const sideStep = columns > 1 ? 1 : 0;
    const places: Record<string, number> = {
      ArrowDown: here + columns,
      ArrowUp: here - columns,
      ArrowRight: here + sideStep,
      ArrowLeft: here - sideStep,
      Home: 0,
      End: count - 1,
      PageDown: here + page * columns,
      PageUp: here - page * columns,
    };
    const target = places[e.key] ?? null;
    if (e.key === 'Enter' || e.key === ' ') {
      e.preventDefault();
      open(here);
      return;
    }
    if (target === null) return;
    e.preventDefault();
    const next = Math.max(0, Math.min(count - 1, target));
    setAt(next);
    show(next);
  };
  return { here, setAt, onKeyDown };
}

/** What the things are listed in: it scrolls, has the keys' focus and tells a reader which thing they are at. */
function ThingBox({
  box,
  here,
  onKeyDown,
  heightPx,
  className,
  children,
}: {
  box: RefObject<HTMLDivElement | null>;
  here: Prepared | undefined;
  onKeyDown: (e: React.KeyboardEvent) => void;
  heightPx: number;
  className: string;
  children: ReactNode;
}): ReactNode {
  const t = useTranslations('stash');
  return (
    <ScrollArea
      bars={['vertical']}
      viewportRef={box}
      viewport={{
        role: 'listbox',
        'data-page-keys': '',
        tabIndex: 0,
        'aria-label': t('title'),
        'aria-activedescendant': here && `thing-${here.id}`,
        onKeyDown,
      }}
      className={`h-[calc(100dvh-112px)] min-h-[300px] outline-offset-[-3px] ${className}`}
    >
      <div style={{ height: heightPx, position: 'relative' }}>{children}</div>
    </ScrollArea>
  );
}

export function StashList({ entries }: { entries: readonly Prepared[] }): ReactNode {
  const t = useTranslations('stash');
  const { open, openId, unit, head } = useStashRoom();
  const box = useRef<HTMLDivElement>(null);
  const marks = useMarks();
  // eslint-disable-next-line react-hooks/incompatible-library -- the virtual list measures for itself
  const rows = useVirtualizer({
    count: entries.length,
    getScrollElement: () => box.current,
    estimateSize: () => ROW,
    overscan: 12,
  });
  const keys = useKeyboard(
    entries.length,
    1,
    10,
    (i) => open(elementAt(entries, i).id),
    (i) => rows.scrollToIndex(i),
  );
  useFollow(entries, openId, (i) => {
    keys.setAt(i);
    rows.scrollToIndex(i, { align: 'start' });
  });
  const place = (id: string | null) => head.places.find((p) => p.id === id)?.name;
  return (
    <ThingBox
      box={box}
      here={entries[keys.here]}
      onKeyDown={keys.onKeyDown}
      heightPx={rows.getTotalSize()}
      className="pr-2"
    >
      {rows.getVirtualItems().map((v) => {
        const e = elementAt(entries, v.index);
        const said = marks(e);
        return (
          <div
            key={e.id}
            id={`thing-${e.id}`}
            role="option"
            aria-selected={openId === e.id}
            aria-posinset={v.index + 1}
            aria-setsize={entries.length}
            onClick={() => {
              keys.setAt(v.index);
              open(e.id);
            }}
            className={`absolute inset-x-0 flex cursor-pointer items-center gap-3 border-b border-line px-4 hover:bg-well outline-offset-[-2px] ${outlineOf(openId === e.id, keys.here === v.index)}`}
            style={{ top: v.start, height: ROW }}
          >
            {e.photoId ? (
              <img
                src={`/api/photos/${e.photoId}?size=small`}
                alt=""
                className="h-[34px] w-[34px] shrink-0 border border-black/20 object-cover"
              />
            ) : (
              <ClothSquare colours={e.colours} pattern={e.pattern} />
            )}
            <span className="min-w-0 flex-1 leading-tight">
              <span className="block truncate text-[15px] font-medium">{e.name}</span>
              <span className="block truncate text-[13px] text-soft">
                <Words>
                  {[
                    t(`kinds.${e.kind}`),
                    formatSize(e.widthMm, e.heightMm, unit),
                    place(e.placeId) ?? e.whereabouts,
                  ]
                    .filter(Boolean)
                    .join(', ')}
                </Words>
              </span>
            </span>
            <span className="hidden shrink-0 text-right text-[13px] leading-tight sm:block">
              <span className="block">
                {t('free', { free: Math.max(0, e.count - e.used.any), count: e.count })}
              </span>
              {said.length > 0 && <span className="block text-soft">{said.join(', ')}</span>}
            </span>
          </div>
        );
      })}
    </ThingBox>
  );
}

export function StashGallery({ entries }: { entries: readonly Prepared[] }): ReactNode {
  const t = useTranslations('stash');
  const { open, openId, unit } = useStashRoom();
  const box = useRef<HTMLDivElement>(null);
  const [columns, setAcross] = useState(3);
  useEffect(() => {
    const seen = new ResizeObserver(([entry]) =>
      setAcross(Math.max(1, Math.floor((entry!.contentRect.width - 16) / CARD.width))),
    );
    if (box.current) seen.observe(box.current);
    return () => seen.disconnect();
  }, []);
  const lines = Math.ceil(entries.length / columns);
  // eslint-disable-next-line react-hooks/incompatible-library -- the virtual list measures for itself
  const rows = useVirtualizer({
    count: lines,
    getScrollElement: () => box.current,
    estimateSize: () => CARD.height,
    overscan: 3,
  });
  const keys = useKeyboard(
    entries.length,
    columns,
    3,
    (i) => open(elementAt(entries, i).id),
    (i) => rows.scrollToIndex(Math.floor(i / columns)),
  );
  useFollow(entries, openId, (i) => {
    keys.setAt(i);
    rows.scrollToIndex(Math.floor(i / columns));
  });
  return (
    <ThingBox
      box={box}
      here={entries[keys.here]}
      onKeyDown={keys.onKeyDown}
      heightPx={rows.getTotalSize()}
      className="px-2"
    >
      {rows.getVirtualItems().map((v) => (
        <div
          key={v.index}
          className="absolute inset-x-0 grid gap-2"
          style={{
            top: v.start,
            height: CARD.height,
            gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))`,
          }}
        >
          {entries.slice(v.index * columns, (v.index + 1) * columns).map((e, i) => (
            <div
              key={e.id}
              id={`thing-${e.id}`}
              role="option"
              aria-selected={openId === e.id}
              aria-posinset={v.index * columns + i + 1}
              aria-setsize={entries.length}
              onClick={() => {
                keys.setAt(v.index * columns + i);
                open(e.id);
              }}
              className={`cursor-pointer p-1.5 hover:bg-well ${outlineOf(openId === e.id, keys.here === v.index * columns + i)}`}
            >
              <div className="flex h-[112px] items-center justify-center bg-well">
                {e.photoId ? (
                  <img
                    src={`/api/photos/${e.photoId}?size=small`}
                    alt=""
                    loading="lazy"
                    className="max-h-[112px] max-w-full object-contain"
                  />
                ) : (
                  <ClothSquare colours={e.colours} pattern={e.pattern} size={96} />
                )}
              </div>
              <p className="truncate pt-1 text-[14px] font-medium">{e.name}</p>
              <p className="truncate text-[12.5px] text-soft">
                <Words>
                  {[
                    formatSize(e.widthMm, e.heightMm, unit),
                    t('free', { free: Math.max(0, e.count - e.used.any), count: e.count }),
                  ].join(', ')}
                </Words>
              </p>
            </div>
          ))}
        </div>
      ))}
    </ThingBox>
  );
}

/** The thing that is open has a black outline, the one that the keys are at a grey one. */
function outlineOf(open: boolean, here: boolean): string {
  if (open) return 'outline-2 outline-ink outline-solid';
  return here ? 'outline-1 outline-line outline-solid' : '';
}
