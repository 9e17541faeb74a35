'use client';
import { findOne } from '../../core/base/list';
import { ToggleGroup } from '../../ui/ToggleGroup';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import { PageLink } from '../../ui/PageLink';
import { useRef, type ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import { inches, sum } from '../../core/base/units';
import type { Item, Piece, Placement, Seat } from '../../core/model/types';
import type { SeatPlan } from '../../core/stages/seats/planSeat';
import { Dimension } from '../../ui/drawing/Dimension';
import type { Scale } from '../../ui/drawing/scale';
import { waking } from '../../ui/Awake';
import { WallDrawing } from '../shell/drawing/WallDrawing';
import { nudgeOf, useDrawingDrag } from '../shell/drawing/useDrag';
import { placeOnWall } from '../../core/room/place';
import { isBed } from '../../core/room/kinds';
import { useRoom } from '../shell/room/RoomContext';
import { useStash } from '../shell/useStash';
import { SheetHead, SheetTitle, Workspace, Numeral } from '../shell/Workspace';
import { SeatSheet } from './SeatSheet';
import { seatView } from './seatView';
import { useSeatActs } from './useSeatActs';

const StashStrip = dynamic(() => import('./StashStrip').then((m) => waking(m.StashStrip)));
const OtherWays = dynamic(() => import('./OtherWays').then((m) => waking(m.OtherWays)));
const HEIGHT = 234;

/** Seats: pillows from the stash at true scale, front hiding back. */
export function SeatsScreen(): ReactNode {
  const t = useTranslations();
  const { file, look, plan, picked, pick, preview, change, setWall } = useRoom();
  const covers = useStash('cover');
  const throws = useStash('throw');
  const unit = file.room.unit;
  const seats = file.pieces.filter((p): p is Piece & { seat: Seat } => p.seat !== null && !isBed(p));
  const piece =
    seats.find(
      (p) => p.id === picked || look.placements.some((x) => x.id === picked && x.pieceId === p.id),
    ) ?? seats[0];
  const acts = useSeatActs(piece);
  const drawn = useRef<{ scale: Scale; left: number } | null>(null);
  const box = useRef<HTMLDivElement>(null);
  const begun = useRef<Placement | null>(null);
  const drag = useDrawingDrag(unit, {
    start: (id) => {
      begun.current = look.placements.find((p) => p.id === id) ?? null;
      pick(id);
    },
    move: (_id, dx) => {
      if (begun.current && dx !== 0) preview([acts.moveChange(begun.current, dx)]);
    },
    end: (_id, dx, _dy, moved) => {
      preview(null);
      if (moved && begun.current && dx !== 0) change([acts.moveChange(begun.current, dx)]);
    },
  });
  if (!piece) return <NoSeats />;
  const { xMm, widthMm, elevation } = seatView(piece, plan, look);
  const seatPlan = findOne(plan.seats, (s) => s.pieceId === piece.id);
  const sitsAt = xMm + (widthMm - piece.seat.widthMm) / 2;
  const margin = inches(14);
  const region = {
    xMm: xMm - margin,
    yMm: 0,
    widthMm: widthMm + 2 * margin,
    heightMm: Math.min(file.room.ceilingMm, Math.max(piece.heightMm + inches(14), inches(52))),
  };
  const drop = (item: Item, clientX: number, clientY: number) => {
    const svg = box.current?.querySelector('svg');
    if (!svg || !drawn.current) return;
    const r = svg.getBoundingClientRect();
    if (clientX < r.left || clientX > r.right || clientY < r.top || clientY > r.bottom) return;
    const x = (clientX - r.left) * (svg.viewBox.baseVal.width / r.width);
    acts.putOn(item, drawn.current.scale.toMm(x - drawn.current.scale.x(drawn.current.left)));
  };
  return (
    <Workspace
      worksheet={
        <>
          {seats.length > 1 && (
            <ToggleGroup
              label={t('seats.seatsHere')}
              variant="names"
              value={piece.id}
              options={seats.map((p) => ({ value: p.id, label: p.name }))}
              onChange={(id) => {
                pick(id);
                setWall(
                  placeOnWall(
                    findOne(seats, (p) => p.id === id),
                    plan.walls,
                  ).wallId,
                );
              }}
              className="mb-3"
            />
          )}
          <SeatSheet plan={seatPlan} />
        </>
      }
    >
      <SheetHead
        title={piece.name}
        detail={t('seats.facts', {
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
            if (!pillow) return undefined;
            return {
              ...(drag(pillow.placementId, scale) as React.SVGProps<SVGGElement>),
              role: 'button',
              tabIndex: 0,
              'aria-label': pillow.name,
              'aria-pressed': picked === pillow.placementId,
              style: { cursor: 'grab', touchAction: 'none' },
              onFocus: () => {
                if (picked !== pillow.placementId) pick(pillow.placementId);
              },
              onKeyDown: (e: React.KeyboardEvent) => {
                const p = findOne(look.placements, (x) => x.id === pillow.placementId);
                const nudge = nudgeOf(e, unit);
                if (nudge && nudge.dxMm !== 0) {
                  e.preventDefault();
                  change([acts.moveChange(p, nudge.dxMm)]);
                } else if (e.key === 'PageUp' || e.key === 'PageDown') {
                  e.preventDefault();
                  acts.set(p, { layer: Math.min(20, Math.max(0, p.layer + (e.key === 'PageUp' ? 1 : -1))) });
                } else if (e.key === 'Delete' || e.key === 'Backspace') {
                  e.preventDefault();
                  acts.takeOff(p);
                }
              },
            };
          }}
        >
          {(scale) => {
            drawn.current = { scale, left: sitsAt };
            return <SeatLayer piece={piece} plan={seatPlan} sitsAt={sitsAt} scale={scale} />;
          }}
        </WallDrawing>
      </div>
      <SeatAnswers plan={seatPlan} />
      <StashStrip covers={covers} onDrop={drop} onPut={(item) => acts.putOn(item, null)} />
      <OtherWays piece={piece} covers={covers} throws={throws} />
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
            <PageLink
              className="underline underline-offset-4"
              href={`/rooms/${file.room.id}/measure?look=${look.id}&wall=plan`}
            >
              {t('stageNeeds.a-seat')}
            </PageLink>
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
      {chosen && (
        <rect
          x={scale.x(sitsAt + chosen.xMm - chosen.useWidthMm / 2) - 3}
          y={scale.y(piece.seat.heightMm + chosen.useHeightMm) - 3}
          width={chosen.useWidthMm * scale.perMm + 6}
          height={chosen.useHeightMm * scale.perMm + 6}
          fill="none"
          stroke="#141414"
          strokeWidth="2"
          pointerEvents="none"
        />
      )}
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
