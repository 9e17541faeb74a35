'use client';
import { headOfLook } from '../../core/model/nouns';
import { useTranslations } from 'next-intl';
import { useState, type ReactNode } from 'react';
import { Button } from '../../ui/Button';
import { dayWords } from '../../ui/day';
import { LazyDialog } from '../../ui/LazyDialog';
import { placeOnWall } from '../../core/room/place';
import { useRoom } from '../shell/room/RoomContext';

/**
 * Approves a wall as it is. What still carries its tags is named first: cutting them closes its return.
 */
export function ApproveWall({ wallId, name }: { wallId: string; name: string }): ReactNode {
  const t = useTranslations('fitting');
  const { file, look, plan, change } = useRoom();
  const [asking, setAsking] = useState(false);
  const { dressings, hangings } = look;
  const head = headOfLook(look);
  const approved = look.approvedWallIds.includes(wallId);
  const onWall = (hostId: string) => {
    const piece = file.pieces.find((p) => p.id === hostId);
    return piece
      ? placeOnWall(piece, plan.walls).wallId === wallId
      : [...file.fittings, ...file.openings].some((host) => host.id === hostId && host.wallId === wallId);
  };
  const used = new Set([
    ...dressings
      .filter((d) => file.openings.some((o) => o.id === d.openingId && o.wallId === wallId))
      .flatMap((d) => [d.itemId, d.sheer?.itemId ?? null]),
    ...hangings.filter((h) => h.wallId === wallId).flatMap((h) => [h.itemId, h.print?.itemId ?? null]),
    ...plan.placed.filter((p) => onWall(p.on.id)).map((p) => p.item.id),
  ]);
  const tagged = file.items.filter((i) => used.has(i.id) && i.tagsOn);
  const put = (ids: string[]) => ({ do: 'putLook' as const, look: { ...head, approvedWallIds: ids } });
  const approve = () => {
    setAsking(false);
    change([
      put([...look.approvedWallIds, wallId]),
      ...tagged.map((i) => ({ do: 'moveItem' as const, id: i.id, to: { tagsOn: false } })),
    ]);
  };
  return (
    <span className="no-print flex items-baseline gap-2 text-[14px]">
      {approved ? (
        <>
          <span className="text-soft">{t('approved')}</span>
          <Button
            small
            variant="quiet"
            onClick={() => change([put(look.approvedWallIds.filter((id) => id !== wallId))])}
          >
            {t('unapprove')}
          </Button>
        </>
      ) : (
        <Button small onClick={() => (tagged.length > 0 ? setAsking(true) : approve())}>
          {t('approve')}
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
