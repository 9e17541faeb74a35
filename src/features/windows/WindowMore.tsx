'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatBareLength, formatLength } from '../../core/base/length';
import type { LengthUnit } from '../../core/base/units';
import type { Dressing } from '../../core/model/types';
import type { WindowPlan } from '../../core/stages/windows/windowPlan';
import type { RuleId } from '../../core/rules/table';
import { massWords, sagWords } from '../../messages/findingWords';
import { Pick } from '../../ui/Choice';
import { LengthField, NumberField, TAKEN } from '../../ui/Field';
import { Fold } from '../../ui/Fold';
import { Words } from '../../ui/Words';
import { useRoom } from '../shell/room/RoomContext';
import { Why } from '../shell/Why';
import { moneyWords } from './RouteList';
import { Together } from './Together';
import { useWindowActs } from './useWindowActs';

const percent = (share: number): string => `${Math.round(share * 100)}%`;
const clothWords = (mm: number, unit: LengthUnit): string =>
  unit === 'cm' ? `${(mm / 1000).toFixed(1)} m` : `${(mm / 914.4).toFixed(1)} yd`;
const newtonWords = (n: number): string => n.toFixed(n < 10 ? 1 : 0);

/** One amount of a fold, with its why. */
function Line({
  label,
  children,
  note,
  rule,
}: {
  label: string;
  children: string;
  note?: string | undefined;
  rule?: RuleId | null;
}): ReactNode {
  return (
    <div className="grid grid-cols-[1fr_auto] items-baseline gap-x-3 border-t border-line py-1 text-[14px] first:border-t-0">
      <span className="leading-snug">
        <Words>{label}</Words>
        {note && (
          <span className="block text-[13px] text-soft">
            <Words>{note}</Words>
          </span>
        )}
      </span>
      <span className="whitespace-nowrap text-right">
        <b className="font-semibold">
          <Words>{children}</Words>
        </b>
        {rule && (
          <>
            {' '}
            <Why rule={rule} />
          </>
        )}
      </span>
    </div>
  );
}

/**
 * What a dressed window does: ways for all windows together, light and privacy, rod and hardware, the making,
 * the sound of the room.
 */
export function WindowMore({
  dressing: d,
  plan: w,
  local,
}: {
  dressing: Dressing;
  plan: WindowPlan;
  local: boolean;
}): ReactNode {
  const t = useTranslations('windows');
  const { file, plan } = useRoom();
  const { unit } = file.room;
  const seconds = (s: number) => s.toFixed(2);
  return (
    <div className="mt-5 border-t-2 border-ink">
      {!local && <Together dressing={d} plan={w} />}
      {!w.shower && (
        <Fold title={t('light')} says={t('lightSays', { now: percent(w.light.now) })}>
          {() => <Light dressing={d} plan={w} />}
        </Fold>
      )}
      <Fold
        title={t('rodFold')}
        says={t('rodSays', {
          mass: massWords(w.rod.load.massG, unit),
          sag: sagWords(w.rod.load.sagMm, unit),
        })}
      >
        {() => <Rod dressing={d} plan={w} />}
      </Fold>
      {!w.shower && (
        <Fold
          title={t('madeFold')}
          says={t('madeSays', { widths: w.making.widths, total: clothWords(w.making.totalMm, unit) })}
        >
          {() => <Made dressing={d} plan={w} />}
        </Fold>
      )}
      {!local && (
        <Fold
          title={t('echo')}
          says={t('echoSays', { from: seconds(plan.echo.bareS.hz500), to: seconds(plan.echo.nowS.hz500) })}
        >
          {() => <Echo />}
        </Fold>
      )}
    </div>
  );
}

