'use client';
import { headOfLook, type LookHead } from '../../core/model/nouns';
import { useTranslations } from 'next-intl';
import { useState, type ReactNode } from 'react';
import { Button } from '../../ui/Button';
import { dayWords } from '../../ui/day';
import { LazyDialog } from '../../ui/LazyDialog';
import { placeOnWall } from '../../core/room/place';
import { nameOfZone, type Zone } from '../../core/room/zones';
import { useRoom } from '../shell/room/RoomContext';

type Approving = { isApproved: boolean; approved: Partial<LookHead>; withdrawn: Partial<LookHead> };

type ZonePart = { zone: Zone; wallId: string };
/** Whether a part of the sheet is approved, and what approving it and taking that back puts into the look. */
function useApproving({ zone, wallId }: ZonePart): Approving {
  const { look } = useRoom();
  const { approvedWallIds: wallIds, approvedZones: zones } = look;
  // a wall that was approved was approved with what is at it
  const byWall = zone.of !== 'floor' && wallIds.includes(wallId);
  const withoutWall = byWall ? { approvedWallIds: wallIds.filter((id) => id !== wallId) } : {};
  if (look.brief.order === 'class')
    return {
      isApproved: byWall,
      approved: { approvedWallIds: [...wallIds, wallId] },
      withdrawn: withoutWall,
    };
  const name = nameOfZone(zone);
  return {
    isApproved: byWall || zones.includes(name),
    approved: { approvedZones: [...zones, name] },
    withdrawn: { approvedZones: zones.filter((other) => other !== name), ...withoutWall },
  };
}

/** The things of the stash that a part of the sheet uses. */
function useItemsOf(zone: Zone): ReadonlySet<string> {
  const { arranged: file, look, plan } = useRoom();
  const { dressings, hangings } = look;
  const byZone = look.brief.order === 'zone';
  if (zone.of === 'floor') {
    const corners = plan.placed.filter((p) => p.base.kind === 'corner');
    return new Set([...look.brought.map((row) => row.itemId), ...corners.map((p) => p.item.id)]);
  }
  if (zone.of === 'host')
    return new Set(plan.placed.filter((p) => p.on.id === zone.id).map((p) => p.item.id));
  const wallId = zone.id;
  const onWall = (hostId: string) => {
    if (hostId === wallId) return true;
    const piece = file.pieces.find((p) => p.id === hostId);
    return piece
      ? placeOnWall(piece, plan.walls).wallId === wallId
      : [...file.fittings, ...file.openings].some((host) => host.id === hostId && host.wallId === wallId);
  };
  return new Set([
    ...dressings
      .filter((d) => file.openings.some((o) => o.id === d.openingId && o.wallId === wallId))
      .flatMap((d) => [d.itemId ?? '', d.sheer?.itemId ?? '']),
    ...hangings.filter((h) => h.wallId === wallId).flatMap((h) => [h.itemId, h.print?.itemId ?? '']),
    ...plan.placed.filter((p) => !byZone && onWall(p.on.id)).map((p) => p.item.id),
  ]);
}

/**
 * Approves a wall or a zone as it is. What still carries its tags is named first: cutting them closes its return.
 */
export function ApproveZone({ zone, wallId, name }: ZonePart & { name: string }): ReactNode {
  const t = useTranslations('fitting');
  const { file, look, change } = useRoom();
  const [asking, setAsking] = useState(false);
  const { isApproved, approved, withdrawn } = useApproving({ zone, wallId });
  const used = useItemsOf(zone);
  const tagged = file.items.filter((i) => used.has(i.id) && i.tagsOn);
  const put = (patch: Partial<LookHead>) => ({
    do: 'putLook' as const,
    look: { ...headOfLook(look), ...patch },
  });
  const approve = () => {
    setAsking(false);
    change([
      put(approved),
      ...tagged.map((i) => ({ do: 'moveItem' as const, id: i.id, to: { tagsOn: false } })),
    ]);
  };
  return (
    <span className="no-print flex items-baseline gap-2 text-[14px]">
      {isApproved ? (
        <>
          <span className="text-soft">{t('approved')}</span>
          <Button small variant="quiet" onClick={() => change([put(withdrawn)])}>
            {t('unapprove')}
          </Button>
        </>
      ) : (
        <Button small onClick={() => (tagged.length > 0 ? setAsking(true) : approve())}>
          {t(look.brief.order === 'class' ? 'approve' : 'approveZone')}
        </Button>
      )}
      <LazyDialog
        open={asking}
        onClose={() => setAsking(false)}
        title={t('approveTitle', { wall: name })}
        closeLabel={t('later')}
      >
        <p className="mb-4">
          {t('approveTags', {
            names: tagged
              .map((i) => (i.returnBy ? `${i.name} (${dayWords(i.returnBy)})` : i.name))
              .join(', '),
          })}
        </p>
        <div className="flex gap-2">
          <Button variant="primary" onClick={approve}>
            {t('approveCut')}
          </Button>
          <Button onClick={() => setAsking(false)}>{t('later')}</Button>
        </div>
      </LazyDialog>
    </span>
  );
}
