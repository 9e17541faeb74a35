'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { headOfLook } from '../../core/model/nouns';
import { NumberField, TAKEN, TextField } from '../../ui/Field';
import { useRoom } from '../shell/room/RoomContext';

const MOST_WORDS = 80;

/** A seat's own loose cushions: how many are taken out for the look, and where they are meanwhile. */
export function CushionsOut({ pieceId }: { pieceId: string }): ReactNode {
  const t = useTranslations('seats');
  const { file, look, change } = useRoom();
  const own = file.pieces.find((p) => p.id === pieceId)?.seat?.looseCushions ?? 0;
  const out = look.cushionsOut.find((row) => row.of === pieceId);
  if (own === 0 && !out) return null;
  const put = (count: number, whereabouts: string) => {
    const others = look.cushionsOut.filter((row) => row.of !== pieceId);
    const rows = count > 0 ? [...others, { of: pieceId, count, whereabouts }] : others;
    change([{ do: 'putLook', look: { ...headOfLook(look), cushionsOut: rows } }]);
    return TAKEN;
  };
  const count = out?.count ?? 0;
  return (
    <div className="mb-2 grid grid-cols-[130px_1fr] gap-x-4 border-b border-line pb-2">
      <NumberField
        label={t('cushionsOut')}
        suffix={t('cushionsOf', { own })}
        draftKey={`${file.room.id}-${look.id}-${pieceId}-out`}
        value={count}
        step={1}
        range={[0, Math.max(own, count)]}
        whole
        onCommit={(n) => put(n, out?.whereabouts ?? '')}
      />
      {count > 0 && (
        <TextField
          label={t('cushionsWhere')}
          draftKey={`${file.room.id}-${look.id}-${pieceId}-where`}
          value={out?.whereabouts ?? ''}
          placeholder={t('cushionsExample')}
          onCommit={(words) => put(count, words.slice(0, MOST_WORDS))}
        />
      )}
    </div>
  );
}
