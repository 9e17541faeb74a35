'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import { FOLDS } from '../../core/model/values/look';
import type { LaidLinen, TablePlan } from '../../core/stages/surfaces/planTable';
import { Select } from '../../ui/Select';
import { Words } from '../../ui/Words';
import { ClothChip } from '../shell/ClothChip';
import { LaidRow } from '../shell/laid/LaidRow';
import { LayerSelect } from '../shell/LayerSelect';
import { usePlacing } from '../shell/placing/usePlacing';
import { useRoom } from '../shell/room/RoomContext';
import { usePaint } from '../shell/usePaint';
import { Numeral } from '../shell/Workspace';
import { CountField, LiesChoice, OtherFace, PlaceField, StaysThere, TakeOff } from './PlacedFields';
import { TableFromAbove } from './TableFromAbove';

/** What a table, the top of a piece, is laid with: from above, how many sit there, and how each cloth falls. */
export function TableSheet({ table, of }: { table: TablePlan; of: string }): ReactNode {
  const t = useTranslations('surfaces');
  const { rules } = useRoom();
  const isRoomy = rules.school('surfaces.edgeSchool') === 'roomy';
  const { laid, mostPlaces, settings, chairs } = table;
  return (
    <section aria-label={t('table')} className="mb-2">
      <h3 className="mb-1 mt-2.5 font-sans text-[13px] font-semibold text-soft">{t('table')}</h3>
      <TableFromAbove table={table} of={of} />
      <div className="mb-1 grid grid-cols-2 gap-x-5">
        <Numeral
          label={t('sitHere')}
          rule={isRoomy ? 'surfaces.edgeRoomy' : 'surfaces.edgeClose'}
          note={t('chairs', { count: chairs })}
        >
          {String(mostPlaces)}
        </Numeral>
        <Numeral label={t('placesLaid')} rule={null}>
          {String(settings)}
        </Numeral>
      </div>
      <ul>
        {laid.map((linen) => (
          <LinenRow key={linen.placementId} linen={linen} />
        ))}
      </ul>
    </section>
  );
}

function LinenRow({ linen }: { linen: LaidLinen }): ReactNode {
  const paint = usePaint();
  const fall = useFallWords();
  const { item, placementId } = linen;
  return (
    <LaidRow
      placementId={placementId}
      columns="grid-cols-[36px_1fr]"
      head={
        <>
          <ClothChip item={item} paint={paint} />
          <span className="leading-tight">
            <span className="font-semibold">{item.name}</span>
            <span className="block text-[13px] text-soft">
              <Words>{fall(linen)}</Words>
            </span>
          </span>
        </>
      }
    >
      <LinenForm linen={linen} />
    </LaidRow>
  );
}

/** How a cloth falls, or how many lie at the places. */
function useFallWords(): (linen: LaidLinen) => string {
  const t = useTranslations('surfaces');
  const { unit } = useRoom().file.room;
  const length = (mm: number) => formatLength(Math.abs(mm), unit);
  return ({ falls, runner, thing }) => {
    if (falls && Math.min(falls.endMm, falls.frontMm) < 0)
      return t('coversPart', { by: length(Math.min(falls.endMm, falls.frontMm)) });
    if (falls) return t('hangs', { end: length(falls.endMm), front: length(falls.frontMm) });
    if (runner)
      return t('runs', {
        width: length(runner.bandMm),
        by: length(runner.overhangMm),
        how: runner.overhangMm < 0 ? 'short' : 'over',
      });
    return t('atPlaces', { count: thing.placement.count });
  };
}

/** What can be done with linen on a table. */
function LinenForm({ linen: { thing, item } }: { linen: LaidLinen }): ReactNode {
  const t = useTranslations('seats');
  const placing = usePlacing();
  const { placement: p, spot } = thing;
  return (
    <div className="space-y-2.5 pb-3 pt-1">
      <LiesChoice placement={p} item={item} spot={spot} />
      <div className="grid grid-cols-2 gap-x-4 gap-y-2">
        {p.lie === 'acrossTable' && <PlaceField placement={p} spot={spot} />}
        {item.kind === 'throw' && (
          <Select
            label={t('fold')}
            value={p.fold ?? 'thirds'}
            options={FOLDS.map((fold) => ({ value: fold, label: t(`folds.${fold}`) }))}
            onChange={(fold) => placing.set(p, { fold })}
          />
        )}
        {p.lie === 'atPlaces' && <CountField placement={p} />}
        <LayerSelect layer={p.layer} onChange={(layer) => placing.set(p, { layer })} />
      </div>
      <div className="flex flex-wrap items-center gap-1.5">
        <OtherFace placement={p} item={item} />
        <TakeOff placement={p} />
      </div>
      <StaysThere placement={p} />
    </div>
  );
}
