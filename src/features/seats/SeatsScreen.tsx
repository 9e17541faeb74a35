'use client';
import { findOne } from '../../core/base/list';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import { StageLink } from '../shell/StageLink';
import { useCallback, useMemo, useRef, type ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import { inches, sum } from '../../core/base/units';
import type { Item, Piece, Seat } from '../../core/model/types';
import { chooseInsert } from '../../core/textiles/insert';
import type { RuleBook } from '../../core/rules/book';
import type { SeatPlan } from '../../core/stages/seats/planSeat';
import { Dimension } from '../../ui/drawing/Dimension';
import type { Scale } from '../../ui/drawing/scale';
import { waking } from '../../ui/Awake';
import { PickedPillow } from '../shell/drawing/PickedPillow';
import { pieceView } from '../shell/drawing/pieceView';
import { WallDrawing } from '../shell/drawing/WallDrawing';
import { isBed } from '../../core/room/kinds';
import { hasBack } from '../../core/stages/seats/back';
import { PieceChoice } from '../shell/PieceChoice';
import { useRoom } from '../shell/room/RoomContext';
import { placeOnDrawing } from '../shell/placing/placeOnDrawing';
import { usePlacedProps } from '../shell/placing/usePlacedProps';
import { usePlacing } from '../shell/placing/usePlacing';
import { useShop, type StripRow } from '../shell/placing/useShop';
import { useStash, useStashWhenThere, type StashRow } from '../shell/useStash';
import { SheetHead, SheetTitle, Workspace, Numeral } from '../shell/Workspace';
import { SeatSheet } from './SeatSheet';

const PlacingStrip = dynamic(() =>
  import('../shell/placing/PlacingStrip').then((m) => waking(m.PlacingStrip)),
);
const SeatComposer = dynamic(() => import('./SeatComposer').then((m) => waking(m.SeatComposer)));
const HEIGHT = 234;
const NONE: readonly StashRow[] = [];
const FILLS = ['feather', 'polyester', 'foam'] as const;
const hasInsert = (cover: Item, rules: RuleBook): boolean =>
  FILLS.some((fill) => chooseInsert(cover, fill, rules).insert !== null);

const SEAT_WISH = { kinds: ['cover', 'throw'], mostWidthMm: inches(24), mostHeightMm: inches(24) } as const;

/** Seats: pillows from the stash at true scale, front hiding back. */
export function SeatsScreen(): ReactNode {
  const t = useTranslations();
  const { file, arranged, look, plan, rules, picked, pick } = useRoom();
  const coversThere = useStashWhenThere('cover');
  const covers = coversThere ?? NONE;
  const throws = useStash('throw');
  const shop = useShop('cover,throw');
  const unit = file.room.unit;
  const rows = useMemo(() => [...covers, ...shop], [covers, shop]);
  const seats = useMemo(
    () => arranged.pieces.filter((p): p is Piece & { seat: Seat } => p.seat !== null && !isBed(p)),
    [arranged.pieces],
  );
  const piece =
    seats.find(
      (p) => p.id === picked || look.placements.some((x) => x.id === picked && x.spot.of === p.id),
    ) ?? seats[0];
  const placing = usePlacing();
  const propsOf = usePlacedProps();
  const drawn = useRef<{ scale: Scale; left: number } | null>(null);
  const box = useRef<HTMLDivElement>(null);
  const noInsert = useCallback(
    (row: StripRow) => (row.kind !== 'cover' || hasInsert(row, rules) ? null : t('seats.noInsertFits')),
    [rules, t],
  );
  if (!piece) return <NoSeats />;
  const { xMm, widthMm, elevation } = pieceView(piece, plan);
  const seatPlan = findOne(plan.seats, (s) => s.pieceId === piece.id);
  const sitsAt = xMm + (widthMm - piece.seat.widthMm) / 2;
  const margin = inches(14);
  const region = {
    xMm: xMm - margin,
    yMm: 0,
    widthMm: widthMm + 2 * margin,
    heightMm: Math.min(file.room.ceilingMm, Math.max(piece.heightMm + inches(14), inches(52))),
  };
  const spot = findOne(plan.spots, (sp) => sp.of === piece.id);
  const drop = (item: Item, clientX: number, clientY: number) => {
    const at = drawn.current && placeOnDrawing(box.current, drawn.current.scale, { clientX, clientY });
    if (at && drawn.current) placing.putOn(item, spot, at.xMm - drawn.current.left);
  };
  return (
    <Workspace
      worksheet={
        <>
          <PieceChoice label={t('seats.seatsHere')} pieces={seats} shownId={piece.id} />
          <SeatSheet plan={seatPlan} />
        </>
      }
    >
      <SheetHead
        title={piece.name}
        detail={t(hasBack(piece) ? 'seats.facts' : 'seats.factsNoBack', {
          width: formatLength(piece.seat.widthMm, unit),
          back: formatLength(piece.heightMm, unit),
          depth: formatLength(piece.seat.depthMm, unit),
        })}
      />
      <div ref={box}>
        <WallDrawing
          elevation={elevation}
          region={region}
          height={HEIGHT}
          title={piece.name}
          onBackground={() => pick(piece.id)}
          shapeProps={(s, scale) => {
            const pillow = seatPlan.pillows.find((p) => p.placementId === s.about);
            if (pillow) return propsOf(pillow.placementId, pillow.name, scale);
            const laid = seatPlan.throws.find((p) => p.placementId === s.about);
            return laid && propsOf(laid.placementId, laid.item.name, scale);
          }}
        >
          {(scale) => {
            drawn.current = { scale, left: sitsAt };
            return <SeatLayer piece={piece} plan={seatPlan} sitsAt={sitsAt} scale={scale} />;
          }}
        </WallDrawing>
      </div>
      <SeatAnswers plan={seatPlan} />
      <PlacingStrip
        rows={rows}
        noteOf={noInsert}
        wish={SEAT_WISH}
        onDrop={drop}
        onPut={(item) => placing.putOn(item, spot, null)}
      />
      <SeatComposer
        piece={piece}
        seats={seats}
        stash={{ isThere: coversThere !== null, covers, throws, shop }}
      />
    </Workspace>
  );
}

function NoSeats(): ReactNode {
  const t = useTranslations();
  const { file, look } = useRoom();
  return (
    <Workspace
      worksheet={
        <>
          <SheetTitle>{t('stages.seats')}</SheetTitle>
          <p>{t('seats.none')}</p>
          <p className="mt-3">
            <StageLink
              className="underline underline-offset-4"
              href={`/rooms/${file.room.id}/measure?look=${look.id}&wall=plan`}
            >
              {t('stageNeeds.a-seat')}
            </StageLink>
          </p>
        </>
      }
    >
      <SheetHead title={t('stages.seats')} detail="" views={false} />
    </Workspace>
  );
}

/** Who can still sit there, and what has to be bought. */
function SeatAnswers({ plan: seatPlan }: { plan: SeatPlan }): ReactNode {
  const t = useTranslations();
  const { file, plan } = useRoom();
  const { unit } = file.room;
  const buy = sum(plan.sheet.inserts.map((i) => i.buy));
  return (
    <div className="grid grid-cols-2 gap-x-5 gap-y-2 px-4 pb-3 pt-1 sm:grid-cols-4">
      <Numeral label={t('seats.canSit')} rule="seats.perSitter">
        {t('seats.of', { n: seatPlan.canSit, m: seatPlan.seats })}
      </Numeral>
      <Numeral label={t('seats.depthLeft')} rule="seats.depthLeft">
        {formatLength(seatPlan.depthLeftMm, unit)}
      </Numeral>
      <Numeral label={t('seats.lift')}>{String(seatPlan.toLiftOff)}</Numeral>
      <Numeral label={t('seats.buy')} rule={seatPlan.rulesUsed.insert}>
        {buy === 0 ? t('seats.buyNone') : String(buy)}
      </Numeral>
    </div>
  );
}

/** The picked pillow's outline, and how wide the free seat is. */
function SeatLayer({
  piece,
  plan: seatPlan,
  sitsAt,
  scale,
}: {
  piece: Piece & { seat: Seat };
  plan: SeatPlan;
  sitsAt: number;
  scale: Scale;
}): ReactNode {
  const t = useTranslations();
  const { file, picked } = useRoom();
  const { unit } = file.room;
  const y = scale.y(0) + 14;
  const chosen = seatPlan.pillows.find((p) => p.placementId === picked);
  return (
    <g>
      {chosen && <PickedPillow pillow={chosen} leftMm={sitsAt} topMm={piece.seat.heightMm} scale={scale} />}
      {seatPlan.free
        .filter((f) => f.toMm - f.fromMm > 100)
        .map((f) => (
          <Dimension
            key={f.fromMm}
            x1={scale.x(sitsAt + f.fromMm)}
            x2={scale.x(sitsAt + f.toMm)}
            y1={y}
            y2={y}
            valueMm={f.toMm - f.fromMm}
            unit={unit}
            name={t('seats.free', { width: '' })}
            text={t('seats.free', { width: formatLength(f.toMm - f.fromMm, unit) })}
          />
        ))}
    </g>
  );
}
