'use client';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import { useState, type KeyboardEvent, type ReactNode, type SVGProps } from 'react';
import { formatLength } from '../../core/base/length';
import { clamp } from '../../core/base/units';
import type { Item } from '../../core/model/types';
import type { GroupPlan } from '../../core/stages/walls/planGroup';
import type { HangingPlan } from '../../core/stages/walls/planHanging';
import { waking } from '../../ui/Awake';
import { Button } from '../../ui/Button';
import type { Scale } from '../../ui/drawing/scale';
import { useStableCallback } from '../../ui/useStableCallback';
import { nudgeOf } from '../shell/drawing/useDrag';
import { WallDrawing } from '../shell/drawing/WallDrawing';
import { useRoom } from '../shell/room/RoomContext';
import { usePaint } from '../shell/usePaint';
import { StashUnread } from '../shell/StashUnread';
import { useStash } from '../shell/useStash';
import { useWallName } from '../shell/useWords';
import { WallStrip } from '../shell/WallStrip';
import { SheetHead, Workspace } from '../shell/Workspace';
import { GroupOutline } from './GroupOutline';
import { PickedDimensions } from './PickedDimensions';
import { useWallActs } from './useWallActs';
import { useWallDrag } from './useWallDrag';
import { useWallPicked, type WallPicked } from './useWallPicked';

const WallWorksheet = dynamic(() => import('./WallWorksheet').then((m) => waking(m.WallWorksheet)));
const ArtStrip = dynamic(() => import('./ArtStrip').then((m) => waking(m.ArtStrip)));
const SnapGuides = dynamic(() => import('./SnapGuides').then((m) => m.SnapGuides), { loading: () => null });
const HoleLayer = dynamic(() => import('./HoleLayer').then((m) => m.HoleLayer), { loading: () => null });
const SightView = dynamic(() => import('./SightView').then((m) => waking(m.SightView)));

/** Walls: every piece by its centre, its gap and its nail; several as one; what they show. */
export function WallsScreen(): ReactNode {
  const t = useTranslations();
  const { file, plan } = useRoom();
  const wallName = useWallName();
  const [marking, setMarking] = useState(false);
  const [sight, setSight] = useState<{ hangingId: string; fromId: string } | null>(null);
  const picked = useWallPicked();
  const { wall, current } = picked;
  const long = file.room.unit === 'in' ? 'ft-in' : file.room.unit;
  const shownSight = plan.sights.find(
    (s) =>
      s.hangingId === sight?.hangingId && s.fromId === sight.fromId && s.hangingId === current?.hangingId,
  );
  return (
    <Workspace
      foot={<WallStrip />}
      worksheet={
        <WallWorksheet
          picked={picked}
          sightFrom={shownSight?.fromId ?? null}
          onSight={(fromId) =>
            setSight(fromId === null || !current ? null : { hangingId: current.hangingId, fromId })
          }
          marking={marking}
          onMark={setMarking}
        />
      }
    >
      <SheetHead
        title={wallName(wall)}
        detail={t('wall.size', {
          length: formatLength(wall.lengthMm, long),
          ceiling: formatLength(file.room.ceilingMm, long),
        })}
      />
      {shownSight ? <SightView sight={shownSight} /> : <WallToHang state={picked} marking={marking} />}
      <HangFromStash on={picked} />
    </Workspace>
  );
}

/** The wall as it is worked on: pieces and groups to be dragged, nudged and measured. */
function WallToHang({ state, marking }: { state: WallPicked; marking: boolean }): ReactNode {
  const t = useTranslations('walls');
  const { file, look, picked, pick, change } = useRoom();
  const wallName = useWallName();
  const acts = useWallActs();
  const { wall, elevation, here, groups, current } = state;
  const { drag, guides } = useWallDrag(wall);
  const { unit, ceilingMm } = file.room;

  const onPieceKey = (e: KeyboardEvent, h: HangingPlan) => {
    const step = nudgeOf(e, unit);
    const hanging = look.hangings.find((x) => x.id === h.hangingId);
    if (step && hanging) {
      e.preventDefault();
      const xMm = clamp(h.xMm + step.dxMm, 0, wall.lengthMm);
      const centreMm = hanging.leans ? h.centreMm : clamp(h.centreMm + step.dyMm, 0, ceilingMm);
      change(acts.moveTo(hanging, h, xMm, centreMm));
    }
    if (e.key === 'Delete' || e.key === 'Backspace') {
      e.preventDefault();
      change([{ do: 'removeHanging', lookId: look.id, id: h.hangingId }]);
    }
  };
  const onGroupKey = (e: KeyboardEvent, g: GroupPlan) => {
    const step = nudgeOf(e, unit);
    const group = look.groups.find((x) => x.id === g.groupId);
    if (!step || !group) return;
    e.preventDefault();
    change(acts.moveGroup(group, step.dxMm, step.dyMm, acts.standOf(group)));
  };
  const handle = (about: string, scale: Scale): SVGProps<SVGGElement> | undefined => {
    const h = here.find((x) => x.hangingId === about);
    return (
      h && {
        ...(drag(h.hangingId, scale) as SVGProps<SVGGElement>),
        role: 'button',
        tabIndex: 0,
        'aria-label': h.name,
        'aria-pressed': h === current,
        style: { cursor: 'grab', touchAction: 'none' },
        onFocus: () => {
          if (picked !== h.hangingId) pick(h.hangingId);
        },
        onKeyDown: (e: KeyboardEvent) => onPieceKey(e, h),
      }
    );
  };
  return (
    <WallDrawing
      elevation={elevation}
      title={wallName(wall)}
      height={378}
      shapeProps={(shape, scale) => handle(shape.about, scale)}
    >
      {(scale) => (
        <>
          {groups.map((g) => (
            <GroupOutline
              key={g.groupId}
              plan={g}
              scale={scale}
              picked={g.groupId === picked}
              name={t('outlineOf', { name: g.name })}
              props={drag(g.groupId, scale) as SVGProps<SVGRectElement>}
              onNudge={(e) => onGroupKey(e, g)}
              onPick={() => pick(g.groupId)}
            />
          ))}
          <PickedDimensions on={state} scale={scale} />
          <SnapGuides guides={guides} scale={scale} unit={unit} />
          <HoleLayer elevation={elevation} scale={scale} marking={marking} />
        </>
      )}
    </WallDrawing>
  );
}

/** What can be hung: pieces of the stash, or a group to be filled. */
function HangFromStash({ on: { wall, pickedGroup } }: { on: WallPicked }): ReactNode {
  const t = useTranslations('walls');
  const { file, look } = useRoom();
  const paint = usePaint();
  const art = useStash('art,mirror,frame,wallPanel');
  const acts = useWallActs();
  const take = useStableCallback((item: Item) =>
    pickedGroup ? acts.addTo(pickedGroup.group, item) : acts.hang(item, wall.id),
  );
  const used = look.hangings
    .map((h) => h.itemId)
    .sort()
    .join(' ');
  return (
    <div className="no-print px-4 pb-3">
      <p className="mb-1 flex items-baseline justify-between gap-3 font-narrow text-[13px] font-semibold text-soft">
        <span>{t('hang')}</span>
        <span className="font-normal">{t('snapHint')}</span>
        <Button small onClick={() => acts.newGroup(wall.id, t('groupName', { n: look.groups.length + 1 }))}>
          {t('newGroup')}
        </Button>
      </p>
      <StashUnread />
      <ArtStrip art={art} used={used} unit={file.room.unit} paint={paint} onTake={take} />
    </div>
  );
}
