'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { headOfLook } from '../../core/model/nouns';
import type { BedPlan } from '../../core/stages/beds/bedPlan';
import { TAKEN, TextField } from '../../ui/Field';
import { useRoom } from '../shell/room/RoomContext';

const MOST_WORDS = 80;

/** Where what comes off a bed is put for the night. */
export function NightPlace({ plan: { pieceId, toLiftOff, nightPlace } }: { plan: BedPlan }): ReactNode {
  const t = useTranslations('beds');
  const { file, look, change } = useRoom();
  if (toLiftOff === 0 && nightPlace === '') return null;
  const put = (words: string) => {
    const whereabouts = words.trim().slice(0, MOST_WORDS);
    const others = look.night.filter((row) => row.of !== pieceId);
    const night = whereabouts === '' ? others : [...others, { of: pieceId, whereabouts }];
    change([{ do: 'putLook', look: { ...headOfLook(look), night } }]);
    return TAKEN;
  };
  return (
    <div className="mt-2.5">
      <TextField
        label={t('nightPlace', { count: toLiftOff })}
        draftKey={`${file.room.id}-${look.id}-${pieceId}-night`}
        value={nightPlace}
        placeholder={t('nightExample')}
        onCommit={put}
      />
    </div>
  );
}
