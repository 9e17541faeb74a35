'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import { floorSize } from '../../core/room/walls';
import { StageLink } from '../shell/StageLink';
import { Toggle, ToggleGroup } from '../../ui/ToggleGroup';
import { useRoom } from '../shell/room/RoomContext';
import { useWallName } from '../shell/useWords';
import { SheetHead } from '../shell/Workspace';
import type { PlanMode } from './PlanView';
import { TEXT_LINK } from '../../ui/PageLink';

const MODES: readonly PlanMode[] = ['pieces', 'walls', 'standing', 'arrange'];

/** What is measured, how large it is, and how: on the plan or the wall, with the photo, tape or laser. */
export function MeasureHead({
  mode,
  onMode,
  photoShown,
  onPhoto,
  laser,
  onLaser,
}: {
  mode: PlanMode;
  onMode: (mode: PlanMode) => void;
  photoShown: boolean;
  onPhoto: () => void;
  laser: boolean;
  onLaser: (shown: boolean) => void;
}): ReactNode {
  const t = useTranslations();
  const { file, plan, look, wallId } = useRoom();
  const wallName = useWallName();
  const wall = plan.walls.find((w) => w.id === wallId);
  const { room } = file;
  const long = (mm: number) => formatLength(mm, room.unit === 'in' ? 'ft-in' : room.unit);
  const size = floorSize(plan.walls);
  return (
    <SheetHead
      views={false}
      title={wall ? wallName(wall) : t('wall.plan')}
      detail={
        wall
          ? t('wall.size', { length: long(wall.lengthMm), ceiling: long(room.ceilingMm) })
          : t('wall.planSize', {
              length: long(size.acrossMm),
              depth: long(size.downMm),
            })
      }
    >
      {!wall ? (
        <ToggleGroup
          label={t('measure.planShows')}
          value={mode}
          options={MODES.map((m) => ({ value: m, label: t(`measure.modes.${m}`) }))}
          onChange={onMode}
        />
      ) : (
        <Toggle pressed={photoShown} onChange={onPhoto}>
          {t('measure.photo.title')}
        </Toggle>
      )}
      <StageLink
        href={`/rooms/${file.room.id}/measure/tape?look=${look.id}`}
        className={`${TEXT_LINK} font-medium`}
      >
        {t('measure.tape.title')}
      </StageLink>
      <Toggle variant="names" pressed={laser} onChange={onLaser}>
        {t('measure.laser.title')}
      </Toggle>
    </SheetHead>
  );
}
