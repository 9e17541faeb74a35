'use client';
import { inches, type LengthUnit, type Mm } from '../../core/base/units';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatBareSize, formatLength, formatSize, plainUnit } from '../../core/base/length';
import type { FramedPrint, Hanging, Item } from '../../core/model/types';
import type { Plan } from '../../core/plan/planLook';
import { Button } from '../../ui/Button';
import { LengthField, NumberField, TAKEN, type Answer } from '../../ui/Field';
import { Select } from '../../ui/Select';
import { Words } from '../../ui/Words';
import { itemOf, useRoom } from '../shell/room/RoomContext';
import { useStash } from '../shell/useStash';
import { Why } from '../shell/Why';
import { isOnSheet, largestSheetIn, SHEETS } from './printSheets';

/** What is in a frame: the print, its sheet, its mat, and whether its file is large enough. */
export function PrintForm({ hanging: h, item }: { hanging: Hanging; item: Item }): ReactNode {
  const t = useTranslations('walls');
  const { file, look, plan, change } = useRoom();
  const put = (print: FramedPrint | null, more: Item[] = []): void =>
    change([
      ...more.map((i) => ({ do: 'putItem' as const, item: i })),
      { do: 'putHanging', lookId: look.id, hanging: { ...h, print } },
    ]);
  if (!h.print) {
    const fits = largestSheetIn(item);
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
  // the same frame in the room's other looks, with what is in it there
  const swaps = file.looks.flatMap((l) =>
    l.hangings
      .filter((x) => x.itemId === h.itemId && x.print)
      .map((x) => ({ look: l.name, print: itemOf(file, x.print!.itemId)?.name ?? t('printNone') })),
  );
  return (
    <div className="space-y-2.5">
      <PrintFields print={print} name={h.id} put={put} />
      {found && <MatAndPixels found={found} print={print} />}
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

/** Which print, on which sheet, from which file. */
function PrintFields({
  print,
  name,
  put,
}: {
  print: FramedPrint;
  name: string;
  put: (print: FramedPrint, more?: Item[]) => void;
}): ReactNode {
  const t = useTranslations('walls');
  const { file } = useRoom();
  const unit = file.room.unit;
  const stash = useStash('art');
  const key = (field: string) => `${file.room.id}-${name}-print-${field}`;
  const sizeOf = (widthMm: Mm, heightMm: Mm) => formatBareSize(widthMm, heightMm, unit);
  const set = (patch: Partial<FramedPrint>): Answer => {
    put({ ...print, ...patch });
    return TAKEN;
  };
  const current = itemOf(file, print.itemId);
  const prints = [...(current && !stash.some((s) => s.id === current.id) ? [current] : []), ...stash];
  const chosen = SHEETS.find((s) => isOnSheet(print, s));
  const size = (mm: number, patch: Partial<FramedPrint>): Answer =>
    mm > 0 ? set(patch) : { took: false, message: t('sizeRefused') };
  return (
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
            const { elsewhere: _elsewhere, ...framed } = picked;
            put({ ...print, itemId: id }, [framed]);
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
                  label: t('sheetOwn', { size: sizeOf(print.sheetWidthMm, print.sheetHeightMm) }),
                },
              ]),
          ...SHEETS.map((s) => ({
            value: s.name,
            label: `${s.name}${/^[AB]/.test(s.name) ? `, ${sizeOf(s.widthMm, s.heightMm)}` : ' in'}`,
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
        unit={plainUnit(unit)}
        onCommit={(mm) => size(mm, { sheetWidthMm: mm })}
      />
      <LengthField
        label={`${t('sheet')}, ${t('planHeight')}`}
        draftKey={key('h')}
        valueMm={print.sheetHeightMm}
        unit={plainUnit(unit)}
        onCommit={(mm) => size(mm, { sheetHeightMm: mm })}
      />
      <NumberField
        label={t('pxWide')}
        draftKey={key('pxw')}
        value={print.pxWide}
        examples="3000"
        placeholder="–"
        range={[1, 200_000]}
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
        range={[1, 200_000]}
        whole
        onCommit={(pxHigh) => set({ pxHigh })}
        onClear={() => set({ pxHigh: null })}
      />
    </div>
  );
}

/** What pixels the print needs, and how large those that are there can be printed. */
function pixelWords(
  { needWide, needHigh, dpi, largestWidthMm, largestHeightMm }: NonNullable<Plan['prints'][number]['pixels']>,
  print: FramedPrint,
  unit: LengthUnit,
  t: ReturnType<typeof useTranslations<'walls'>>,
): string {
  const needed = Math.round((needWide / print.sheetWidthMm) * inches(1));
  const size = formatSize(largestWidthMm, largestHeightMm, unit);
  return [
    t('pxNeed', { wide: needWide, high: needHigh, dpi: needed }),
    t('pxGives', { dpi: Math.floor(dpi), size }),
  ].join('; ');
}

/** The mat's opening and what shows of it; the pixels that are needed and there. */
function MatAndPixels({ found, print }: { found: Plan['prints'][number]; print: FramedPrint }): ReactNode {
  const t = useTranslations('walls');
  const { unit } = useRoom().file.room;
  return (
    <>
      <dl className="grid grid-cols-[1fr_auto] gap-x-3 text-[14px]">
        <dt>
          {t('matOpening')} <Why rule="walls.matOverlap" />
        </dt>
        <dd className="font-semibold">
          <Words>{formatSize(found.mat.openingWidthMm, found.mat.openingHeightMm, unit)}</Words>
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
          <Words>{formatSize(found.mat.frameWidthMm, found.mat.frameHeightMm, unit)}</Words>
        </dd>
      </dl>
      {found.pixels && (
        <p className="text-[14px]">
          <Words>{`${pixelWords(found.pixels, print, unit, t)}.`}</Words> <Why rule={found.dpiBy} />
        </p>
      )}
    </>
  );
}
