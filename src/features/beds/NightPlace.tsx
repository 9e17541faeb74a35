'use client';
import { useTranslations } from 'next-intl';
import { useMemo, useState, type ReactNode } from 'react';
import { findOne } from '../../core/base/list';
import { headOfLook } from '../../core/model/nouns';
import type { Look } from '../../core/model/types';
import { nightOffers } from '../../core/plan/beds/nightPlaces';
import { addressOf, type Spot } from '../../core/room/spots/spot';
import type { BedPlan } from '../../core/stages/beds/bedPlan';
import { TAKEN, TextField } from '../../ui/Field';
import { Select } from '../../ui/Select';
import { useSpotName } from '../shell/placing/useSpotName';
import { useRoom } from '../shell/room/RoomContext';

const MOST_WORDS = 80;
const OPEN = 'open';
const ELSEWHERE = 'elsewhere';

/** Where what comes off a bed is put for the night: where there is room for it here, or outside the room. */
export function NightPlace({ plan: bed }: { plan: BedPlan }): ReactNode {
  const t = useTranslations('beds');
  const { file, look } = useRoom();
  const put = usePutNight(bed);
  const { options, chosen, spots } = useNightSpots(bed);
  const [isElsewhere, setElsewhere] = useState(false);
  const words = look.night.find(({ of }) => of === bed.pieceId)?.whereabouts ?? '';
  if (bed.toLiftOff === 0 && words === '' && !chosen) return null;
  const isInWords = !chosen && (isElsewhere || words !== '');
  const choose = (value: string) => {
    const spot = spots.get(value);
    setElsewhere(value === ELSEWHERE);
    put(spot ? { whereabouts: '', spot: { of: spot.of, part: spot.part } } : { whereabouts: '' });
  };
  const withoutSpot = isInWords ? ELSEWHERE : OPEN;
  return (
    <div className="mt-2.5 grid grid-cols-1 gap-y-2">
      <Select
        label={t('nightPlace', { count: bed.toLiftOff })}
        value={chosen ? addressOf(chosen) : withoutSpot}
        options={[
          { value: OPEN, label: t('nightOpen') },
          ...options,
          { value: ELSEWHERE, label: t('nightElsewhere') },
        ]}
        onChange={choose}
      />
      {isInWords && (
        <TextField
          label={t('nightWhere')}
          draftKey={`${file.room.id}-${look.id}-${bed.pieceId}-night`}
          value={words}
          placeholder={t('nightExample')}
          onCommit={(typed) => {
            put({ whereabouts: typed.trim().slice(0, MOST_WORDS) });
            return TAKEN;
          }}
        />
      )}
    </div>
  );
}

type Said = Omit<Look['night'][number], 'of'>;

/** Says where it goes; nothing at all while that is open. */
function usePutNight({ pieceId }: BedPlan): (said: Said) => void {
  const { look, change } = useRoom();
  return (said) => {
    const others = look.night.filter((row) => row.of !== pieceId);
    const isSaid = said.whereabouts !== '' || said.spot !== undefined;
    const night = isSaid ? [...others, { of: pieceId, ...said }] : others;
    change([{ do: 'putLook', look: { ...headOfLook(look), night } }]);
  };
}

/** Where there is room for it, and where it is though there is too little. */
function useNightSpots(bed: BedPlan) {
  const { arranged, plan, rules } = useRoom();
  const spotName = useSpotName();
  const { spots, placed, nights } = plan;
  const { pieces } = arranged;
  const offers = useMemo(
    () =>
      nightOffers(
        bed,
        findOne(pieces, ({ id }) => id === bed.pieceId),
        { spots, placed, pieces, rules },
      ),
    [bed, pieces, spots, placed, rules],
  );
  const chosen = nights.find(({ pieceId }) => pieceId === bed.pieceId)?.spot ?? null;
  const all = new Map<string, Spot>([...(chosen ? [chosen] : []), ...offers].map((s) => [addressOf(s), s]));
  const options = [...all].map(([value, spot]) => ({ value, label: spotName(spot) }));
  return { options, chosen, spots: all };
}
