'use client';
import { useTranslations } from 'next-intl';
import { useImperativeHandle, useRef, type ReactNode, type Ref, type SVGProps } from 'react';
import { inches, type Mm } from '../../core/base/units';
import type { Item } from '../../core/model/types';
import { within } from '../../core/room/spots/putOn';
import { addressOf } from '../../core/room/spots/spot';
import type { SurfaceThing } from '../../core/stages/surfaces/planSurface';
import { Dimension } from '../../ui/drawing/Dimension';
import type { Scale } from '../../ui/drawing/scale';
import { TAKEN } from '../../ui/Field';
import { WallDrawing } from '../shell/drawing/WallDrawing';
import { placeOnDrawing } from '../shell/placing/placeOnDrawing';
import { usePlacedProps } from '../shell/placing/usePlacedProps';
import { usePlacing } from '../shell/placing/usePlacing';
import { useSpotName } from '../shell/placing/useSpotName';
import { useRoom } from '../shell/room/RoomContext';
import { surfaceView, type SurfaceView } from './surfaceView';
import type { SurfaceState } from './useSurface';

const HEIGHT = 380;

/** What can be dropped on: a thing that is let go somewhere on the screen. */
export type DropTarget = { drop: (item: Item, point: { clientX: number; clientY: number }) => void };

/** The surface from its front: what stands on it is dragged and nudged, its place is typed over. */
export function SurfaceDrawing({ state, ref }: { state: SurfaceState; ref: Ref<DropTarget> }): ReactNode {
  const { arranged, plan, pick } = useRoom();
  const spotName = useSpotName();
  const placing = usePlacing();
  const propsOf = usePlacedProps();
  const box = useRef<HTMLDivElement>(null);
  const drawn = useRef<Scale | null>(null);
  const { surface, target } = state;
  const view = surfaceView(surface, arranged, plan);
  useImperativeHandle(ref, () => ({
    drop: (item, point) => {
      const at = drawn.current && placeOnDrawing(box.current, drawn.current, point);
      // in what carries others there is no telling places apart: it goes where there is room
      if (at) placing.putOn(item, target, target === surface.spot ? at.xMm - view.leftMm : null);
    },
  }));
  return (
    <div ref={box}>
      <WallDrawing
        elevation={view.elevation}
        region={view.region}
        height={HEIGHT}
        title={spotName(surface.spot)}
        isFaint={(s) => s.about !== 'wall' && !view.own.has(s.about)}
        onBackground={() => pick(addressOf(surface.spot))}
        shapeProps={(s, scale) => {
          const isOf = (t: { placementId: string }) => t.placementId === s.about;
          const thing = surface.things.find(isOf);
          // what has the focus is picked, and a picked thing has its frame
          if (thing) return withoutRing(propsOf(thing.placementId, thing.name, scale));
          const linen = surface.table?.laid.find(isOf);
          return linen && propsOf(linen.placementId, linen.name, scale);
        }}
      >
        {(scale) => {
          drawn.current = scale;
          return <SurfaceLines state={state} view={view} scale={scale} />;
        }}
      </WallDrawing>
    </div>
  );
}

const withoutRing = (props: SVGProps<SVGGElement>): SVGProps<SVGGElement> => ({
  ...props,
  style: { ...props.style, outline: 'none' },
});

type Lines = { state: SurfaceState; view: SurfaceView; scale: Scale };

/** How high things may be, and where the picked one stands. */
function SurfaceLines({ state, view, scale }: Lines): ReactNode {
  const t = useTranslations('surfaces');
  const { file, picked } = useRoom();
  const { unit } = file.room;
  const { surface } = state;
  const { spot, tallestMm, freeMm } = surface;
  const thing = surface.things.find((x) => x.placementId === picked);
  const [left, right] = [scale.x(view.leftMm), scale.x(view.leftMm + spot.widthMm)];
  const topMm = spot.zMm + tallestMm;
  const isShown = topMm < view.region.yMm + view.region.heightMm;
  const at = right + 16;
  return (
    <g>
      {isShown && (
        <>
          <path
            d={`M${left} ${scale.y(topMm)}H${right}`}
            stroke="#141414"
            strokeWidth="0.9"
            strokeDasharray="2 3"
            pointerEvents="none"
          />
          <Dimension
            x1={at}
            x2={at}
            y1={scale.y(spot.zMm)}
            y2={scale.y(spot.zMm + freeMm)}
            valueMm={freeMm}
            unit={unit}
            name={t('free')}
          />
        </>
      )}
      {thing && <PickedThing thing={thing} state={state} view={view} scale={scale} />}
    </g>
  );
}

/** Outline of what is picked, and how far its middle is from the left end. */
function PickedThing({ thing, state, view, scale }: Lines & { thing: SurfaceThing }): ReactNode {
  const t = useTranslations('surfaces');
  const { file, look } = useRoom();
  const placing = usePlacing();
  const { spot } = state.surface;
  const x = scale.x(view.leftMm + thing.fromMm);
  const width = (thing.toMm - thing.fromMm) * scale.perMm;
  const y = scale.y(spot.zMm) + 16;
  const middleMm: Mm = (thing.fromMm + thing.toMm) / 2;
  const placement = look.placements.find((p) => p.id === thing.placementId);
  const isOnIt = thing.thing.carriers.length === 0;
  return (
    <g>
      <rect
        x={x - 3}
        y={scale.y(thing.topMm) - 3}
        width={width + 6}
        height={(thing.topMm - thing.zMm) * scale.perMm + 6}
        fill="none"
        stroke="#141414"
        strokeWidth="2"
        pointerEvents="none"
      />
      {placement && isOnIt && middleMm > inches(1) && (
        <Dimension
          x1={scale.x(view.leftMm)}
          x2={scale.x(view.leftMm + middleMm)}
          y1={y}
          y2={y}
          valueMm={placement.xMm}
          unit={file.room.unit}
          name={t('fromLeft', { name: thing.name })}
          onCommit={(xMm) => {
            placing.set(placement, { xMm: within(thing.thing.spot, xMm) });
            return TAKEN;
          }}
        />
      )}
    </g>
  );
}
