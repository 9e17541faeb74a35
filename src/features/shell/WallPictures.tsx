'use client';
import { elementAt } from '../../core/base/list';
import { useTranslations } from 'next-intl';
import { memo, useEffect, useRef, type ReactNode } from 'react';
import type { Wall } from '../../core/room/walls';
import type { Elevation } from '../../core/room/shape';
import { fitScale } from '../../ui/drawing/scale';
import { ScrollArea } from '../../ui/ScrollArea';
import { ToggleGroup } from '../../ui/ToggleGroup';
import { useInBrowser } from '../../ui/useInBrowser';
import { AboveEdge } from './drawing/AboveEdge';
import { ShapeView } from './drawing/ShapeView';
import { useRoom, useRoomAtRest } from './room/RoomContext';
import type { Paint } from './paint';
import { usePaint } from './usePaint';
import { useWallName } from './useWords';

/** Size of a small picture in the strip. */
export const THUMB = { width: 126, height: 60 };

/** Every wall, small, to change between; a page with a plan gives its small picture (`PlanThumb`) too. */
export function WallPictures({
  plan: planPicture,
  onPick,
}: {
  plan?: ReactNode;
  onPick?: () => void;
}): ReactNode {
  const t = useTranslations();
  const { wallId, setWall, kelvin, pick } = useRoom();
  // while something is dragged, the large drawing alone follows
  const { plan } = useRoomAtRest();
  const paint = usePaint();
  // small pictures to change between: drawn when the page stands, so that it stands sooner
  const inBrowser = useInBrowser();
  const wallName = useWallName();
  const sideName = (w: Wall) => (w.number ? `${t(`sides.${w.side}`)} ${w.number}` : t(`sides.${w.side}`));
  const strip = useRef<HTMLDivElement>(null);
  // of more walls than fit, the one that is shown is among those that are seen
  useEffect(() => {
    const shown = strip.current?.querySelector('[data-state=on]')?.getBoundingClientRect();
    const bounds = strip.current?.getBoundingClientRect();
    if (shown && bounds)
      strip.current!.scrollLeft +=
        Math.min(0, shown.left - bounds.left - 4) + Math.max(0, shown.right - bounds.right + 4);
  }, [wallId]);
  const go = (id: string) => {
    pick(null);
    setWall(id);
    onPick?.();
  };
  const walls = plan.walls.map((w, i) => ({
    value: w.id,
    label: wallName(w),
    picture: (
      <Thumb isShown={w.id === wallId} name={w.ownName || sideName(w)}>
        {inBrowser && (
          <Small elevation={elementAt(plan.elevations, i)} paint={paint} lampLit={kelvin < 4000} />
        )}
      </Thumb>
    ),
  }));
  const plans = planPicture && {
    value: 'plan',
    label: t('wall.plan'),
    picture: (
      <Thumb isShown={wallId === 'plan'} name={t('wall.plan')}>
        {inBrowser && planPicture}
      </Thumb>
    ),
  };
  return (
    <div className="no-print border-t border-line px-4 pb-3 pt-2">
      <ScrollArea viewportRef={strip}>
        <ToggleGroup
          label={t('wall.walls')}
          variant="pictures"
          value={wallId}
          options={plans ? [...walls, plans] : walls}
          onChange={go}
        />
      </ScrollArea>
    </div>
  );
}

function Thumb({
  isShown,
  name,
  children,
}: {
  isShown: boolean;
  name: string;
  children: ReactNode;
}): ReactNode {
  return (
    <>
      <svg
        viewBox={`0 0 ${THUMB.width} ${THUMB.height}`}
        width={THUMB.width}
        height={THUMB.height}
        aria-hidden="true"
        className={`block bg-well ${isShown ? 'outline-2 outline-ink outline-solid' : ''}`}
      >
        {children}
      </svg>
      <span className="line-clamp-2 max-w-[126px] pt-1" title={name}>
        {name}
      </span>
    </>
  );
}

/** A wall in small; redrawn only when something of that wall changed. */
const Small = memo(function Small({
  elevation: e,
  paint,
  lampLit,
}: {
  elevation: Elevation;
  paint: Paint;
  lampLit: boolean;
}): ReactNode {
  const scale = fitScale({ widthMm: e.lengthMm, heightMm: e.ceilingMm }, THUMB, 2);
  return (
    <>
      {e.shapes.map((s) => (
        <ShapeView key={s.key} shape={s} scale={scale} paint={paint} lampLit={lampLit} plain />
      ))}
      <AboveEdge elevation={e} scale={scale} fill="#eaeaea" line={false} />
    </>
  );
});
