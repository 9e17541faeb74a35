'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import type { RuleId } from '../../core/rules/table';
import { useRoom } from '../shell/room/RoomContext';
import { Numeral } from '../shell/Workspace';

/** How far over the furniture something hangs; over a bare wall, how far from the left. */
export function AboveNumeral({
  overName,
  aboveMm,
  xMm,
  rule,
}: {
  /** The furniture's name. */ overName: string | undefined;
  aboveMm: number | null;
  xMm: number;
  rule: RuleId;
}): ReactNode {
  const t = useTranslations('walls');
  const { unit } = useRoom().file.room;
  return aboveMm !== null && overName !== undefined ? (
    <Numeral label={t('gap', { over: overName })} rule={rule}>
      {formatLength(aboveMm, unit)}
    </Numeral>
  ) : (
    <Numeral label={t('fromLeft')} rule="walls.across">
      {formatLength(xMm, unit)}
    </Numeral>
  );
}

/** How much of the furniture's width it takes. */
export function ShareNumeral({
  overName,
  share,
}: {
  overName: string | undefined;
  share: number | null;
}): ReactNode {
  const t = useTranslations('walls');
  if (share === null || overName === undefined) return null;
  return (
    <Numeral label={t('width')} rule="walls.widthShare" note={t('share', { over: overName })}>
      {`${Math.round(share * 100)}%`}
    </Numeral>
  );
}
