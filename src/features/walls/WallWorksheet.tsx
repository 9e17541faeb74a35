'use client';
import dynamic from 'next/dynamic';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { waking } from '../../ui/Awake';
import { Select } from '../../ui/Select';
import { ToggleGroup } from '../../ui/ToggleGroup';
import { itemOf, useRoom } from '../shell/room/RoomContext';
import { SheetTitle } from '../shell/Workspace';
import { HangingSheet } from './HangingSheet';
import type { WallPicked } from './useWallPicked';

const GroupSheet = dynamic(() => import('./GroupSheet').then((m) => waking(m.GroupSheet)));
const WallFolds = dynamic(() => import('./WallFolds').then((m) => waking(m.WallFolds)));

/** A wall of more pieces than this has them in a list. */
const NAMES = 10;

/** The worksheet of a wall: what hangs on it, the sheet of what is picked, and the wall's own folds. */
export function WallWorksheet({
  picked,
  sightFrom,
  onSight,
  marking,
  onMark,
}: {
  picked: WallPicked;
  /** Whose view into the picked piece's glass is drawn. */ sightFrom: string | null;
  onSight: (fromId: string | null) => void;
  marking: boolean;
  onMark: (marking: boolean) => void;
}): ReactNode {
  const { wall, pickedGroup } = picked;
  return (
    <>
      <WhichPiece on={picked} />
      {pickedGroup ? (
        <GroupSheet key={pickedGroup.group.id} group={pickedGroup.group} plan={pickedGroup.plan} />
      ) : (
        <PieceSheet on={picked} sightFrom={sightFrom} onSight={onSight} />
      )}
      <WallFolds wallId={wall.id} marking={marking} onMark={onMark} />
    </>
  );
}

function WhichPiece({ on: { here, groups, pickedGroup, current } }: { on: WallPicked }): ReactNode {
  const t = useTranslations('walls');
  const { pick } = useRoom();
  const names = [
    ...groups.map((g) => ({ value: g.groupId, label: g.name })),
    ...here.map((h) => ({ value: h.hangingId, label: h.name })),
  ];
  const chosen = pickedGroup?.group.id ?? current?.hangingId ?? null;
  if (names.length < 2) return null;
  return names.length > NAMES ? (
    <Select label={t('on')} value={chosen ?? ''} options={names} onChange={pick} className="mb-3" />
  ) : (
    <ToggleGroup
      label={t('on')}
      variant="names"
      value={chosen}
      options={names}
      onChange={pick}
      className="mb-3"
    />
  );
}

function PieceSheet({
  on: { current, hanging },
  sightFrom,
  onSight,
}: {
  on: WallPicked;
  sightFrom: string | null;
  onSight: (fromId: string | null) => void;
}): ReactNode {
  const t = useTranslations();
  const { file, plan } = useRoom();
  const item = itemOf(file, current?.itemId);
  if (!current || !hanging || !item)
    return (
      <>
        <SheetTitle>{t('stages.walls')}</SheetTitle>
        <p>{t('walls.none')}</p>
      </>
    );
  return (
    <HangingSheet
      key={hanging.id}
      hanging={hanging}
      item={item}
      plan={current}
      findings={plan.findings.filter((f) => f.stage === 'walls' && f.about.includes(current.hangingId))}
      sight={{ fromId: sightFrom, show: onSight }}
    />
  );
}
