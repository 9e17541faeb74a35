'use client';
import { useTranslations } from 'next-intl';
import { useState, type ReactNode } from 'react';
import { useStashRoom } from './StashContext';

const LEAST_LETTERS = 2;
const MOST_FOUND = 12;

/** Where an item is, by its name or its colour. */
export function FindItem(): ReactNode {
  const t = useTranslations('stash');
  const { head, entries } = useStashRoom();
  const [where, setWhere] = useState('');
  const asked = where.trim().toLowerCase();
  const found =
    asked.length < LEAST_LETTERS ? [] : entries.filter((e) => e.words.includes(asked)).slice(0, MOST_FOUND);
  return (
    <section className="bg-sheet px-5 py-4">
      <h2 className="text-[19px]">{t('places.where')}</h2>
      <input
        aria-label={t('places.where')}
        value={where}
        onChange={(e) => setWhere(e.target.value)}
        placeholder={t('places.whereHint')}
        className="mt-1 w-full border-b border-ink bg-transparent py-1 text-[16px] outline-none"
      />
      <ul className="mt-2 space-y-1.5 text-[14px]" aria-live="polite">
        {found.map((e) => (
          <li key={e.id}>
            <b className="font-medium">{e.name}</b>
            <br />
            <span className="text-soft">
              {[
                head.rooms.find((r) => r.id === e.roomId)?.name,
                head.places.find((p) => p.id === e.placeId)?.name,
                e.whereabouts,
              ]
                .filter((x, i, all) => x && all.indexOf(x) === i)
                .join(', ') || t('nowhere')}
            </span>
          </li>
        ))}
      </ul>
      {asked.length >= LEAST_LETTERS && found.length === 0 && (
        <p className="mt-2 text-[14px] text-soft">{t('nothing')}</p>
      )}
    </section>
  );
}
