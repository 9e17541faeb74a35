'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import type { Opening } from '../../core/model/types';
import { CORDS } from '../../core/model/values/look';
import { floorLine } from '../../core/room/floor';
import { isGlazed } from '../../core/room/kinds';
import { Button } from '../../ui/Button';
import { Checkbox } from '../../ui/Checkbox';
import { Select } from '../../ui/Select';
import { Words } from '../../ui/Words';
import { useRoom } from '../shell/room/RoomContext';
import { useRefusal } from '../shell/useRefusal';
import { ReadingField } from './ReadingField';
import { useOpeningActs } from './useOpeningActs';

type Props = { opening: Opening };

const SIDES = ['left', 'middle', 'right'] as const;
const DROPS = { left: 'dropLeft', middle: 'dropMiddle', right: 'dropRight' } as const;

/** From the top of the frame to the floor, three times, and who sees through the glass. */
export function OpeningDrops({ opening }: Props): ReactNode {
  const t = useTranslations('measure');
  const { choose } = useOpeningActs(opening);
  return (
    <section className="pt-1">
      <h3 className="mb-1.5 font-sans text-[14px] font-semibold">{t('drops')}</h3>
      {opening.dropsMm === null ? (
        <NoDrops opening={opening} />
      ) : (
        <MeasuredDrops opening={opening} dropsMm={opening.dropsMm} />
      )}
      <div className="mt-1 flex gap-x-5">
        {(['overlooked', 'hazy'] as const).map((flag) => (
          <Checkbox key={flag} checked={opening[flag]} onChange={(checked) => choose({ [flag]: checked })}>
            {t(flag)}
          </Checkbox>
        ))}
      </div>
      {isGlazed(opening) && (
        <div className="mt-2">
          <Select
            label={t('blindCord')}
            value={opening.blindCord}
            options={CORDS.map((cord) => ({ value: cord, label: t(`cords.${cord}`) }))}
            onChange={(blindCord) => choose({ blindCord })}
          />
        </div>
      )}
    </section>
  );
}

function NoDrops({ opening }: Props): ReactNode {
  const t = useTranslations('measure');
  const { change } = useRoom();
  const { put } = useOpeningActs(opening);
  const topMm = opening.sillMm + opening.heightMm;
  const begin = () =>
    change([
      put({ dropsMm: { left: topMm, middle: topMm, right: topMm } }),
      {
        do: 'markReadings',
        readings: SIDES.map((side) => ({
          about: opening.id,
          field: DROPS[side],
          guess: true,
          secondMm: null,
        })),
      },
    ]);
  return (
    <>
      <p className="mb-2 text-[14px] text-soft">{t('dropsMissing')}</p>
      <Button small onClick={begin}>
        {t('measureDrops')}
      </Button>
    </>
  );
}

type DropsMm = NonNullable<Opening['dropsMm']>;
function MeasuredDrops({ opening, dropsMm }: Props & { dropsMm: DropsMm }): ReactNode {
  const t = useTranslations('measure');
  const { unit } = useRoom().file.room;
  const { set, choose } = useOpeningActs(opening);
  const { positive } = useRefusal();
  const floor = floorLine(opening);
  const floorAt = (share: number) => formatLength(floor.atMm(opening.xMm + opening.widthMm * share), unit);
  return (
    <>
      <div className="grid grid-cols-3 gap-x-4">
        {SIDES.map((side) => (
          <ReadingField
            key={side}
            about={opening.id}
            field={DROPS[side]}
            label={t(DROPS[side])}
            valueMm={dropsMm[side]}
            onCommit={(mm) => positive(mm, () => set({ dropsMm: { ...dropsMm, [side]: mm } }))}
          />
        ))}
      </div>
      <p className="mt-2 text-[13px] text-soft">
        <Words>{t('floorAt', { left: floorAt(0), middle: floorAt(0.5), right: floorAt(1) })}</Words>
      </p>
      <Button small variant="quiet" onClick={() => choose({ dropsMm: null })}>
        {t('clearDrops')}
      </Button>
    </>
  );
}
