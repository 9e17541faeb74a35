'use client';
import { useTranslations } from 'next-intl';
import { Fragment, type ReactNode } from 'react';
import { formatBarePlainLength, formatPlainLength, plainUnit } from '../../core/base/length';
import type { Dressing } from '../../core/model/types';
import type { MakingPlan } from '../../core/stages/windows/made';
import type { WindowPlan } from '../../core/stages/windows/windowPlan';
import { Checkbox } from '../../ui/Checkbox';
import { LengthField, TAKEN } from '../../ui/Field';
import { Select } from '../../ui/Select';
import { Words } from '../../ui/Words';
import { listWords } from '../../messages/findingWords';
import { useRoom } from '../shell/room/RoomContext';
import { Why } from '../shell/Why';
import { clothWords } from './clothWords';
import { FoldLine } from './FoldLine';
import { useWindowActs } from './useWindowActs';

type Making = Dressing['making'];
type Props = {
  /** Where its drafts are kept. */
  draftKey: string;
  making: MakingPlan;
  /** What was chosen; a sheer has no lining. */
  chosen: Omit<Making, 'lining'> & Partial<Pick<Making, 'lining'>>;
  /** The repeat of the cloth's own pattern. */
  repeatMm: number;
  onChange: (patch: Partial<Making>) => void;
  isChosen: boolean;
  /** It ends in a second pocket instead of a hem. */
  pocketBelow?: boolean;
};

/** How the curtain is made to measure: widths, cuts, pleats, lining, and the list for the workroom. */
export function WindowMaking({ dressing: d, plan: w }: { dressing: Dressing; plan: WindowPlan }): ReactNode {
  const t = useTranslations('windows');
  const { file, look } = useRoom();
  const acts = useWindowActs(undefined, d, w);
  return (
    <>
      <MakingLines
        draftKey={`${file.room.id}-${d.id}`}
        making={w.making}
        chosen={d.making}
        repeatMm={w.repeatMm}
        onChange={(patch) => acts.set({ making: { ...d.making, ...patch } })}
        isChosen={w.chosenRoute?.kind === 'made'}
        pocketBelow={w.lowerRodMm !== null}
      />
      <p className="mt-2 flex gap-2 text-[14px]">
        {(['a4', 'letter'] as const).map((paper) => (
          <a
            key={paper}
            className="inline-flex items-center rounded-md border border-ink px-2.5 py-1 hover:bg-well"
            href={`/api/rooms/${file.room.id}/cuts.pdf?look=${look.id}&paper=${paper}`}
          >{`${t('cutList')}, ${paper === 'a4' ? 'A4' : 'Letter'}`}</a>
        ))}
      </p>
    </>
  );
}

/** The making of a layer, and what it is worked out from. */
export function MakingLines(props: Props): ReactNode {
  const t = useTranslations('windows');
  const { unit } = useRoom().file.room;
  const { making: m, isChosen, pocketBelow } = props;
  const length = (mm: number) => formatPlainLength(mm, unit);
  const bare = (mm: number) => formatBarePlainLength(mm, unit);
  return (
    <>
      {!isChosen && <p className="mb-2 text-[13px] text-soft">{t('madeOf')}</p>}
      <MakingFields {...props} />
      <FoldLine
        label={t('widths')}
        note={t('widthsIs', { perPanel: Number(m.widthsPerPanel.toFixed(2)) })}
        rule="windows.seamLoss"
      >
        {String(m.widths)}
      </FoldLine>
      <FoldLine
        label={t('cut')}
        note={t('cutIs', {
          length: bare(m.finishedMm),
          heading: bare(m.headingAllowanceMm),
          hem: bare(m.hemAllowanceMm),
          below: pocketBelow ? 'pocket' : 'hem',
          waste: m.wasteMm > 0.5 ? bare(m.wasteMm) : 'none',
        })}
        rule="windows.headingAllowance"
      >
        {length(m.cutMm)}
      </FoldLine>
      <FoldLine label={t('clothTotal')} rule="windows.clothPricePerMetre">
        {clothWords(m.totalMm, unit)}
      </FoldLine>
      {m.liningWidths > 0 && (
        <FoldLine
          label={t('liningCut')}
          note={t('liningIs', { widths: m.liningWidths, total: clothWords(m.liningTotalMm, unit) })}
          rule="windows.liningShorter"
        >
          {length(m.liningCutMm)}
        </FoldLine>
      )}
      <Pleats making={m} />
      <FoldLine label={t('letDown2')} rule="windows.leastHem">
        {m.letDownMm > 0.5 ? length(m.letDownMm) : t('noLetDown')}
      </FoldLine>
    </>
  );
}

