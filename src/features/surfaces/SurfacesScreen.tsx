'use client';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import { useRef, type ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import { waking } from '../../ui/Awake';
import { useSpotName } from '../shell/placing/useSpotName';
import { useRoom } from '../shell/room/RoomContext';
import { StageLink } from '../shell/StageLink';
import { WallStrip } from '../shell/WallStrip';
import { SheetHead, SheetTitle, Workspace } from '../shell/Workspace';
import { SurfaceDrawing, type DropTarget } from './SurfaceDrawing';
import { useSurface, type SurfaceState } from './useSurface';
import { isHungFrom } from '../../core/room/spots/parts';

const SurfaceSheet = dynamic(() => import('./SurfaceSheet').then((m) => waking(m.SurfaceSheet)));
const SurfaceStrip = dynamic(() => import('./SurfaceStrip').then((m) => waking(m.SurfaceStrip)));

/** Surfaces: mantels, shelves, tables and sills from the front, at true scale, with everything on them. */
export function SurfacesScreen(): ReactNode {
  const state = useSurface();
  return state ? <Surface state={state} /> : <NoSurfaces />;
}

function Surface({ state }: { state: SurfaceState }): ReactNode {
  const t = useTranslations('surfaces');
  const { file } = useRoom();
  const spotName = useSpotName();
  const { unit } = file.room;
  const { spot, freeMm, under } = state.surface;
  const drawing = useRef<DropTarget>(null);
  return (
    <Workspace foot={<WallStrip />} worksheet={<SurfaceSheet state={state} />}>
      <SheetHead
        title={spotName(spot)}
        detail={t('size', {
          width: formatLength(spot.widthMm, unit),
          depth: formatLength(spot.depthMm, unit),
          free: formatLength(freeMm, unit),
          under: isHungFrom(spot.kind) ? 'hook' : underOf(under),
          name: under === null || under === 'board' ? '' : under.name,
        })}
      />
      <SurfaceDrawing state={state} ref={drawing} />
      <SurfaceStrip state={state} onDrop={(item, point) => drawing.current?.drop(item, point)} />
    </Workspace>
  );
}

/** What holds things down, for the words of it. */
const underOf = (under: SurfaceState['surface']['under']): string =>
  under === null || under === 'board' ? 'board' : under.kind;

function NoSurfaces(): ReactNode {
  const t = useTranslations();
  const { file, look } = useRoom();
  return (
    <Workspace
      worksheet={
        <>
          <SheetTitle>{t('stages.surfaces')}</SheetTitle>
          <p>{t('surfaces.none')}</p>
          <p className="mt-3">
            <StageLink
              className="underline underline-offset-4"
              href={`/rooms/${file.room.id}/measure?look=${look.id}&wall=plan`}
            >
              {t('stageNeeds.a-surface')}
            </StageLink>
          </p>
        </>
      }
    >
      <SheetHead title={t('stages.surfaces')} detail="" views={false} />
    </Workspace>
  );
}
