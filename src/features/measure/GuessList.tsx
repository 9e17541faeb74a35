'use client';
import { first } from '../../core/base/list';
import { useTranslations } from 'next-intl';
import { useMemo, type ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import { tapeReadings, type TapeReading } from '../../core/stages/measure/readings';
import { StageLink } from '../shell/StageLink';
import { Words } from '../../ui/Words';
import { useRoom } from '../shell/room/RoomContext';

/** Readings that are guesses or in doubt, thing by thing, and the way to the tape. */
export function GuessList(): ReactNode {
  const t = useTranslations('measure');
  const { file, look, pick, setWall } = useRoom();
  const things = useMemo(() => {
    const open = tapeReadings(file).filter((r) => r.guess || r.secondMm !== null);
    return [...new Set(open.map((r) => r.about))].map((about) => ({
      about,
      readings: open.filter((r) => r.about === about),
    }));
  }, [file]);
  const length = (mm: number) => formatLength(mm, file.room.unit);
  const valueOf = ({ valueMm, secondMm }: TapeReading) => {
    if (valueMm === null) return '';
    return secondMm === null
      ? length(valueMm)
      : t('eitherOr', { first: length(valueMm), second: length(secondMm) });
  };
  return (
    <div>
      <ul className="space-y-1.5 text-[14px]">
        {things.map(({ about, readings }) => {
          const { wallId, kind, name } = first(readings);
          return (
            <li key={about}>
              <button
                type="button"
                className="font-medium underline decoration-line underline-offset-4"
                onClick={() => {
                  if (wallId) setWall(wallId);
                  else if (kind === 'piece') setWall('plan');
                  pick(about);
                }}
              >
                {name || t('walls')}
              </button>{' '}
              <span className="text-[13px] text-soft">
                <Words>{readings.map((r) => `${t(`fields.${r.field}`)} ${valueOf(r)}`).join(', ')}</Words>
              </span>
            </li>
          );
        })}
      </ul>
      <p className="mt-2">
        <StageLink
          href={`/rooms/${file.room.id}/measure/tape?look=${look.id}&only=open`}
          className="text-[14px] underline underline-offset-4"
        >
          {t('tapeOpen')}
        </StageLink>
      </p>
    </div>
  );
}