/** What the making is worked out from: the cloth's width and repeat, its lining. */
function MakingFields({ draftKey, chosen, repeatMm, onChange }: Props): ReactNode {
  const t = useTranslations('windows');
  const { file, rules } = useRoom();
  const { unit } = file.room;
  return (
    <div className="mb-2 grid grid-cols-2 gap-x-4 gap-y-2">
      <LengthField
        label={t('clothWidth')}
        draftKey={`${draftKey}-clothWidth`}
        valueMm={chosen.clothWidthMm ?? rules.number('windows.clothWidth')}
        unit={plainUnit(unit)}
        onCommit={(mm) => {
          if (mm < 100) return { took: false, message: t('clothRefused') };
          onChange({ clothWidthMm: mm });
          return TAKEN;
        }}
        onClear={() => onChange({ clothWidthMm: null })}
      >
        <Why rule="windows.clothWidth" />
      </LengthField>
      <LengthField
        label={t('repeat')}
        draftKey={`${draftKey}-repeat`}
        valueMm={chosen.repeatMm ?? repeatMm}
        unit={plainUnit(unit)}
        onCommit={(mm) => {
          onChange({ repeatMm: mm });
          return TAKEN;
        }}
        onClear={() => onChange({ repeatMm: null })}
      />
      {chosen.lining && (
        <Select
          label={t('lining')}
          value={chosen.lining}
          options={(['none', 'lining', 'interlining', 'blackout'] as const).map((l) => ({
            value: l,
            label: t(`linings.${l}`),
          }))}
          onChange={(lining) => onChange({ lining })}
        />
      )}
      <Checkbox checked={chosen.halfDrop} onChange={(checked) => onChange({ halfDrop: checked })}>
        {t('halfDrop')}
      </Checkbox>
    </div>
  );
}

const panelsOf = (numbers: readonly number[]) => ({
  panels: listWords(numbers.map(String)),
  count: numbers.length,
});

/** The pleats: how many, how far apart, and where to mark them on the flat cloth. */
function Pleats({ making: m }: { making: WindowPlan['making'] }): ReactNode {
  const t = useTranslations('windows');
  const { unit } = useRoom().file.room;
  const length = (mm: number) => formatPlainLength(mm, unit);
  const bare = (mm: number) => formatBarePlainLength(mm, unit);
  return (
    <>
      {m.pleated.map((p) => (
        <Fragment key={p.numbers[0]}>
          <FoldLine
            label={m.pleated.length > 1 ? t('pleatsOf', panelsOf(p.numbers)) : t('pleats')}
            note={t('pleatsIs', {
              spaces: p.spaces,
              space: length(p.spaceMm),
              cloth: length(p.clothPerPleatMm),
            })}
            rule="windows.pleatSpacing"
          >
            {String(p.pleats)}
          </FoldLine>
          <p className="py-1 text-[13px] leading-relaxed text-soft">
            <b className="font-semibold text-ink">{t('pleatMarks')}</b>{' '}
            <Words>{p.marks.map((x) => `${bare(x.flatFromMm)}–${bare(x.flatToMm)}`).join(' · ')}</Words>
          </p>
        </Fragment>
      ))}
      {m.handPleats && (
        <FoldLine
          label={t('handPleats')}
          note={t('handPleatsIs', {
            bunches: m.handPleats.bunches,
            least: m.handPleats.least,
            most: m.handPleats.most,
          })}
          rule="windows.handPleatBunches"
        >{`${m.handPleats.least}–${m.handPleats.most}`}</FoldLine>
      )}
    </>
  );
}
