'use client';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import { waking } from '../../ui/Awake';
import type { KeyboardEvent, ReactNode, SVGProps } from 'react';
import { formatLength } from '../../core/base/length';
import type { Shape } from '../../core/room/shape';
import { Button } from '../../ui/Button';
import type { Scale } from '../../ui/drawing/scale';
import { StageLink } from '../shell/StageLink';
import { ToggleGroup } from '../../ui/ToggleGroup';
import { nudgeOf } from '../shell/drawing/useDrag';
import { WallDrawing } from '../shell/drawing/WallDrawing';
import { useRoom } from '../shell/room/RoomContext';
import { useWallName } from '../shell/useWords';
import { WallStrip } from '../shell/WallStrip';
import { SheetHead, SheetTitle, Workspace } from '../shell/Workspace';
import { useRodDrag } from './useRodDrag';
import { useWindowActs } from './useWindowActs';
import { useWindowPicked, type WindowPicked } from './useWindowPicked';
import { WindowLayers } from './WindowLayers';

const WindowSheet = dynamic(() => import('./WindowSheet').then((m) => waking(m.WindowSheet)));

/** Windows: curtains drawn as they are computed, worked on at true scale. */
export function WindowsScreen(): ReactNode {
  const t = useTranslations();
  const { file } = useRoom();
  const wallName = useWallName();
  const picked = useWindowPicked();
  const { current, wall, round, elevation } = picked;
  const long = file.room.unit === 'in' ? 'ft-in' : file.room.unit;
  const title = round ? t('windows.unrolled', { count: round.offsets.size }) : wallName(wall);
  const head = (
    <SheetHead
      title={title}
      detail={t('wall.size', {
        length: formatLength(elevation.lengthMm, long),
        ceiling: formatLength(file.room.ceilingMm, long),
      })}
    />
  );
  if (!current)
    return (
      <Workspace foot={<WallStrip />} worksheet={<NoWindows wallId={wall.id} windows={picked.windows} />}>
        {head}
        <WallDrawing elevation={elevation} title={title} />
      </Workspace>
    );
  return (
    <Workspace foot={<WallStrip />} worksheet={<WindowWorksheet on={picked} current={current} />}>
      {head}
      <DressedWall picked={picked} title={title} />
    </Workspace>
  );
}

/** Goes to a window, on its wall. */
function useGoTo(windows: WindowPicked['windows']): (openingId: string) => void {
  const { setWall, pick } = useRoom();
  return (openingId) => {
    const opening = windows.find((o) => o.id === openingId);
    if (!opening) return;
    setWall(opening.wallId);
    pick(opening.id);
  };
}

/** A wall without windows: the way to add one, and to the windows on other walls. */
function NoWindows({ wallId, windows }: { wallId: string; windows: WindowPicked['windows'] }): ReactNode {
  const t = useTranslations();
  const { file, look } = useRoom();
  return (
    <>
      <WindowNames windows={windows} currentId={null} />
      <SheetTitle>{t('stages.windows')}</SheetTitle>
      <p>{t(windows.length > 0 ? 'windows.noneHere' : 'windows.none')}</p>
      <p className="mt-3">
        <StageLink
          className="underline underline-offset-4"
          href={`/rooms/${file.room.id}/measure?look=${look.id}&wall=${wallId}`}
        >
          {t('windows.goMeasure')}
        </StageLink>
      </p>
    </>
  );
}

/** All windows of the room by name, to go to. */
function WindowNames({
  windows,
  currentId,
}: {
  windows: WindowPicked['windows'];
  currentId: string | null;
}): ReactNode {
  const t = useTranslations('windows');
  const goTo = useGoTo(windows);
  // the one that is shown is known by its title
  if (windows.length === 0 || (windows.length === 1 && currentId !== null)) return null;
  return (
    <ToggleGroup
      label={t('windowsHere')}
      variant="names"
      value={currentId}
      options={windows.map((o) => ({ value: o.id, label: o.name }))}
      onChange={goTo}
      className="mb-3"
    />
  );
}

/** The window that is picked: its worksheet, or the way to dress it. */
function WindowWorksheet({
  on: { windows, isTub, dressing, windowPlan },
  current,
}: {
  on: WindowPicked;
  current: NonNullable<WindowPicked['current']>;
}): ReactNode {
  const t = useTranslations('windows');
  const { file } = useRoom();
  const acts = useWindowActs(current, dressing, windowPlan);
  const length = (mm: number) => formatLength(mm, file.room.unit);
  return (
    <>
      <WindowNames windows={windows} currentId={current.id} />
      {dressing && windowPlan ? (
        <WindowSheet key={dressing.id} opening={current} dressing={dressing} plan={windowPlan} />
      ) : (
        <>
          <SheetTitle
            detail={
              isTub
                ? t('tub')
                : t('facts', {
                    width: length(current.widthMm),
                    height: length(current.heightMm),
                    sill: length(current.sillMm),
                    top: length(current.sillMm + current.heightMm),
                  })
            }
          >
            {current.name}
          </SheetTitle>
          <Button variant="primary" onClick={acts.dress}>
            {t(isTub ? 'dressTub' : 'dress')}
          </Button>
        </>
      )}
    </>
  );
}

/** The wall with its curtains: a window is picked by a press, its rod is dragged or nudged. */
function DressedWall({ picked, title }: { picked: WindowPicked; title: string }): ReactNode {
  const t = useTranslations('windows');
  const { file, look, change } = useRoom();
  const { windows, current, dressing, windowPlan, elevation } = picked;
  const acts = useWindowActs(current, dressing, windowPlan);
  const goTo = useGoTo(windows);
  const { drag, stop } = useRodDrag(windowPlan, acts);
  const { unit, ceilingMm } = file.room;
  const openingOf = (about: string): string | undefined => {
    const openingId = look.dressings.find((d) => d.id === about)?.openingId;
    return openingId ?? windows.find((o) => o.id === about)?.id;
  };
  const onKey = (e: KeyboardEvent, openingId: string, isRod: boolean) => {
    if (e.key === 'Enter' || e.key === ' ') {
      e.preventDefault();
      goTo(openingId);
    }
    const step = isRod ? nudgeOf(e, unit) : undefined;
    if (!step || step.dyMm === 0 || !windowPlan) return;
    e.preventDefault();
    change(acts.rodChanges(Math.min(ceilingMm, windowPlan.rodHeightMm + step.dyMm)));
  };
  const handle = (s: Shape, scale: Scale): SVGProps<SVGGElement> | undefined => {
    const openingId = openingOf(s.about);
    if (openingId === undefined) return undefined;
    const isRod = s.form === 'rod' && s.about === windowPlan?.dressingId && !s.key.endsWith('innerRod');
    const name = windows.find((o) => o.id === openingId)?.name ?? '';
    const isStop = s.form === 'rod' || s.form === 'frame';
    return {
      ...(isStop && { role: 'button', tabIndex: 0, 'aria-label': isRod ? `${name}, ${t('rod')}` : name }),
      style: { cursor: isRod ? 'ns-resize' : 'pointer', touchAction: 'none' },
      onClick: () => goTo(openingId),
      ...(isRod && (drag('rod', scale) as SVGProps<SVGGElement>)),
      onKeyDown: (e) => onKey(e, openingId, isRod),
    };
  };
  return (
    <WallDrawing elevation={elevation} title={title} shapeProps={handle}>
      {(scale) => <WindowLayers picked={picked} acts={acts} scale={scale} stop={stop} />}
    </WallDrawing>
  );
}
