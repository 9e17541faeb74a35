'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { inches, MM_PER_FOOT } from '../../core/base/units';
import type { Work, WorkAct } from '../../core/model/types';
import type { WorkPlan } from '../../core/stages/works/planWork';
import { LengthField, NumberField, TAKEN, type Answer } from '../../ui/Field';
import { useRoom } from '../shell/room/RoomContext';
import type { SetWork } from './useWorks';

const COATED: ReadonlySet<WorkAct> = new Set(['paint', 'stain']);
const IN_STRIPS: ReadonlySet<WorkAct> = new Set(['paper', 'film', 'cloth']);
/** A piece for each thing: what is cut beside each other lies over nothing. */
const IN_SHEETS: ReadonlySet<WorkAct> = new Set(['wrap', 'recover']);
const MOST_COATS = 12;
const MOST_LITRES = 1000;
const MOST_AREA = 10_000;
const MOST_PULLS = 200;

type Fields = { planned: WorkPlan } & SetWork;

/** What is said of the material, by the way it is counted. */
export function MaterialFields({ planned, set }: Fields): ReactNode {
  const { act } = planned.work;
  if (COATED.has(act)) return <PaintFields planned={planned} set={set} />;
  if (IN_STRIPS.has(act) || IN_SHEETS.has(act)) return <StripFields planned={planned} set={set} />;
  return act === 'pulls' ? <PullFields planned={planned} set={set} /> : null;
}

/** Coats, the area, and what is left over from elsewhere. */
function PaintFields({ planned, set }: Fields): ReactNode {
  const t = useTranslations('works');
  const { file } = useRoom();
  const { work, areaMm2 } = planned;
  const isMetric = file.room.unit === 'cm';
  const perUnit = isMetric ? 1e6 : MM_PER_FOOT ** 2;
  return (
    <div className="grid grid-cols-3 gap-x-4">
      <NumberField
        label={t('coats')}
        draftKey={`${work.id}-coats`}
        value={work.coats}
        range={[1, MOST_COATS]}
        whole
        onCommit={(coats) => took(() => set({ coats }))}
      />
      <NumberField
        label={t(work.areaMm2 === null ? 'areaFound' : 'areaTyped')}
        suffix={isMetric ? 'm²' : 'ft²'}
        draftKey={`${work.id}-area`}
        value={areaMm2 / perUnit}
        decimals={1}
        examples="12"
        range={[0, MOST_AREA]}
        onClear={() => set({ areaMm2: null })}
        onCommit={(area) =>
          area > 0 ? took(() => set({ areaMm2: area * perUnit })) : { took: false, message: t('areaRefused') }
        }
      />
      <NumberField
        label={t('left')}
        suffix="l"
        draftKey={`${work.id}-left`}
        value={work.leftLitres}
        decimals={2}
        examples="0.75"
        range={[0, MOST_LITRES]}
        onClear={() => set({ leftLitres: null })}
        onCommit={(leftLitres) => took(() => set({ leftLitres }))}
      />
    </div>
  );
}

const took = (act: () => void): Answer => {
  act();
  return TAKEN;
};

type Strip = NonNullable<Work['strip']>;
const STRIP: Strip = { widthMm: inches(20.5), lengthMm: null, overlapMm: 0 };

/** How wide and long the material is sold, how far its strips lie over each other, what is left over. */
function StripFields({ planned: { work }, set }: Fields): ReactNode {
  const t = useTranslations('works');
  const { file } = useRoom();
  const { strip } = work;
  const put = (patch: Partial<Strip>): Answer => {
    const next = { ...STRIP, ...strip, ...patch };
    if (next.widthMm <= 0 || next.overlapMm >= next.widthMm)
      return { took: false, message: t('stripRefused') };
    set({ strip: next });
    return TAKEN;
  };
  const base = (field: string) => ({ draftKey: `${work.id}-${field}`, unit: file.room.unit });
  return (
    <div className="grid grid-cols-2 gap-x-4 gap-y-2">
      <LengthField
        label={t('stripWidth')}
        {...base('strip')}
        valueMm={strip?.widthMm ?? null}
        onCommit={(widthMm) => put({ widthMm })}
      />
      <LengthField
        label={t('rollLength')}
        {...base('roll')}
        valueMm={strip?.lengthMm ?? null}
        onClear={() => put({ lengthMm: null })}
        onCommit={(lengthMm) => (lengthMm > 0 ? put({ lengthMm }) : put({ lengthMm: null }))}
      />
      {!IN_SHEETS.has(work.act) && (
        <LengthField
          label={t('overlap')}
          {...base('overlap')}
          valueMm={strip?.overlapMm ?? null}
          onCommit={(overlapMm) => put({ overlapMm })}
        />
      )}
      <LengthField
        label={t('leftLength')}
        {...base('leftMm')}
        valueMm={work.leftMm}
        onClear={() => set({ leftMm: null })}
        onCommit={(leftMm) => took(() => set({ leftMm }))}
      />
    </div>
  );
}

type Pulls = NonNullable<Work['pulls']>;
const PULLS: Pulls = { count: 1, oldMm: null, newMm: inches(3), plateMm: null };

/** How many pulls, how far apart their holes are and were, and a plate that covers the old ones. */
function PullFields({ planned: { work }, set }: Fields): ReactNode {
  const t = useTranslations('works');
  const { file, look } = useRoom();
  const { pulls } = work;
  const put = (patch: Partial<Pulls>): Answer => took(() => set({ pulls: { ...PULLS, ...pulls, ...patch } }));
  const base = (field: string) => ({ draftKey: `${work.id}-${field}`, unit: file.room.unit });
  return (
    <>
      <div className="grid grid-cols-2 gap-x-4 gap-y-2">
        <NumberField
          label={t('fronts')}
          draftKey={`${work.id}-fronts`}
          value={pulls?.count ?? null}
          range={[1, MOST_PULLS]}
          whole
          onCommit={(count) => put({ count })}
        />
        <LengthField
          label={t('newHoles')}
          {...base('new')}
          valueMm={pulls?.newMm ?? null}
          onCommit={(newMm) => put({ newMm })}
        />
        <LengthField
          label={t('oldHoles')}
          {...base('old')}
          valueMm={pulls?.oldMm ?? null}
          onClear={() => put({ oldMm: null })}
          onCommit={(oldMm) => put({ oldMm })}
        />
        <LengthField
          label={t('plate')}
          {...base('plate')}
          valueMm={pulls?.plateMm ?? null}
          onClear={() => put({ plateMm: null })}
          onCommit={(plateMm) => put({ plateMm: plateMm > 0 ? plateMm : null })}
        />
      </div>
      {pulls && (
        <a
          className="my-1 inline-block text-[14px] underline underline-offset-4"
          href={`/api/rooms/${file.room.id}/pulls.pdf?look=${look.id}&work=${work.id}`}
          download
        >
          {t('template')}
        </a>
      )}
    </>
  );
}
