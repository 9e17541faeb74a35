'use client';
import { nanoid } from 'nanoid';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { Change } from '../../core/model/change';
import type { Item } from '../../core/model/types';
import { isReplaced } from '../../core/plan/beds/replaced';
import type { PlannedWay } from '../../core/plan/beds/threeWays';
import type { BedPiece } from '../../core/room/made';
import { asSentence, listWords } from '../../messages/findingWords';
import { Button } from '../../ui/Button';
import { fitScale } from '../../ui/drawing/scale';
import { ShapeView } from '../shell/drawing/ShapeView';
import { useRoom } from '../shell/room/RoomContext';
import { usePaint } from '../shell/usePaint';
import type { StashRow } from '../shell/useStash';
import { useWays } from './useWays';

const CARD = { width: 204, height: 132 };
/** Kept free beside a small drawing and over it. */
const AROUND_MM = 120;
const LONGEST_NAME = 80;

/** Three ways to make one bed from the stash, side by side: each is tried on the look, or kept as a look of its own. */
export function ThreeWays({
  piece,
  stash,
}: {
  piece: BedPiece;
  stash: readonly StashRow[] | null;
}): ReactNode {
  const t = useTranslations('ways');
  const { ways, isRunning, again } = useWays(piece.id, stash);
  if (piece.kind === 'cot') return null;
  return (
    <section className="px-4 pb-4" aria-label={t('title')}>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1.5">
        <h2 className="text-[18px]">{t('title')}</h2>
        <Button small disabled={isRunning || stash === null} onClick={again}>
          {t('again')}
        </Button>
      </div>
      <p role="status" className="text-[14px] text-soft">
        {isRunning ? t('searching') : ''}
        {!isRunning && ways?.length === 0 ? t('none') : ''}
      </p>
      {ways && ways.length > 0 && (
        <ul className="mt-1.5 grid grid-cols-1 gap-x-4 gap-y-4 sm:grid-cols-3">
          {ways.map((way) => (
            <li key={way.way} className="text-[13px] leading-snug">
              <WayCard way={way} piece={piece} stash={stash ?? []} highMm={highestOf(ways, piece)} />
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

type CardProps = {
  way: PlannedWay;
  piece: BedPiece;
  stash: readonly StashRow[];
  /** How high the drawing reaches: all have one scale. */
  highMm: number;
};

/** The top of what rises highest over a bed, in any of its ways. */
const highestOf = (ways: readonly PlannedWay[], piece: BedPiece): number =>
  Math.max(
    piece.heightMm,
    piece.bed.mattressMm + AROUND_MM,
    ...ways.flatMap((way) => way.shapes.map(({ box }) => box.yMm + box.heightMm)),
  );

/** One way: its drawing, what it is made of, what it lacks, how warm it is and what comes off at night. */
function WayCard({ way, piece, stash, highMm }: CardProps): ReactNode {
  const t = useTranslations('ways');
  const apply = useWay(piece, stash);
  const names = listWords(new Set(namesOf(way, stash)));
  const { tog, unknown } = way.bed.warmth;
  return (
    <>
      <WayDrawing way={way} piece={piece} highMm={highMm} />
      <h3 className="mt-1 font-sans text-[14px] font-semibold">{t(`names.${way.way}`)}</h3>
      <p>{asSentence(names)}</p>
      <p className="text-soft">
        {t('facts', { count: way.bed.toLiftOff, tog, known: unknown.length === 0 && tog > 0 ? 'yes' : 'no' })}
      </p>
      {way.lacks.length > 0 && (
        <p className="text-soft">{t('lacks', { slots: listWords(way.lacks.map((s) => t(`slots.${s}`))) })}</p>
      )}
      <div className="mt-1 flex flex-wrap gap-1.5">
        <Button small onClick={() => apply.here(way)}>
          {t('here')}
        </Button>
        <Button small onClick={() => apply.asLook(way)}>
          {t('asLook')}
        </Button>
      </div>
    </>
  );
}

const namesOf = ({ put }: PlannedWay, stash: readonly StashRow[]): string[] =>
  put.flatMap((p) => stash.find((row) => row.id === p.itemId)?.name ?? []);

/** The bed from its foot, small and to scale, on the colour of the wall behind it. */
function WayDrawing({ way, piece, highMm }: Pick<CardProps, 'way' | 'piece' | 'highMm'>): ReactNode {
  const t = useTranslations('ways');
  const { arranged } = useRoom();
  const paint = usePaint();
  const scale = fitScale(
    { xMm: -AROUND_MM, yMm: 0, widthMm: piece.widthMm + 2 * AROUND_MM, heightMm: highMm + AROUND_MM },
    CARD,
    4,
  );
  const [wall] = arranged.room.wallFinish.colours;
  return (
    <svg
      viewBox={`0 0 ${CARD.width} ${CARD.height}`}
      className="block w-full"
      role="img"
      aria-label={t('drawing', { way: t(`names.${way.way}`), bed: piece.name })}
    >
      <rect width={CARD.width} height={CARD.height} fill={wall ? paint(wall) : 'none'} />
      {way.shapes.map((s) => (
        <ShapeView
          key={s.key}
          shape={{ ...s, key: `${way.way}-${s.key}` }}
          scale={scale}
          paint={paint}
          lampLit={false}
        />
      ))}
    </svg>
  );
}

/** Makes the bed up in one of the ways: in this look, or in a copy of it. */
function useWay(piece: BedPiece, stash: readonly StashRow[]) {
  const t = useTranslations('ways');
  const { file, look, change, setLook } = useRoom();
  const makes = (way: PlannedWay, lookId: string): Change[] => {
    const items = [...new Set(way.put.map((p) => p.itemId))].flatMap((id) => {
      const row = stash.find((r) => r.id === id);
      return row ? [itemOfRow(row)] : [];
    });
    const known = new Map([...file.items, ...stash].map((i) => [i.id, i]));
    const old = look.placements.filter((p) => isReplaced(p, piece.id, known.get(p.itemId)));
    return [
      ...items.map((item): Change => ({ do: 'putItem', item })),
      ...old.map((p): Change => ({ do: 'removePlacement', lookId, id: p.id })),
      ...way.put.map((p): Change => ({
        do: 'putPlacement',
        lookId,
        placement: { ...p, id: nanoid(8) },
      })),
    ];
  };
  return {
    here: (way: PlannedWay) => change(makes(way, look.id)),
    asLook: (way: PlannedWay) => {
      const id = nanoid(8);
      const name = t('lookName', { look: look.name, way: t(`names.${way.way}`) }).slice(0, LONGEST_NAME);
      change([{ do: 'copyLook', from: look.id, id, name }, ...makes(way, id)]);
      setLook(id);
    },
  };
}

function itemOfRow(row: StashRow): Item {
  const { elsewhere: _elsewhere, ...item } = row;
  return item;
}
