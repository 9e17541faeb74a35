'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatBareLength, formatLength } from '../../core/base/length';
import type { FramedPrint, Hanging, Item } from '../../core/model/types';
import { isoSheets, INCH_SHEETS, type Sheet } from '../../core/stages/walls/prints';
import type { HangingPlan } from '../../core/stages/walls/planHanging';
import { Button } from '../../ui/Button';
import { Select } from '../../ui/Select';
import { LengthField, NumberField, TAKEN, type Answer } from '../../ui/Field';
import { Collapsible } from '../../ui/Collapsible';
import { Words } from '../../ui/Words';
import { itemOf, useRoom } from '../shell/room/RoomContext';
import { useStash } from '../shell/useStash';
import { Why } from '../shell/Why';
import { TemplateLinks } from './TemplateLinks';

const SHEETS: readonly Sheet[] = [...INCH_SHEETS, ...isoSheets('A', 6)];

/** More of a hung piece: what its glass shows, the print in its frame, its template. */
export function HangingMore({
  hanging: h,
  item,
  plan: p,
  sightFrom,
  onSight,
}: {
  hanging: Hanging;
  item: Item;
  plan: HangingPlan;
  /** The standpoint whose view is drawn. */ sightFrom: string | null;
  onSight: (fromId: string | null) => void;
}): ReactNode {
  const t = useTranslations('walls');
  const { file, plan } = useRoom();
  const sights = plan.sights.filter((s) => s.hangingId === h.id);
  const glass = item.glazed || item.kind === 'mirror';
  return (
    <div className="mt-4 border-t-2 border-ink">
      {glass && (
        <Collapsible
          title={t('glass')}
          summary={t('glassSays', { count: sights.filter((s) => s.shows.length > 0).length })}
        >
          {sights.length === 0 && <p className="text-[14px] text-soft">{t('noStand')}</p>}
          <ul className="space-y-1.5 text-[14px]">
            {sights.map((s) => (
              <li key={s.fromId} className="flex items-baseline justify-between gap-3">
                <span>
                  {t('glassFrom', {
                    from: s.fromName,
                    names: s.shows.length > 0 ? s.shows.map((x) => x.name).join(', ') : t('glassNothing'),
                  })}
                </span>
                <Button
                  small
                  className="shrink-0 whitespace-nowrap"
                  onClick={() => onSight(sightFrom === s.fromId ? null : s.fromId)}
                >
                  {sightFrom === s.fromId ? t('glassHide') : t('glassShow')}
                </Button>
              </li>
            ))}
          </ul>
        </Collapsible>
      )}
      {item.kind !== 'mirror' && item.kind !== 'wallPanel' && (
        <Collapsible
          title={t('print')}
          summary={h.print ? sheetName(h.print, file.room.unit) : t('printNone')}
        >
          {() => <PrintForm hanging={h} item={item} />}
        </Collapsible>
      )}
      {!p.leans && (
        <Collapsible title={t('template')}>{() => <TemplateLinks query={`hanging=${h.id}`} />}</Collapsible>
      )}
    </div>
  );
}

const same = (a: { sheetWidthMm: number; sheetHeightMm: number }, s: Sheet): boolean =>
  Math.abs(a.sheetWidthMm - s.widthMm) < 1 && Math.abs(a.sheetHeightMm - s.heightMm) < 1;
const sheetName = (p: FramedPrint, unit: 'in' | 'ft-in' | 'cm'): string =>
  SHEETS.find((s) => same(p, s))?.name ??
  `${formatBareLength(p.sheetWidthMm, unit)} × ${formatLength(p.sheetHeightMm, unit)}`;

