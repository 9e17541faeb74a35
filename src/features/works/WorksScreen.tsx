'use client';
import { findOne } from '../../core/base/list';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import { useMemo, useState, type ReactNode } from 'react';
import type { Elevation } from '../../core/room/shape';
import { worksToDo } from '../../core/room/works';
import { waking } from '../../ui/Awake';
import { ToggleGroup } from '../../ui/ToggleGroup';
import { WallDrawing } from '../shell/drawing/WallDrawing';
import { useRoom } from '../shell/room/RoomContext';
import { useWallName } from '../shell/useWords';
import { WallStrip } from '../shell/WallStrip';
import { SheetHead, Workspace } from '../shell/Workspace';

const WorkSheet = dynamic(() => import('./WorkSheet').then((m) => waking(m.WorkSheet)));

/** Works: what is painted, papered, wrapped, cut down or re-covered for a look; a wall before and after. */
export function WorksScreen(): ReactNode {
  const t = useTranslations('works');
  const { look, plan, wallId, pick } = useRoom();
  const wallName = useWallName();
  const [shown, setShown] = useState<'after' | 'before'>('after');
  const shownWall = plan.walls.some((w) => w.id === wallId) ? wallId : (plan.walls[0]?.id ?? '');
  const wall = findOne(plan.walls, (w) => w.id === shownWall);
  const after = findOne(plan.elevations, (e) => e.wallId === shownWall);
  const before = useBefore(shownWall, shown === 'before');
  return (
    <Workspace foot={<WallStrip />} worksheet={<WorkSheet />}>
      <SheetHead title={wallName(wall)} detail={t('count', { count: worksToDo(look).length })}>
        <ToggleGroup
          label={t('shown')}
          value={shown}
          options={(['before', 'after'] as const).map((value) => ({ value, label: t(value) }))}
          onChange={setShown}
        />
      </SheetHead>
      <WallDrawing
        elevation={before ?? after}
        title={t('drawing', { wall: wallName(wall), shown: t(shown) })}
        onBackground={() => pick(null)}
      />
    </Workspace>
  );
}

/** A wall as it is while nothing was done yet; planned only while it is looked at. */
function useBefore(wallId: string, isShown: boolean): Elevation | null {
  const { file, look, planOf } = useRoom();
  return useMemo(() => {
    if (!isShown) return null;
    const looks = file.looks.map((l) => (l.id === look.id ? { ...l, works: [] } : l));
    return planOf({ ...file, looks }, look.id)?.elevations.find((e) => e.wallId === wallId) ?? null;
  }, [isShown, file, look.id, planOf, wallId]);
}
