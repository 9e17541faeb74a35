'use client';
import { first } from '../../core/base/list';
import { useTranslations } from 'next-intl';
import { useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { formatBareSize } from '../../core/base/length';
import type { Piece, Seat } from '../../core/model/types';
import type { RuleBook } from '../../core/rules/book';
import { composeSeat, type Composition } from '../../core/stages/seats/compose';
import { insertUses } from '../../core/plan/seats/seatInserts';
import { isPropped, isThrown } from '../../core/room/lies';
import { takenSize } from '../../core/room/pillow';
import { Button } from '../../ui/Button';
import { Cloth } from '../../ui/drawing/cloth';
import { ScrollArea } from '../../ui/ScrollArea';
import type { Paint } from '../shell/paint';
import { useRoom } from '../shell/room/RoomContext';
import { usePaint } from '../shell/usePaint';
import type { StashRow } from '../shell/useStash';
import { useArrangement } from './useArrangement';

const SEED = 7;
/** Colours that a pillow may be tied to cover at least this much, mm². */
const LARGE_ENOUGH = 20_000;
const CARD = { width: 152, height: 62 };

/** Other arrangements of the same seat from what is free in the stash. */
export function OtherWays({
  piece,
  covers,
  throws,
}: {
  piece: Piece & { seat: Seat };
  covers: readonly StashRow[];
  throws: readonly StashRow[];
}): ReactNode {
  const t = useTranslations('seats');
  const { file, look, rules, plan } = useRoom();
  const paint = usePaint();
  const arrange = useArrangement(piece);
  const pieceRef = useRef(piece);
  useEffect(() => {
    pieceRef.current = piece;
  });
  const byId = useMemo(() => new Map([...covers, ...throws].map((c) => [c.id, c])), [covers, throws]);
  // looked for once a seat of a look is opened; a change of the pillows does not shuffle what is offered
  const [found, setFound] = useState<Composition[] | null>(null);
  const latest = useRef({ look, plan, file, rules });
  useEffect(() => {
    latest.current = { look, plan, file, rules };
  });
  useEffect(() => {
    if (covers.length === 0) return;
    const { look: l, plan: p, file: f, rules: r } = latest.current;
    const elsewhere = (id: string) =>
      l.placements.filter((x) => x.itemId === id && x.spot.of !== piece.id).length;
    const withFree = (row: StashRow) => ({
      ...row,
      free: row.count - elsewhere(row.id) - (row.elsewhere?.count ?? 0),
    });
    const roomColours = p.spread.families.flatMap((f) => f.shades.filter((s) => s.areaMm2 > LARGE_ENOUGH));
    setFound(
      composeSeat(
        {
          piece: pieceRef.current,
          covers: covers.map(withFree),
          throws: throws.map(withFree),
          inserts: f.items.filter((i) => i.kind === 'insert' && i.state !== 'gone'),
          insertsTaken: insertUses(p.seats.filter((s) => s.pieceId !== piece.id)),
          roomColours,
          flags: f.home.flags,
          purpose: l.brief.purpose,
          cushionsOut: l.cushionsOut,
        },
        r,
        SEED,
      ),
    );
  }, [covers, throws, look.id, piece.id]);
  // the small drawings stand still while a pillow is dragged
  const drawn = useMemo(
    () =>
      (found ?? []).map((c, n) => (
        <SmallSeat
          key={n}
          id={`o${n}`}
          placed={c.placed}
          piece={piece}
          byId={byId}
          paint={paint}
          rules={rules}
        />
      )),
    [found, piece, byId, paint, rules],
  );
  return (
    <section className="px-4 pb-2">
      <div className="flex items-baseline gap-3">
        <h2 className="text-[18px]">{t('other')}</h2>
      </div>
      {found && found.length === 0 && <p className="text-[14px]">{t('noOther')}</p>}
      {found && found.length > 0 && (
        <ScrollArea bars={['horizontal']}>
          <ul className="mt-1.5 flex gap-2 pb-3">
            {found.map((c, n) => {
              const pillows = c.placed.filter(isPropped);
              const names = [...new Set(pillows.map((p) => byId.get(p.itemId)!.name))].join(', ');
              const thrown = c.placed.find(isThrown);
              return (
                <li key={n} className="w-[152px] shrink-0 text-[13px] leading-tight">
                  {drawn[n]}
                  <span className="mt-1 line-clamp-2 font-medium" title={names}>
                    {names}
                  </span>
                  <span className="block text-soft">{t(c.school)}</span>
                  {thrown && (
                    <span className="block text-soft">
                      {t('withThrow', { name: byId.get(thrown.itemId)!.name })}
                    </span>
                  )}
                  {c.missing.map((m) => (
                    <span key={`${m.fill} ${m.widthMm} ${m.heightMm}`} className="block text-soft">
                      {t('missing', {
                        count: m.buy,
                        size: formatBareSize(m.widthMm, m.heightMm, file.room.unit),
                        fill: t(m.fill),
                      })}
                    </span>
                  ))}
                  <Button
                    small
                    className="mt-1"
                    onClick={() =>
                      arrange(
                        c.placed.map((p) => {
                          const { elsewhere: _e, ...item } = byId.get(p.itemId)!;
                          return { item, ...p };
                        }),
                      )
                    }
                  >
                    {t('try')}
                  </Button>
                </li>
              );
            })}
          </ul>
        </ScrollArea>
      )}
    </section>
  );
}

function SmallSeat({
  id,
  placed,
  piece,
  byId,
  paint,
  rules,
}: {
  id: string;
  placed: Composition['placed'];
  piece: Piece & { seat: Seat };
  byId: ReadonlyMap<string, StashRow>;
  paint: Paint;
  rules: RuleBook;
}): ReactNode {
  const perMm = (CARD.width - 16) / piece.seat.widthMm;
  return (
    <svg
      viewBox={`0 0 ${CARD.width} ${CARD.height}`}
      width={CARD.width}
      height={CARD.height}
      aria-hidden="true"
      className="block bg-well"
    >
      <rect x="4" y="30" width={CARD.width - 8} height="28" rx="4" fill={paint(first(piece.colours))} />
      {placed.map((p, i) => {
        if (isThrown(p)) return null;
        const item = byId.get(p.itemId)!;
        const use = takenSize(item, false, rules);
        const [w, h] = [use.widthMm * perMm, use.heightMm * perMm];
        const cloth = `${id}x${i}`;
        return (
          <g key={i}>
            <defs>
              <Cloth
                id={cloth}
                kind={item.pattern.kind}
                repeat={item.pattern.repeatMm * perMm}
                colours={item.colours.map((k) => ({ hex: paint(k), share: k.share }))}
              />
            </defs>
            <rect
              x={8 + p.xMm * perMm - w / 2}
              y={52 - h}
              width={w}
              height={h}
              rx="2"
              fill={`url(#${cloth})`}
              stroke="#0006"
              strokeWidth="0.7"
            />
          </g>
        );
      })}
    </svg>
  );
}
