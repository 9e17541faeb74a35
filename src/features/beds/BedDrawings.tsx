'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode, RefObject } from 'react';
import { formatLength, plainUnit } from '../../core/base/length';
import type { BedPiece } from '../../core/room/made';
import type { BedPlan } from '../../core/stages/beds/bedPlan';
import { Dimension } from '../../ui/drawing/Dimension';
import type { Scale } from '../../ui/drawing/scale';
import { PickedPillow } from '../shell/drawing/PickedPillow';
import { DRAWING, WallDrawing } from '../shell/drawing/WallDrawing';
import { usePlacedProps } from '../shell/placing/usePlacedProps';
import { useRoom } from '../shell/room/RoomContext';
import { footView, sideView } from './bedView';

/** Room that the drawing of a wall keeps left and right of what it shows. */
const EDGES = 16;
const HEIGHT = 330;

type Props = {
  piece: BedPiece;
  plan: BedPlan;
  boxRef: RefObject<HTMLDivElement | null>;
  drawnRef: RefObject<{ scale: Scale; left: number } | null>;
};

/** A bed from its foot and from its side, at one scale. */
export function BedDrawings({ piece, plan: bed, boxRef, drawnRef }: Props): ReactNode {
  const t = useTranslations('beds');
  const { file, plan, pick } = useRoom();
  const propsOf = usePlacedProps();
  const { ceilingMm } = file.room;
  const [foot, side] = [footView(piece, plan, ceilingMm), sideView(piece, plan, ceilingMm)];
  const perMm = (DRAWING.width - 2 * EDGES) / (foot.region.widthMm + side.region.widthMm);
  const widthOf = ({ region }: typeof foot) => region.widthMm * perMm + EDGES;
  const names = new Map(
    [...bed.pillows.map((p) => [p.placementId, p.name] as const)].concat(
      [...bed.throws, ...bed.covers].map((p) => [p.placementId, p.item.name] as const),
    ),
  );
  const propsFor = (about: string, scale: Scale) => {
    const name = names.get(about);
    return name === undefined ? undefined : propsOf(about, name, scale);
  };
  return (
    <div
      className="grid sm:[grid-template-columns:var(--views)]"
      style={columns(widthOf(foot), widthOf(side))}
    >
      <div ref={boxRef}>
        <WallDrawing
          elevation={foot.elevation}
          region={foot.region}
          width={widthOf(foot)}
          height={HEIGHT}
          title={t('fromFoot', { bed: piece.name })}
          onBackground={() => pick(piece.id)}
          shapeProps={(s, scale) => propsFor(s.about, scale)}
        >
          {(scale) => {
            drawnRef.current = { scale, left: foot.xMm };
            return <FootLayer piece={piece} plan={bed} left={foot.xMm} scale={scale} />;
          }}
        </WallDrawing>
      </div>
      <WallDrawing
        elevation={side.elevation}
        region={side.region}
        width={widthOf(side)}
        height={HEIGHT}
        title={t('fromSide', { bed: piece.name })}
        onBackground={() => pick(piece.id)}
      >
        {(scale) => <SideLayer piece={piece} plan={bed} scale={scale} />}
      </WallDrawing>
    </div>
  );
}

const columns = (left: number, right: number) =>
  ({ '--views': `minmax(0, ${left}fr) minmax(0, ${right}fr)` }) as React.CSSProperties;

type LayerProps = { piece: BedPiece; plan: BedPlan; scale: Scale };

/** The cover that lies on top of the others. */
const topCover = ({ covers }: BedPlan) => covers.filter(({ item }) => SEEN.has(item.bedding)).at(-1);
const SEEN: ReadonlySet<string | null> = new Set(['spread', 'duvetCover', null]);

/** The width of the mattress under it, the drop of the upper cover beside it, and the outline of what is picked. */
function FootLayer({ piece, plan, left, scale }: LayerProps & { left: number }): ReactNode {
  const t = useTranslations('beds');
  const { file, picked } = useRoom();
  const unit = plainUnit(file.room.unit);
  const y = scale.y(0) + 14;
  const chosen = plan.pillows.find((p) => p.placementId === picked);
  const cover = topCover(plan);
  const x = scale.x(left) - 12;
  return (
    <g>
      {chosen && <PickedPillow pillow={chosen} leftMm={left} topMm={plan.bed.topMm} scale={scale} />}
      <Dimension
        x1={scale.x(left)}
        x2={scale.x(left + piece.widthMm)}
        y1={y}
        y2={y}
        valueMm={piece.widthMm}
        unit={unit}
        name={t('width')}
        text={formatLength(piece.widthMm, unit)}
      />
      {cover && cover.sideMm > 0 && (
        <Dimension
          x1={x}
          x2={x}
          y1={scale.y(plan.bed.topMm)}
          y2={scale.y(Math.max(0, plan.bed.topMm - cover.sideMm))}
          valueMm={cover.sideMm}
          unit={unit}
          name={t('dropSide')}
        />
      )}
    </g>
  );
}

/** How much of the length the pillows take, and the drop at the foot. */
function SideLayer({ piece, plan, scale }: LayerProps): ReactNode {
  const t = useTranslations('beds');
  const unit = plainUnit(useRoom().file.room.unit);
  const y = scale.y(0) + 14;
  const usedMm = plan.depthUsedMm;
  const cover = topCover(plan);
  const x = scale.x(piece.depthMm) + 14;
  const spans = usedMm > 0 ? [0, usedMm, piece.depthMm] : [0, piece.depthMm];
  return (
    <g>
      {spans.slice(1).map((to, i) => {
        const from = spans[i] ?? 0;
        return (
          <Dimension
            key={from}
            x1={scale.x(from)}
            x2={scale.x(to)}
            y1={y}
            y2={y}
            valueMm={to - from}
            unit={unit}
            name={t(i === 0 && usedMm > 0 ? 'pillowsTake' : 'lengthLeft')}
          />
        );
      })}
      {cover && cover.footMm > 0 && !plan.bed.isFootClosed && (
        <Dimension
          x1={x}
          x2={x}
          y1={scale.y(plan.bed.topMm)}
          y2={scale.y(Math.max(0, plan.bed.topMm - cover.footMm))}
          valueMm={cover.footMm}
          unit={unit}
          name={t('dropFoot')}
        />
      )}
    </g>
  );
}