function Light({ dressing: d, plan: w }: { dressing: Dressing; plan: WindowPlan }): ReactNode {
  const t = useTranslations('windows');
  const { file } = useRoom();
  const acts = useWindowActs(undefined, d, w);
  const { light } = w;
  const seen = (p: 'hidden' | 'seen' | null) => (p === 'hidden' ? t('hiddenWord') : t('seenWord'));
  const rows = [
    { label: t('lightOpen'), share: light.open, day: 'seen' as const, lamp: 'seen' as const },
    ...(light.sheerOnly === null
      ? []
      : [{ label: t('lightSheer'), share: light.sheerOnly, day: light.sheerByDay, lamp: light.sheerByLamp }]),
    { label: t('lightDrawn'), share: light.drawn, day: light.drawnByDay, lamp: light.drawnByLamp },
  ];
  return (
    <>
      <table className="w-full text-[14px]">
        <thead>
          <tr className="text-right font-narrow text-[13px] text-soft">
            <th className="text-left font-normal">
              <span className="sr-only">{t('drawn')}</span>
            </th>
            <th className="font-normal">{t('daylight')}</th>
            <th className="font-normal">
              {t('byDay')} <Why rule="windows.hidesByDay" />
            </th>
            <th className="font-normal">
              {t('byLamp')} <Why rule="windows.hidesByLamp" />
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map((r) => (
            <tr key={r.label} className="border-t border-line text-right">
              <th className="py-1 text-left font-normal">{r.label}</th>
              <td className="font-semibold">{percent(r.share)}</td>
              <td>{seen(r.day)}</td>
              <td>{seen(r.lamp)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="mt-2 grid grid-cols-2 items-end gap-x-4">
        <NumberField
          label={t('lightShare')}
          draftKey={`${file.room.id}-${d.id}-light`}
          value={Math.round(w.passes.main * 100)}
          examples="30"
          within={[0, 100]}
          onCommit={(n) => {
            acts.set({ lightShare: n / 100 });
            return TAKEN;
          }}
          onClear={() => acts.set({ lightShare: null })}
        >
          <Why rule={w.rulesUsed.light} />
        </NumberField>
        <p className="text-[13px] leading-snug text-soft">{t('ofBare')}</p>
      </div>
    </>
  );
}

function Rod({ dressing: d, plan: w }: { dressing: Dressing; plan: WindowPlan }): ReactNode {
  const t = useTranslations('windows');
  const { file, rules } = useRoom();
  const acts = useWindowActs(undefined, d, w);
  const { unit } = file.room;
  const { load, section } = w.rod;
  const length = (mm: number) => formatLength(mm, unit);
  const force = (n: number) =>
    t('newton', { newton: newtonWords(n), mass: massWords((n / 9.80665) * 1000, unit) });
  const price = (rule: RuleId, count: number) => moneyWords(Math.round(rules.number(rule) * count));
  const runners = d.heading === 'wave' ? t('glidersWord') : t('ringsWord');
  const hardware: [number, string, RuleId][] = [
    [w.brackets, t('bracketsWord'), 'windows.bracketPrice'],
    [w.finials, t('finialsWord'), 'windows.finialPrice'],
    [w.rings, runners, 'windows.ringPrice'],
    [w.hooks, t('hooksWord'), 'windows.hookPrice'],
  ];
  return (
    <>
      <div className="mb-2 grid grid-cols-2 gap-x-4">
        <LengthField
          label={t('diameter')}
          draftKey={`${file.room.id}-${d.id}-diameter`}
          valueMm={section.outerMm}
          unit={unit}
          onCommit={(outerMm) => {
            if (outerMm < 4 || outerMm > 200) return { took: false, message: t('diameterRefused') };
            acts.set({ rod: { ...d.rod, outerMm } });
            return TAKEN;
          }}
          onClear={() => acts.set({ rod: { ...d.rod, outerMm: null } })}
        >
          <Why rule={section.rule} />
        </LengthField>
      </div>
      <Line label={t('load')} note={`${massWords(load.clothG, unit)} ${t('clothMass')}`} rule={section.rule}>
        {massWords(load.massG, unit)}
      </Line>
      <Line
        label={t('sag')}
        note={t('sagOver', { span: length(load.spanMm), most: sagWords(load.sagMostMm, unit) })}
        rule="windows.sagMost"
      >
        {sagWords(load.sagMm, unit)}
      </Line>
      {w.returnMm > 0 && (
        <Line label={t('returnWord')} rule="windows.return">
          {length(w.returnMm)}
        </Line>
      )}
      {w.overlapMm > 0 && (
        <Line label={t('overlapWord')} rule="windows.overlap">
          {length(w.overlapMm)}
        </Line>
      )}
      {!w.shower && (
        <Line label={t('stack')} rule={w.rulesUsed.packing}>
          {length(w.stackPerSideMm)}
        </Line>
      )}
      <Line label={t('forceEnd')} rule={section.rule}>
        {force(load.endForceN)}
      </Line>
      {load.supports > 2 && (
        <Line label={t('forceCentre')} rule={section.rule}>
          {force(load.centreForceN)}
        </Line>
      )}
      {hardware
        .filter(([count]) => count > 0)
        .map(([count, what, rule]) => (
          <Line key={what} label={t('hardwareCount', { count, what })} rule={rule}>
            {price(rule, count)}
          </Line>
        ))}
      <Line
        label={`${t(`makes.${d.rod.make}`)}, ${length(w.bracketToBracketMm)}${w.rod.count > 1 ? ` × ${w.rod.count}` : ''}`}
        note={w.rod.bends > 0 ? t('bends', { count: w.rod.bends }) : undefined}
        rule="windows.rodPricePerMetre"
      >
        {price('windows.rodPricePerMetre', (w.rod.count * w.bracketToBracketMm) / 1000)}
      </Line>
      <p className="mt-1.5 text-[13px] leading-snug text-soft">{t('fixing')}</p>
    </>
  );
}

function Made({ dressing: d, plan: w }: { dressing: Dressing; plan: WindowPlan }): ReactNode {
  const t = useTranslations('windows');
  const { file, look, rules } = useRoom();
  const acts = useWindowActs(undefined, d, w);
  const { unit } = file.room;
  const m = w.making;
  const length = (mm: number) => formatLength(mm, unit);
  const bare = (mm: number) => formatBareLength(mm, unit);
  const key = (field: string) => `${file.room.id}-${d.id}-${field}`;
  const set = (patch: Partial<Dressing['making']>) => acts.set({ making: { ...d.making, ...patch } });
  return (
    <>
      {w.chosenRoute?.kind !== 'made' && <p className="mb-2 text-[13px] text-soft">{t('madeOf')}</p>}
      <div className="mb-2 grid grid-cols-2 gap-x-4 gap-y-2">
        <LengthField
          label={t('clothWidth')}
          draftKey={key('clothWidth')}
          valueMm={d.making.clothWidthMm ?? rules.number('windows.clothWidth')}
          unit={unit}
          onCommit={(mm) => {
            if (mm < 100) return { took: false, message: t('clothRefused') };
            set({ clothWidthMm: mm });
            return TAKEN;
          }}
          onClear={() => set({ clothWidthMm: null })}
        >
          <Why rule="windows.clothWidth" />
        </LengthField>
        <LengthField
          label={t('repeat')}
          draftKey={key('repeat')}
          valueMm={d.making.repeatMm ?? w.repeatMm}
          unit={unit}
          onCommit={(repeatMm) => {
            set({ repeatMm });
            return TAKEN;
          }}
          onClear={() => set({ repeatMm: null })}
        />
        <Pick
          label={t('lining')}
          value={d.making.lining}
          options={(['none', 'lining', 'interlining', 'blackout'] as const).map((l) => ({
            value: l,
            label: t(`linings.${l}`),
          }))}
          onChange={(lining) => set({ lining })}
        />
        <label className="flex items-end gap-2 pb-1 text-[14px]">
          <input
            type="checkbox"
            className="mb-[3px] accent-black"
            checked={d.making.halfDrop}
            onChange={(e) => set({ halfDrop: e.target.checked })}
          />
          {t('halfDrop')}
        </label>
      </div>
      <Line
        label={t('widths')}
        note={t('widthsIs', { perPanel: Number(m.widthsPerPanel.toFixed(2)) })}
        rule="windows.seamLoss"
      >
        {String(m.widths)}
      </Line>
      <Line
        label={t('cut')}
        note={t('cutIs', {
          length: bare(m.finishedMm),
          heading: bare(m.headingAllowanceMm),
          hem: bare(m.hemAllowanceMm),
          below: w.lowerRodMm === null ? 'hem' : 'pocket',
          waste: m.wasteMm > 0.5 ? bare(m.wasteMm) : 'none',
        })}
        rule="windows.headingAllowance"
      >
        {length(m.cutMm)}
      </Line>
      <Line label={t('clothTotal')} rule="windows.clothPricePerMetre">
        {clothWords(m.totalMm, unit)}
      </Line>
      {m.liningWidths > 0 && (
        <Line
          label={t('liningCut')}
          note={t('liningIs', { widths: m.liningWidths, total: clothWords(m.liningTotalMm, unit) })}
          rule="windows.liningShorter"
        >
          {length(m.liningCutMm)}
        </Line>
      )}
      {m.pleats && (
        <Line
          label={t('pleats')}
          note={t('pleatsIs', {
            spaces: m.pleats.spaces,
            space: length(m.pleats.spaceMm),
            cloth: length(m.pleats.clothPerPleatMm),
          })}
          rule="windows.pleatSpacing"
        >
          {String(m.pleats.pleats)}
        </Line>
      )}
      {m.pleats && (
        <p className="py-1 text-[13px] leading-relaxed text-soft">
          <b className="font-semibold text-ink">{t('pleatMarks')}</b>{' '}
          <Words>{m.pleats.marks.map((x) => `${bare(x.flatFromMm)}–${bare(x.flatToMm)}`).join(' · ')}</Words>
        </p>
      )}
      {m.handPleats && (
        <Line
          label={t('handPleats')}
          note={t('handPleatsIs', {
            bunches: m.handPleats.bunches,
            least: m.handPleats.least,
            most: m.handPleats.most,
          })}
          rule="windows.handPleatBunches"
        >{`${m.handPleats.least}–${m.handPleats.most}`}</Line>
      )}
      <Line label={t('letDown2')} rule="windows.leastHem">
        {m.letDownMm > 0.5 ? length(m.letDownMm) : t('noLetDown')}
      </Line>
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

function Echo(): ReactNode {
  const t = useTranslations('windows');
  const { plan, rules } = useRoom();
  const { echo } = plan;
  const rows = [
    [t('bare'), echo.bareS],
    [t('now'), echo.nowS],
    [t('lightDrawn'), echo.drawnS],
  ] as const;
  const [low, high] = rules.range('echo.wished');
  return (
    <>
      <table className="w-full text-[14px]">
        <thead>
          <tr className="text-right font-narrow text-[13px] text-soft">
            <th className="text-left font-normal">{t('echoHz')}</th>
            <th className="font-normal">500 Hz</th>
            <th className="font-normal">1 kHz</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([label, s]) => (
            <tr key={label} className="border-t border-line text-right">
              <th className="py-1 text-left font-normal">{label}</th>
              <td className="font-semibold">{`${s.hz500.toFixed(2)} s`}</td>
              <td className="font-semibold">{`${s.hz1000.toFixed(2)} s`}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-1.5 text-[13px] text-soft">
        {t('echoQuieter', { by: percent(echo.quieter) })} {t('echoWish', { low, high })}{' '}
        <Why rule="echo.wished" />
      </p>
    </>
  );
}
