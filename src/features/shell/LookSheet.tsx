'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { headOfLook, type LookHead } from '../../core/model/nouns';
import type { Look } from '../../core/model/types';
import { SEASONS } from '../../core/model/values/item';
import { Checkbox } from '../../ui/Checkbox';
import { NumberField, TAKEN } from '../../ui/Field';
import { Select } from '../../ui/Select';
import { LookBrief } from './LookBrief';
import { OccasionLine } from './OccasionLine';
import { useRoomAtRest } from './room/RoomContext';

type Shares = NonNullable<Look['plannedShares']>;
/** What most rooms are planned by: most of one colour, half as much of a second, a little of a third. */
const USUAL: Shares = [0.6, 0.3, 0.1];
const ANY = 'any';

/** A look's sheet: its season, its brief, and how its colours are to be shared out. */
export function LookSheet({ look }: { look: Look }): ReactNode {
  const t = useTranslations('look');
  const seasonWords = useTranslations('stash.seasons');
  const { change } = useRoomAtRest();
  const put = (patch: Partial<LookHead>) =>
    change([{ do: 'putLook', look: { ...headOfLook(look), ...patch } }]);
  const shares = look.plannedShares;
  return (
    <div className="space-y-4">
      <Select
        label={t('season')}
        value={look.season ?? ANY}
        options={[
          { value: ANY, label: t('anySeason') },
          ...SEASONS.map((season) => ({ value: season, label: seasonWords(season) })),
        ]}
        onChange={(season) => put({ season: season === ANY ? null : season })}
      />
      <p className="text-[14px] text-soft">{t('seasonNote')}</p>
      <LookBrief look={look} onBrief={(brief) => put({ brief })} />
      <OccasionLine look={look} />
      <Checkbox
        checked={shares !== null}
        onChange={(isPlanned) => put({ plannedShares: isPlanned ? USUAL : null })}
      >
        {t('planShares')}
      </Checkbox>
      {shares && (
        <ShareFields look={look} shares={shares} onShares={(next) => put({ plannedShares: next })} />
      )}
    </div>
  );
}

const percent = (share: number): number => Math.round(share * 100);

/** Two shares are typed; the third is what they leave. */
function ShareFields({
  look,
  shares: [main, second, accent],
  onShares,
}: {
  look: Look;
  shares: Shares;
  onShares: (shares: Shares) => void;
}): ReactNode {
  const t = useTranslations('look');
  /** A share as it was typed, and what it and another one leave. */
  const withRest = (typed: number, other: number): [share: number, rest: number] => {
    const share = typed / 100;
    return [share, Math.round(100 - 100 * (share + other)) / 100];
  };
  return (
    <div className="grid grid-cols-3 gap-4">
      <NumberField
        label={t('main')}
        suffix="%"
        draftKey={`look-${look.id}-main`}
        value={percent(main)}
        range={[0, 100 - percent(second)]}
        whole
        onCommit={(typed) => {
          const [share, rest] = withRest(typed, second);
          onShares([share, second, rest]);
          return TAKEN;
        }}
      />
      <NumberField
        label={t('second')}
        suffix="%"
        draftKey={`look-${look.id}-second`}
        value={percent(second)}
        range={[0, 100 - percent(main)]}
        whole
        onCommit={(typed) => {
          const [share, rest] = withRest(typed, main);
          onShares([main, share, rest]);
          return TAKEN;
        }}
      />
      <div>
        <p className="font-narrow text-[13px] text-soft">{t('accent')}</p>
        <p className="py-1">{t('percent', { percent: percent(accent) })}</p>
      </div>
    </div>
  );
}