function PrintForm({ hanging: h, item }: { hanging: Hanging; item: Item }): ReactNode {
  const t = useTranslations('walls');
  const { file, look, plan, change } = useRoom();
  const unit = file.room.unit;
  const stash = useStash('art');
  const key = (field: string) => `${file.room.id}-${h.id}-print-${field}`;
  const bare = (mm: number) => formatBareLength(mm, unit);
  const put = (print: FramedPrint | null, more: Item[] = []): void =>
    change([
      ...more.map((i) => ({ do: 'putItem' as const, item: i })),
      { do: 'putHanging', lookId: look.id, hanging: { ...h, print } },
    ]);
  if (!h.print) {
    // the largest usual sheet that goes into the frame
    const fits =
      SHEETS.filter(
        (s) =>
          Math.max(s.widthMm, s.heightMm) <= Math.max(item.widthMm, item.heightMm) &&
          Math.min(s.widthMm, s.heightMm) <= Math.min(item.widthMm, item.heightMm),
      ).sort((a, b) => b.widthMm * b.heightMm - a.widthMm * a.heightMm)[0] ?? SHEETS[0]!;
    return (
      <Button
        small
        onClick={() =>
          put({
            itemId: null,
            sheetWidthMm: fits.widthMm,
            sheetHeightMm: fits.heightMm,
            pxWide: null,
            pxHigh: null,
          })
        }
      >
        {t('printAdd')}
      </Button>
    );
  }
  const { print } = h;
  const found = plan.prints.find((x) => x.hangingId === h.id);
  const set = (patch: Partial<FramedPrint>): Answer => {
    put({ ...print, ...patch });
    return TAKEN;
  };
  const current = itemOf(file, print.itemId);
  const prints = [...(current && !stash.some((s) => s.id === current.id) ? [current] : []), ...stash];
  const chosen = SHEETS.find((s) => same(print, s));
  const size = (mm: number, patch: Partial<FramedPrint>): Answer =>
    mm > 0 ? set(patch) : { took: false, message: t('sizeRefused') };
  // the same frame in the room's other looks, with what is in it there
  const swaps = file.looks.flatMap((l) =>
    l.hangings
      .filter((x) => x.itemId === h.itemId && x.print)
      .map((x) => ({ look: l.name, print: itemOf(file, x.print!.itemId)?.name ?? t('printNone') })),
  );
  return (
    <div className="space-y-2.5">
      <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
        <Select
          label={t('printIn')}
          value={print.itemId ?? ''}
          options={[
            { value: '', label: t('printNone') },
            ...prints.map((s) => ({ value: s.id, label: s.name })),
          ]}
          onChange={(id) => {
            const picked = stash.find((s) => s.id === id);
            if (picked) {
              const { elsewhere: _e, ...i } = picked;
              put({ ...print, itemId: id }, [i]);
            } else put({ ...print, itemId: id || null });
          }}
        />
        <Select
          label={t('sheet')}
          value={chosen?.name ?? ''}
          options={[
            ...(chosen
              ? []
              : [
                  {
                    value: '',
                    label: t('sheetOwn', { w: bare(print.sheetWidthMm), h: bare(print.sheetHeightMm) }),
                  },
                ]),
            ...SHEETS.map((s) => ({
              value: s.name,
              label: `${s.name}${/^[AB]/.test(s.name) ? `, ${bare(s.widthMm)} × ${bare(s.heightMm)}` : ' in'}`,
            })),
          ]}
          onChange={(name) => {
            const s = SHEETS.find((x) => x.name === name);
            if (s) set({ sheetWidthMm: s.widthMm, sheetHeightMm: s.heightMm });
          }}
        />
        <LengthField
          label={`${t('sheet')}, ${t('planWidth')}`}
          draftKey={key('w')}
          valueMm={print.sheetWidthMm}
          unit={unit}
          onCommit={(mm) => size(mm, { sheetWidthMm: mm })}
        />
        <LengthField
          label={`${t('sheet')}, ${t('planHeight')}`}
          draftKey={key('h')}
          valueMm={print.sheetHeightMm}
          unit={unit}
          onCommit={(mm) => size(mm, { sheetHeightMm: mm })}
        />
        <NumberField
          label={t('pxWide')}
          draftKey={key('pxw')}
          value={print.pxWide}
          examples="3000"
          placeholder="–"
          within={[1, 200_000]}
          whole
          onCommit={(pxWide) => set({ pxWide })}
          onClear={() => set({ pxWide: null })}
        />
        <NumberField
          label={t('pxHigh')}
          draftKey={key('pxh')}
          value={print.pxHigh}
          examples="4000"
          placeholder="–"
          within={[1, 200_000]}
          whole
          onCommit={(pxHigh) => set({ pxHigh })}
          onClear={() => set({ pxHigh: null })}
        />
      </div>
      {found && (
        <dl className="grid grid-cols-[1fr_auto] gap-x-3 text-[14px]">
          <dt>
            {t('matOpening')} <Why rule="walls.matOverlap" />
          </dt>
          <dd className="font-semibold">
            <Words>{`${bare(found.mat.openingWidthMm)} × ${formatLength(found.mat.openingHeightMm, unit)}`}</Words>
          </dd>
          <dt>
            {t('matLeft')}
            <span className="block text-[13px] text-soft">
              <Words>
                {t('matLeftIs', {
                  side: formatLength(found.mat.sideMm, unit),
                  top: formatLength(found.mat.topMm, unit),
                })}
              </Words>
            </span>
          </dt>
          <dd />
          <dt>
            {t('frameFor')} <Why rule="walls.matWidth" />
          </dt>
          <dd className="font-semibold">
            <Words>{`${bare(found.mat.frameWidthMm)} × ${formatLength(found.mat.frameHeightMm, unit)}`}</Words>
          </dd>
        </dl>
      )}
      {found?.pixels && (
        <p className="text-[14px]">
          <Words>{`${t('pxNeed', { wide: found.pixels.needWide, high: found.pixels.needHigh, dpi: Math.round((found.pixels.needWide / print.sheetWidthMm) * 25.4) })}; ${t('pxGives', { dpi: Math.floor(found.pixels.dpi), size: `${bare(found.pixels.largestWidthMm)} × ${formatLength(found.pixels.largestHeightMm, unit)}` })}.`}</Words>{' '}
          <Why rule="walls.dpiRoom" />
        </p>
      )}
      {swaps.length > 0 && (
        <div className="text-[14px]">
          <h4 className="font-sans text-[13px] font-semibold">{t('swap')}</h4>
          <ul>
            {swaps.map((s) => (
              <li key={s.look}>{t('swapOf', s)}</li>
            ))}
          </ul>
        </div>
      )}
      <p className="text-[13px] text-soft">{t('swapMat')}</p>
      <Button small onClick={() => put(null)}>
        {t('printRemove')}
      </Button>
    </div>
  );
}
